package craftypocket.core.run;

import java.util.Arrays;
import java.util.Map;

/**
 * Surfaces that are the same but for the order of the block that is shuffled: twelve cards on the table, in any order.
 *
 * @param surface with the cards to follow first in the block
 * @param state from which such a surface is reached
 * @param chosen with which numbers
 * @param call how many blocks were shuffled before in this step
 * @param followed how many cards are to be followed
 * @param counts whether how many cards chunks took or turned over is told, too
 * @param order how cards of an order fall with it; null where there are none, or nobody knows
 * @param nodes by how they have to fall and by cell, its states
 */
record ShuffledBlock(
        byte[] surface,
        int state,
        int[] chosen,
        int call,
        int place,
        int depth,
        int count,
        int followed,
        boolean counts,
        OrderFall order,
        Map<Falling, int[]> nodes) {

    /** How many places its followed cards have. */
    int cells() {
        return scale(followed);
    }

    /** The same, with how many cards the chunks took or turned over, or how many of an order come between two. */
    int room() {
        return cells() * (counts ? count + 1 : tellsOrder() ? order.numbers() : 1);
    }

    /** In how many of these its cards can lie, as no two lie at one place. */
    int possible() {
        int possible = room() / cells();
        for (int card = 0; card < followed; card++) {
            possible *= count - card;
        }
        return possible;
    }

    /** Whether it falls at once, however often, and how many cards of an order come between the two that are followed is told. */
    boolean tellsOrder() {
        return order != null && followed == 2 && order.comes();
    }

    /** How much a place of one of its followed cards counts for a cell. */
    int scale(int card) {
        int scale = 1;
        for (int i = 0; i < card; i++) {
            scale *= count;
        }
        return scale;
    }

    /** By cell, the state in which its cards lie there and have still to fall like this; -1 for none. */
    int[] nodes(Falling falling) {
        return nodes.computeIfAbsent(falling, any -> none(room()));
    }

    /** Room for the number of a state by cell, where there is none yet. */
    static int[] none(int size) {
        int[] none = new int[size];
        Arrays.fill(none, -1);
        return none;
    }
}
