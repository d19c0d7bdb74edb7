package craftypocket.core.routine;

/** Why a card is followed. */
public enum RoleKind {
    SELECTION("selection"),
    KEY("key"),
    FORCE("force card"),
    /** A known group of cards that keeps together; its letter goes with the first of them. */
    SLUG("slug"),
    HELPER("helper");

    private final String label;

    RoleKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
