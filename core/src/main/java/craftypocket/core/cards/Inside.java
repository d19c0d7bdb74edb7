package craftypocket.core.cards;

import java.util.Optional;

/**
 * The room inside a holder of cards.
 *
 * @param wide across its mouth, in millimetres; 0 while nobody measured it
 * @param high from the mouth to its end, in millimetres; 0 while nobody measured it
 * @param openMouth whether it stays open, so that what is too long sticks out
 */
public record Inside(double wide, double high, boolean openMouth) {

    /** How a card goes into a holder. */
    public enum Fit {
        /** Wholly inside. */
        FLAT,
        /** It goes in, and sticks out at the mouth. */
        STICKS_OUT,
        /** It does not go in. */
        NOT,
        /** Nobody measured the holder, or nobody said how large the cards are. */
        NOT_MEASURED
    }

    /** Whether its measures are known. */
    public boolean measured() {
        return wide > 0 && high > 0;
    }

    /** How a card goes in, upright or lying, whichever is better. */
    public Fit fit(Optional<CardSize> card) {
        if (!measured() || card.isEmpty()) {
            return Fit.NOT_MEASURED;
        }
        double out = sticksOut(card.get());
        return out == 0 ? Fit.FLAT : out < Double.POSITIVE_INFINITY ? Fit.STICKS_OUT : Fit.NOT;
    }

    /** By how many millimetres a card sticks out at the mouth; 0 when it is wholly inside, infinite when it does not go in. */
    public double sticksOut(CardSize card) {
        return Math.min(beyond(card.width(), card.height()), beyond(card.height(), card.width()));
    }

    private double beyond(double across, double along) {
        double out = Math.max(0, along - high);
        return across > wide || (out > 0 && !openMouth) ? Double.POSITIVE_INFINITY : out;
    }

    /** The measures in words. */
    public String millimetres() {
        return (measured() ? number(wide) + " × " + number(high) + " mm" : "not measured")
                + (openMouth ? ", open at the mouth" : "");
    }

    private static String number(double millimetres) {
        return millimetres == Math.rint(millimetres) ? String.valueOf((long) millimetres) : String.valueOf(millimetres);
    }
}
