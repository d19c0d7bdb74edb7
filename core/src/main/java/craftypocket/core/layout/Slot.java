package craftypocket.core.layout;

/** One card as it lies, in one byte: the card's number in the pack, and the sign bit set when it lies face up. */
public final class Slot {

    /** The side takes one bit of eight. */
    public static final int MOST_CARDS = 128;

    private Slot() {}

    public static byte of(int card, boolean faceUp) {
        return (byte) (faceUp ? card | 0x80 : card);
    }

    public static int card(byte slot) {
        return slot & 0x7f;
    }

    public static boolean faceUp(byte slot) {
        return slot < 0;
    }

    public static byte turned(byte slot) {
        return (byte) (slot ^ 0x80);
    }
}
