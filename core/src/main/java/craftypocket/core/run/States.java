package craftypocket.core.run;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The states that are reached at one moment, each once, with where the roles lie in it. */
final class States {

    private static final VarHandle EIGHT_BYTES =
            MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);

    private static final long MIX = 0x9e3779b97f4a7c15L;

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
        int at = hash(state) & (table.length - 1);
        while (table[at] != NONE && !Arrays.equals(bytes.get(table[at]), state)) {
            at = (at + 1) & (table.length - 1);
        }
        return at;
    }

    /** Eight bytes at a time: a state has hundreds, and this is done for every way that leads to it. */
    private static int hash(byte[] state) {
        long hash = state.length;
        long other = 0;
        int i = 0;
        // Two at once, as neither has to wait for the other.
        for (; i + 2 * Long.BYTES <= state.length; i += 2 * Long.BYTES) {
            hash = (hash ^ (long) EIGHT_BYTES.get(state, i)) * MIX;
            hash ^= hash >>> 29;
            other = (other ^ (long) EIGHT_BYTES.get(state, i + Long.BYTES)) * MIX;
            other ^= other >>> 29;
        }
        hash ^= Long.rotateLeft(other, 17);
        for (; i < state.length; i++) {
            hash = (hash ^ state[i]) * MIX;
        }
        return (int) (hash >>> Integer.SIZE);
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
