package craftypocket.core.routine;

/** What people insist on, so that the main line cannot go on as it was meant. */
public enum Occasion {
    CUTTING("they insist on cutting"),
    SHUFFLING("they insist on shuffling"),
    HOLDING("they insist on holding the deck"),
    PICKING_AGAIN("they insist on picking again"),
    OTHER("something else comes up");

    private final String label;

    Occasion(String label) {
        this.label = label;
    }

    /** Goes on from “if”. */
    public String label() {
        return label;
    }
}
