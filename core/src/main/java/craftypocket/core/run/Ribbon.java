package craftypocket.core.run;

import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Slot;
import java.util.ArrayList;
import java.util.List;

/**
 * A block of neighbouring cards that went from one layout to the next together.
 *
 * @param from where it lay
 * @param fromPosition the position of its uppermost card there
 * @param to where it lies
 * @param toPosition the position of its uppermost card there
 * @param length how many cards
 * @param turned whether it was turned over, so that its order is reversed too
 */
public record Ribbon(Place from, int fromPosition, Place to, int toPosition, int length, boolean turned) {

    /** More than the cards of any pile, so that the last of one pile and the first of the next are no neighbours. */
    private static final int PILE_APART = 1000;

    /** The largest blocks into which the cards fall between two layouts, in the order of the first. */
    public static List<Ribbon> between(Layout before, Layout after) {
        // By card: pile and position as one number, so that neighbours differ by one; less than nothing where it lies
        // face up.
        int[] spotOf = new int[Slot.MOST_CARDS];
        for (int index = 0; index < after.piles().size(); index++) {
            byte[] slots = after.piles().get(index).slots();
            for (int i = 0; i < slots.length; i++) {
                int spot = index * PILE_APART + i + 1;
                spotOf[Slot.card(slots[i])] = Slot.faceUp(slots[i]) ? -spot : spot;
            }
        }
        List<Ribbon> ribbons = new ArrayList<>();
        for (Pile pile : before.piles()) {
            byte[] slots = pile.slots();
            int first = 0;
            while (first < slots.length) {
                int spot = landed(spotOf, slots[first]);
                boolean turned = spot < 0;
                int length = 1;
                // What is turned over runs the other way, and less than nothing it counts up as well.
                while (first + length < slots.length && landed(spotOf, slots[first + length]) == spot + length) {
                    length++;
                }
                spot = Math.abs(spot);
                int top = spot % PILE_APART - (turned ? length - 1 : 0);
                Place to = after.piles().get(spot / PILE_APART).place();
                ribbons.add(new Ribbon(pile.place(), first + 1, to, top, length, turned));
                first += length;
            }
        }
        return ribbons;
    }

    /** Where a card lies now; negative if it was turned over since. */
    private static int landed(int[] spotOf, byte slot) {
        int spot = spotOf[Slot.card(slot)];
        return Slot.faceUp(slot) ? -spot : spot;
    }
}
