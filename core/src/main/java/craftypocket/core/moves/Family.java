package craftypocket.core.moves;

/** The families of moves, in the order of the catalogue. */
public enum Family {
    CUTS("Cuts"),
    SHUFFLES("Shuffles"),
    SELECTIONS("Selections and returns"),
    GLIMPSES("Glimpses"),
    HANDLING("Handling packets"),
    COUNTS("Counts and displays"),
    REVEALS("Reveals");

    private final String label;

    Family(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
