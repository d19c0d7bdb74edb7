package craftypocket.core.run;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;

/**
 * The memory that a survey takes of what all surveys share. Small ones take it as they need it; of those that need much only so
 * many go on at a time as there is memory for, and the others wait until one of them is over.
 */
final class Room implements AutoCloseable {

    /** Cells of eight bytes that any survey may take. */
    private static final long SMALL = 1_000_000;

    /** What the largest take, in bytes: places and chances of a few shuffles one after another. */
    private static final long LARGE = 400_000_000;

    /** Those that waited longest go on first. */
    private static final Semaphore LARGE_ONES =
            new Semaphore((int) Math.max(1, Runtime.getRuntime().maxMemory() / LARGE), true);

    private static final int ASK_AGAIN_MS = 10;

    private final Semaphore shared;
    private long taken;
    private boolean large;

    Room() {
        this(LARGE_ONES);
    }

    /** @param shared as many as may be large at a time */
    Room(Semaphore shared) {
        this.shared = shared;
    }

    /** Nothing of what was taken is kept: it begins anew. */
    void empty() {
        taken = 0;
    }

    /**
     * Takes so many cells more, if need be after waiting for others.
     *
     * @param givesUp asked again and again meanwhile
     * @return false when it was given up before there was room
     */
    boolean take(long cells, BooleanSupplier givesUp) {
        taken += cells;
        while (taken > SMALL && !large) {
            try {
                large = shared.tryAcquire(ASK_AGAIN_MS, TimeUnit.MILLISECONDS);
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
                return false;
            }
            if (!large && givesUp.getAsBoolean()) {
                return false;
            }
        }
        return true;
    }

    @Override
    public void close() {
        if (large) {
            shared.release();
            large = false;
        }
    }
}
