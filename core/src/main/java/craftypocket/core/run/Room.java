package craftypocket.core.run;

import java.util.function.BooleanSupplier;

/**
 * The memory that a survey takes of what all surveys under way share. Whoever is alone may take what its own limits let it; where
 * the memory of all is too little, the one that finds it so gives back all that it took, waits until others are over, and begins
 * anew. So nobody waits who holds what another one waits for.
 */
final class Room implements AutoCloseable {

    /** Of all memory, so much is for surveys: cells of eight bytes. */
    private static final double FOR_SURVEYS = 0.6;

    private static final Shared SHARED =
            new Shared((long) (Runtime.getRuntime().maxMemory() * FOR_SURVEYS) / Long.BYTES);

    private static final int ASK_AGAIN_MS = 20;

    /** What all of them share. */
    static final class Shared {
        private final long cells;
        private long taken;

        Shared(long cells) {
            this.cells = cells;
        }

        /** @param mine how many of those that are taken are of whoever asks */
        private synchronized boolean take(long more, long mine) {
            boolean fits = taken + more <= cells || taken == mine;
            taken += fits ? more : 0;
            return fits;
        }

        private synchronized void giveBack(long some) {
            taken -= some;
            notifyAll();
        }

        private synchronized boolean awaits(long wanted, BooleanSupplier givesUp) {
            try {
                while (taken + wanted > cells && taken > 0 && !givesUp.getAsBoolean()) {
                    wait(ASK_AGAIN_MS);
                }
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
                return false;
            }
            return !givesUp.getAsBoolean();
        }
    }

    private final Shared shared;
    private long taken;
    /** How many cells it wanted and did not get; 0 for none. */
    private long refused;

    Room() {
        this(SHARED);
    }

    Room(Shared shared) {
        this.shared = shared;
    }

    /** Takes so many cells more; false where others have too many. */
    boolean take(long cells) {
        if (!shared.take(cells, taken)) {
            refused = taken + cells;
            return false;
        }
        taken += cells;
        return true;
    }

    /** Whether it was refused what it wanted. */
    boolean refused() {
        return refused > 0;
    }

    /**
     * Gives back what was taken, and waits until there is room for what was refused.
     *
     * @param givesUp asked again and again meanwhile
     * @return false when it was given up
     */
    boolean awaits(BooleanSupplier givesUp) {
        long wanted = refused;
        empty();
        refused = 0;
        return shared.awaits(wanted, givesUp);
    }

    /** Nothing of what was taken is kept: it begins anew. */
    void empty() {
        shared.giveBack(taken);
        taken = 0;
    }

    @Override
    public void close() {
        empty();
    }
}
