package craftypocket.core.layout;

/** What is done to a card for good: it has to be replaced before the next table. */
public enum Spoilt {
    SIGNED("signed"),
    FOLDED("folded"),
    /** Salt that was on it is off: it is as before. */
    BRUSHED("brushed off");

    private final String word;

    Spoilt(String word) {
        this.word = word;
    }

    /** Whether it cannot be undone. */
    public boolean forGood() {
        return this != BRUSHED;
    }

    int bit() {
        return 1 << ordinal();
    }

    public String word() {
        return word;
    }
}
