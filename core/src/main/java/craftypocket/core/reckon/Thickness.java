package craftypocket.core.reckon;

/** How thick cards lie: a pack of 52 is about 15 to 16 mm, from memory. */
public final class Thickness {

    private Thickness() {}

    /** What one card measures, from the thickness of a whole pack. */
    public static double ofCard(double packMillimetres, int cards) {
        return packMillimetres / cards;
    }

    /** How many cards a block of this thickness has, to the nearest card. */
    public static int cards(double millimetres, double card) {
        return (int) Math.round(millimetres / card);
    }

    /** How thick so many cards lie, in millimetres. */
    public static double of(int cards, double card) {
        return cards * card;
    }
}
