package craftypocket.core.layout;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;

/**
 * What the performer has lived through, as one number: two ways in which it is the same look alike to him. And for each role at
 * which moments he saw the face of its card: a moment is one face that was seen, counted in the order in which they came.
 *
 * <p>It is a section of the bytes of {@link Hands}: the number, how many faces were seen, and for each role a bit for each of
 * them. The first bit stands for the set-up, which names a card.
 */
final class Lived {

    /** So many faces can be kept apart at first, and so many when these were too few: what is seen beyond them is forgotten. */
    static final int FEW = Long.SIZE - 1;

    static final int MANY = 4 * Long.SIZE - 1;

    private static final VarHandle LONGS = MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);
    private static final VarHandle SHORTS =
            MethodHandles.byteArrayViewVarHandle(short[].class, ByteOrder.LITTLE_ENDIAN);
    private static final long MIX = 0x9e3779b97f4a7c15L;
    private static final long OTHER_MIX = 0xff51afd7ed558ccdL;

    private final byte[] state;
    private final int at;
    private final int roles;
    private final int most;
    private boolean tooMany;

    /** @param most how many faces can be kept apart; 0 where nothing is lived through */
    Lived(byte[] state, int at, int roles, int most) {
        this.state = state;
        this.at = at;
        this.roles = roles;
        this.most = most;
    }

    static int bytes(int roles, int most) {
        return most == 0 ? 0 : Long.BYTES + Short.BYTES + roles * words(most) * Long.BYTES;
    }

    private static int words(int most) {
        return (most + 1) / Long.SIZE;
    }

    boolean follows() {
        return most > 0;
    }

    int most() {
        return most;
    }

    /** The number: the same in ways that look alike. */
    long number() {
        return (long) LONGS.get(state, at);
    }

    /** The set-up names the cards of these roles, a bit each. */
    void begin(int named) {
        LONGS.set(state, at, MIX);
        SHORTS.set(state, at + Long.BYTES, (short) 1);
        for (int role = 0; role < roles; role++) {
            for (int word = 0; word < words(most); word++) {
                LONGS.set(state, wordAt(role, word), word == 0 ? named >>> role & 1L : 0);
            }
        }
    }

    /** Lives through something more; 0 is nothing. */
    void add(long what) {
        if (most > 0 && what != 0) {
            long number = (number() ^ what * OTHER_MIX) * MIX;
            LONGS.set(state, at, (number ^ number >>> 32) + 1);
        }
    }

    /** Sees a face, that of the card of these roles, a bit each. */
    void face(int mine) {
        int seen = (short) SHORTS.get(state, at + Long.BYTES);
        if (seen > most) {
            tooMany = true;
            return;
        }
        SHORTS.set(state, at + Long.BYTES, (short) (seen + 1));
        for (int role = 0; role < roles; role++) {
            if ((mine >>> role & 1) != 0) {
                int word = wordAt(role, seen / Long.SIZE);
                LONGS.set(state, word, (long) LONGS.get(state, word) | 1L << seen % Long.SIZE);
            }
        }
    }

    /** A role's card is another one now: that of other roles perhaps, a bit each, at which it was seen. */
    void become(int role, int others) {
        for (int word = 0; word < words(most) && most > 0; word++) {
            long seen = 0;
            for (int other = 0; other < roles; other++) {
                seen |= (others >>> other & 1) != 0 && other != role ? faces(other, word) : 0;
            }
            LONGS.set(state, wordAt(role, word), seen);
        }
    }

    /** It is another number from now on. Of the faces only these are kept, a bit each, in their order; null for all. */
    void become(long number, long[] kept) {
        LONGS.set(state, at, number);
        if (kept == null) {
            return;
        }
        int words = words(most);
        long[] old = new long[roles * words];
        for (int i = 0; i < old.length; i++) {
            old[i] = faces(i / words, i % words);
            LONGS.set(state, wordAt(i / words, i % words), 0L);
        }
        int seen = 0;
        // There may be room for more faces here than where they were found.
        for (int face = 0; face < Math.min(words, kept.length) * Long.SIZE; face++) {
            if ((kept[face / Long.SIZE] >>> face & 1) != 0) {
                for (int role = 0; role < roles; role++) {
                    long bit = old[role * words + face / Long.SIZE] >>> face & 1;
                    int word = wordAt(role, seen / Long.SIZE);
                    LONGS.set(state, word, (long) LONGS.get(state, word) | bit << seen % Long.SIZE);
                }
                seen++;
            }
        }
        SHORTS.set(state, at + Long.BYTES, (short) seen);
    }

    /** How many words say at which moments a role's card was seen. */
    int words() {
        return words(most);
    }

    /** At which moments the face of a role's card was seen, a bit each. */
    long faces(int role, int word) {
        return (long) LONGS.get(state, wordAt(role, word));
    }

    private int wordAt(int role, int word) {
        return at + Long.BYTES + Short.BYTES + (role * words(most) + word) * Long.BYTES;
    }

    /** Whether more faces were seen than can be kept apart. */
    boolean tooMany() {
        return tooMany;
    }
}
