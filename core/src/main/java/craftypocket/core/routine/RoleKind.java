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

    /** What is meant by the letter that a move usually names: K is a key, F a force card, S a slug, J and L are helpers. */
    public static RoleKind ofLetter(String letter) {
        return switch (letter) {
            case "K" -> KEY;
            case "F" -> FORCE;
            case "S" -> SLUG;
            case "J", "L" -> HELPER;
            default -> SELECTION;
        };
    }

    RoleKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
