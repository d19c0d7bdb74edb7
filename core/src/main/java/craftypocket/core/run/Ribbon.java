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
        // By card: pile and position as one number, so that neighbours differ by one; and the slot as it lies.
        int[] spotOf = new int[Slot.MOST_CARDS];
        byte[] slotOf = new byte[Slot.MOST_CARDS];
        for (int index = 0; index < after.piles().size(); index++) {
            byte[] slots = after.piles().get(index).slots();
            for (int i = 0; i < slots.length; i++) {
                spotOf[Slot.card(slots[i])] = index * PILE_APART + i + 1;
                slotOf[Slot.card(slots[i])] = slots[i];
            }
        }
        List<Ribbon> ribbons = new ArrayList<>();
        for (Pile pile : before.piles()) {
            byte[] slots = pile.slots();
            int first = 0;
            while (first < slots.length) {
                int spot = spotOf[Slot.card(slots[first])];
                boolean turned = slotOf[Slot.card(slots[first])] != slots[first];
                int direction = turned ? -1 : 1;
                int length = 1;
                while (first + length < slots.length) {
                    byte next = slots[first + length];
                    byte landed = slotOf[Slot.card(next)];
                    if (spotOf[Slot.card(next)] != spot + direction * length || (landed != next) != turned) {
                        break;
                    }
                    length++;
                }
                int top = spot % PILE_APART - (turned ? length - 1 : 0);
                Place to = after.piles().get(spot / PILE_APART).place();
                ribbons.add(new Ribbon(pile.place(), first + 1, to, top, length, turned));
                first += length;
            }
        }
        return ribbons;
    }
}
