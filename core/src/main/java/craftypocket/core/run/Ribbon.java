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

    /** The largest blocks into which the cards fall between two layouts, in the order of the first. */
    public static List<Ribbon> between(Layout before, Layout after) {
        int[] pileOf = new int[Slot.MOST_CARDS];
        int[] positionOf = new int[Slot.MOST_CARDS];
        boolean[] faceUp = new boolean[Slot.MOST_CARDS];
        for (int index = 0; index < after.piles().size(); index++) {
            Pile pile = after.piles().get(index);
            for (int position = 1; position <= pile.size(); position++) {
                int card = pile.card(position);
                pileOf[card] = index;
                positionOf[card] = position;
                faceUp[card] = pile.faceUp(position);
            }
        }
        List<Ribbon> ribbons = new ArrayList<>();
        for (Pile pile : before.piles()) {
            int first = 1;
            while (first <= pile.size()) {
                int card = pile.card(first);
                boolean turned = faceUp[card] != pile.faceUp(first);
                int direction = turned ? -1 : 1;
                int length = 1;
                while (first + length <= pile.size()) {
                    int next = pile.card(first + length);
                    boolean together = pileOf[next] == pileOf[card]
                            && positionOf[next] == positionOf[card] + direction * length
                            && (faceUp[next] != pile.faceUp(first + length)) == turned;
                    if (!together) {
                        break;
                    }
                    length++;
                }
                int top = turned ? positionOf[card] - length + 1 : positionOf[card];
                Place to = after.piles().get(pileOf[card]).place();
                ribbons.add(new Ribbon(pile.place(), first, to, top, length, turned));
                first += length;
            }
        }
        return ribbons;
    }
}
