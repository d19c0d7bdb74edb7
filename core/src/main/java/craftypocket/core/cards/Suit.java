package craftypocket.core.cards;

import java.util.Locale;

/** The four suits, in the order of the Unicode block Playing Cards. */
public enum Suit {
    SPADES('S', '♠', 0x1F0A0),
    HEARTS('H', '♥', 0x1F0B0),
    DIAMONDS('D', '♦', 0x1F0C0),
    CLUBS('C', '♣', 0x1F0D0);

    private final char letter;
    private final char pip;
    private final int unicodeBase;

    Suit(char letter, char pip, int unicodeBase) {
        this.letter = letter;
        this.pip = pip;
        this.unicodeBase = unicodeBase;
    }

    /** The letter used in written orders: {@code S H D C}. */
    public char letter() {
        return letter;
    }

    /** The suit sign, such as {@code ♣}. */
    public char pip() {
        return pip;
    }

    /** Whether its pips are red. */
    public boolean red() {
        return this == HEARTS || this == DIAMONDS;
    }

    /** The English name, such as {@code clubs}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The code point that precedes this suit's ace. */
    int unicodeBase() {
        return unicodeBase;
    }
}
