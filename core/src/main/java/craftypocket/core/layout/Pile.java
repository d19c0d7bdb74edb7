package craftypocket.core.layout;

/**
 * The cards at one place, top first as they lie. Immutable.
 *
 * @param place where it lies
 * @param slots one byte a card, as {@link Slot} describes; never handed out to be changed
 */
public record Pile(Place place, byte[] slots) {

    public int size() {
        return slots.length;
    }

    /** The card number at a position, 1 being the top. */
    public int card(int position) {
        return Slot.card(slots[position - 1]);
    }

    /** The position of a card, or 0 when it is not here. */
    public int positionOf(int card) {
        for (int i = 0; i < slots.length; i++) {
            if (Slot.card(slots[i]) == card) {
                return i + 1;
            }
        }
        return 0;
    }

    /** Whether the card at a position, 1 being the top, lies face up. */
    public boolean faceUp(int position) {
        return Slot.faceUp(slots[position - 1]);
    }
}
