package craftypocket.core.cards;

/** Something about a card by which a hand or an eye finds it again. */
public enum Mark {
    SHORT("short", true),
    CRIMPED("crimped", true),
    THICK("thick", true),
    CORNER("bent corner", true),
    DOTTED("pencil-dotted", false),
    SALTED("salted", false),
    SIGNED("signed", false);

    private final String label;
    private final boolean felt;

    Mark(String label, boolean felt) {
        this.label = label;
        this.felt = felt;
    }

    public String label() {
        return label;
    }

    /** Whether fingers find it without looking. */
    public boolean felt() {
        return felt;
    }

    /** The bit of this mark in a set of marks. */
    public int bit() {
        return 1 << ordinal();
    }
}
