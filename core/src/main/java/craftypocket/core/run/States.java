package craftypocket.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The states that are reached at one moment, each once, with where the roles lie in it. */
final class States {

    private record Key(byte[] bytes, int hash) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key key && key.hash == hash && Arrays.equals(key.bytes, bytes);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    private final Map<Key, Integer> numbers = new HashMap<>();
    private final List<byte[]> bytes = new ArrayList<>();
    private final List<int[]> spots = new ArrayList<>();

    /** The number of a state, or -1 when it is new. */
    int find(byte[] state) {
        return numbers.getOrDefault(new Key(state, Arrays.hashCode(state)), -1);
    }

    /** Adds a new state, of which a copy is kept. */
    int add(byte[] state, int[] rolesAt) {
        byte[] kept = state.clone();
        numbers.put(new Key(kept, Arrays.hashCode(kept)), bytes.size());
        bytes.add(kept);
        spots.add(rolesAt);
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
        numbers.clear();
        bytes.clear();
    }
}
