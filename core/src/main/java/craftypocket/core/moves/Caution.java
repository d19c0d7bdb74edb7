package craftypocket.core.moves;

/** What to take care of, beside the cards. */
public enum Caution {
    TRIMMING("Trimming a card: cut away from your fingers, keep blades from children, and use a deck of your own."),
    WAGER("A wager is theatre: play for nothing, and follow the law of the place on gambling."),
    BORROWED(
            "Ask before you touch anybody, their phone or their wallet. Never fold, sign or trim a borrowed card without"
                    + " leave."),
    SALT("Keep salt off eyes, food and electronics."),
    LONG_PRACTICE("This takes long practice: rest the hands, stop at pain, and see somebody about it if it lasts.");

    private final String text;

    Caution(String text) {
        this.text = text;
    }

    public String text() {
        return text;
    }
}
