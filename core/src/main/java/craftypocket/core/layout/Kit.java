package craftypocket.core.layout;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.Mark;
import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import java.util.Arrays;

/**
 * What never changes about the cards of a routine, ready to be asked in every world.
 *
 * @param pack the cards
 * @param marks by card, the bits of its {@linkplain Mark marks}
 * @param backs by card, bit 0 when its front is a back, bit 1 when its back is one; bits 2 and 3 when it is the usual one
 * @param slugs by role, the cards of its slug in order; just nothing for a role of one card
 */
public record Kit(Pack pack, byte[] marks, byte[] backs, int[][] slugs) {

    /** Regular cards without marks, and roles of one card each. */
    public static Kit plain(int cards, int roles) {
        return of(Pack.packet(cards), new byte[cards], new int[roles][0]);
    }

    /** The cards of a pack. */
    public static Kit of(Pack pack, byte[] marks, int[][] slugs) {
        byte[] backs = new byte[pack.size()];
        for (int number = 0; number < backs.length; number++) {
            Card card = pack.card(number);
            backs[number] = (byte) ((card.front().isBack() ? 1 : 0)
                    | (card.back().isBack() ? 2 : 0)
                    | (card.front().equals(Side.USUAL_BACK) ? 4 : 0)
                    | (card.back().equals(Side.USUAL_BACK) ? 8 : 0));
        }
        return new Kit(pack, marks, backs, slugs);
    }

    int cards() {
        return pack.size();
    }

    boolean marked(int card, Mark mark) {
        return (marks[card] & mark.bit()) != 0;
    }

    boolean felt(int card) {
        for (Mark mark : FELT) {
            if (marked(card, mark)) {
                return true;
            }
        }
        return false;
    }

    /** Whether seeing this side tells which card it is. */
    boolean tells(int card, boolean front) {
        return (backs[card] & (front ? 1 : 2)) == 0;
    }

    /** Whether this side is the back that the pack has unless it says otherwise. */
    boolean usualBack(int card, boolean front) {
        return (backs[card] & (front ? 4 : 8)) != 0;
    }

    private static final Mark[] FELT =
            Arrays.stream(Mark.values()).filter(Mark::felt).toArray(Mark[]::new);
}
