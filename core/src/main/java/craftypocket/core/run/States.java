package craftypocket.core.run;

import craftypocket.core.layout.ByteHash;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The states that are reached at one moment, each once, with where the roles lie in it. */
final class States {

    private static final int NONE = -1;

    private final List<byte[]> bytes = new ArrayList<>();
    private final List<int[]> spots = new ArrayList<>();
    /** By hash, the number of a state, or of none: a table that is never more than half full, with the next free place taken. */
    private int[] table = empty(64);

    private static int[] empty(int size) {
        int[] table = new int[size];
        Arrays.fill(table, NONE);
        return table;
    }

    /** The number of a state, or -1 when it is new. */
    int find(byte[] state) {
        return table[at(state)];
    }

    private int at(byte[] state) {
        int at = (int) (ByteHash.of(state, 0, state.length) >>> Integer.SIZE) & (table.length - 1);
        while (table[at] != NONE && !Arrays.equals(bytes.get(table[at]), state)) {
            at = (at + 1) & (table.length - 1);
        }
        return at;
    }

    /** Adds a new state, of which a copy is kept. */
    int add(byte[] state, int[] rolesAt) {
        byte[] kept = state.clone();
        bytes.add(kept);
        spots.add(rolesAt);
        if (2 * bytes.size() > table.length) {
            table = empty(2 * table.length);
            for (int number = 0; number < bytes.size(); number++) {
                table[at(bytes.get(number))] = number;
            }
        } else {
            table[at(kept)] = bytes.size() - 1;
        }
        return bytes.size() - 1;
    }

    int size() {
        return spots.size();
    }

    byte[] bytes(int state) {
        return bytes.get(state);
    }

    /** By role, its {@linkplain craftypocket.core.layout.Hands#spotOf spot}; -1 for none. */
    int[] spots(int state) {
        return spots.get(state);
    }

    /** What is needed no more once the step after it is done. */
    void forgetBytes() {
        bytes.clear();
        table = empty(1);
    }
}
