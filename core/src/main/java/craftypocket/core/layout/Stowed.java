package craftypocket.core.layout;

/**
 * Where the things lie, and between which cards of a slot: a thing has some cards of its place above it, and things with
 * the same cards above them lie in the order of their ranks.
 *
 * <p>It is a section of the bytes of {@link Hands}: for each thing its place + 1, the number of cards above it, its rank,
 * whether it is closed, and the card written on it + 1, 0 when none was.
 */
final class Stowed {

    private static final int BYTES = 5;

    private final byte[] state;
    private final int things;
    private final int placeAt;
    private final int aboveAt;
    private final int rankAt;
    private final int closedAt;
    private final int writtenAt;

    Stowed(int things, byte[] state, int at) {
        this.state = state;
        this.things = things;
        placeAt = at;
        aboveAt = placeAt + things;
        rankAt = aboveAt + things;
        closedAt = rankAt + things;
        writtenAt = closedAt + things;
    }

    /** How many bytes it takes. */
    static int bytes(int things) {
        return BYTES * things;
    }

    /** Writes what is written on things where the cards have these numbers. */
    void rename(byte[] into, byte[] renamed) {
        for (int thing = 0; thing < things; thing++) {
            if (written(thing) >= 0) {
                into[writtenAt + thing] = (byte) (renamed[written(thing)] + 1);
            }
        }
    }

    int place(int thing) {
        return state[placeAt + thing] - 1;
    }

    int above(int thing) {
        return state[aboveAt + thing];
    }

    int rank(int thing) {
        return state[rankAt + thing];
    }

    boolean closed(int thing) {
        return state[closedAt + thing] != 0;
    }

    void close(int thing, boolean closed) {
        state[closedAt + thing] = (byte) (closed ? 1 : 0);
    }

    /** The card that was written on a thing on the way, or -1. */
    int written(int thing) {
        return state[writtenAt + thing] - 1;
    }

    /** Cards that were written on some thing are no longer like others. */
    void distinct(boolean[] cards) {
        for (int thing = 0; thing < things; thing++) {
            if (written(thing) >= 0) {
                cards[written(thing)] = true;
            }
        }
    }

    void write(int thing, int card) {
        state[writtenAt + thing] = (byte) (card + 1);
    }

    /** Puts a thing below some cards of a place, and below those things there whose rank is less. */
    void put(int thing, int place, int above, int rank) {
        for (int other = 0; other < things; other++) {
            if (other != thing && place(other) == place && rank(other) >= rank) {
                state[rankAt + other]++;
            }
        }
        state[placeAt + thing] = (byte) (place + 1);
        state[aboveAt + thing] = (byte) above;
        state[rankAt + thing] = (byte) rank;
        squeeze(place);
    }

    /** Ranks stay small: those of one place are counted anew from 0. */
    private void squeeze(int place) {
        int next = 0;
        for (int thing = leastFrom(next, place); thing >= 0; thing = leastFrom(next, place)) {
            state[rankAt + thing] = (byte) next++;
        }
    }

    private int leastFrom(int rank, int place) {
        int least = -1;
        for (int thing = 0; thing < things; thing++) {
            if (place(thing) == place && rank(thing) >= rank && (least < 0 || rank(thing) < rank(least))) {
                least = thing;
            }
        }
        return least;
    }

    /** Exchanges the places of two things, each with all it holds. */
    void swap(int one, int other) {
        for (int at = placeAt; at <= rankAt; at += things) {
            byte kept = state[at + one];
            state[at + one] = state[at + other];
            state[at + other] = kept;
        }
    }

    /** Follows a block of cards from one place to another. */
    void follow(int from, int depth, int count, int to, int into) {
        for (int thing = 0; thing < things; thing++) {
            int above = above(thing);
            if (place(thing) == from && above > depth) {
                above -= Math.min(count, above - depth);
            }
            if (place(thing) == to && above > into) {
                above += count;
            }
            state[aboveAt + thing] = (byte) above;
        }
    }

    /** Cards that came in below so many lie above the things there from a rank on. */
    void sink(int place, int into, int count, int rank) {
        for (int thing = 0; thing < things; thing++) {
            if (place(thing) == place && above(thing) == into && rank(thing) >= rank) {
                state[aboveAt + thing] += (byte) count;
            }
        }
    }
}
