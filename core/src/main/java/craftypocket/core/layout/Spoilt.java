package craftypocket.core.layout;

/** What is done to a card for good: it has to be replaced before the next table. */
public enum Spoilt {
    SIGNED("signed"),
    FOLDED("folded");

    private final String word;

    Spoilt(String word) {
        this.word = word;
    }

    int bit() {
        return 1 << ordinal();
    }

    public String word() {
        return word;
    }
}
