package craftypocket.core.cards;

import java.util.Locale;

/**
 * The measures of a card.
 *
 * @param width in millimetres
 * @param height in millimetres
 */
public record CardSize(double width, double height) {

    /** 2.5 by 3.5 inches, from memory. */
    public static final CardSize POKER = new CardSize(63.5, 88.9);

    /** 2.25 by 3.5 inches, from memory. */
    public static final CardSize BRIDGE = new CardSize(57.2, 88.9);

    /** Folded once, across its height. */
    public CardSize halved() {
        return new CardSize(width, height / 2);
    }

    /** Folded in quarters. */
    public CardSize folded() {
        return new CardSize(width / 2, height / 2);
    }

    /** The measures in words. */
    public String millimetres() {
        return String.format(Locale.ROOT, "%.1f × %.1f mm", width, height);
    }
}
