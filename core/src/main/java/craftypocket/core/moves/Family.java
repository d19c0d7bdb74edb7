package craftypocket.core.moves;

/** The families of moves, in the order of the catalogue. */
public enum Family {
    CUTS("Cuts"),
    SHUFFLES("Shuffles"),
    SELECTIONS("Selections and returns"),
    CONTROLS("Controls"),
    FORCES("Forces"),
    GLIMPSES("Glimpses"),
    HANDLING("Handling packets"),
    COUNTS("Counts, displays, switches"),
    LOADS("Leaving the deck"),
    THINGS("Things beside the cards"),
    REVEALS("Reveals"),
    BESIDE("Words, gestures, pauses"),
    OWN("Your own moves");

    private final String label;

    Family(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
