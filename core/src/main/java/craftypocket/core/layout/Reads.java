package craftypocket.core.layout;

import java.util.BitSet;

/**
 * What of a surface is kept apart only for who asks: from where roles were taken; which cards come from the upper packet of a
 * riffle that is not squared yet; and of each number that was noted, on which side of a bound it lies. “Was it 3 to 5” asks for
 * the bounds 3 and 6, and so whether it was 4 or 5 is not kept apart.
 */
public final class Reads {

    /** A noted number is less than this. */
    private static final int NUMBERS = 1 << Byte.SIZE - 1;

    private boolean origins;
    private boolean packets;
    /** By note, {@value #NUMBERS} bits each: the bounds. */
    private final BitSet bounds = new BitSet();

    /** Everything is kept apart. */
    public static Reads everything() {
        Reads all = numbers();
        all.askOrigins();
        all.askPackets();
        return all;
    }

    /** Each number that was noted is kept apart, and nothing else. */
    public static Reads numbers() {
        Reads all = new Reads();
        all.bounds.set(0, (Byte.MAX_VALUE + 1) * NUMBERS);
        return all;
    }

    boolean origins() {
        return origins;
    }

    void askOrigins() {
        origins = true;
    }

    boolean packets() {
        return packets;
    }

    void askPackets() {
        packets = true;
    }

    /** It was asked what number was noted. */
    void askNumber(int note) {
        bounds.set(note * NUMBERS, (note + 1) * NUMBERS);
    }

    /** It was asked whether the number that was noted is this or a higher one. */
    void askBound(int note, int bound) {
        bounds.set(note * NUMBERS + Math.max(0, Math.min(NUMBERS - 1, bound)));
    }

    /** A number that lies on the same side of each bound, and is the same for all that do. */
    int alike(int note, int number) {
        return Math.max(0, bounds.previousSetBit(note * NUMBERS + number) - note * NUMBERS);
    }

    /** Whether there is nothing more in it than in this. */
    public boolean covers(Reads other) {
        for (int bound = other.bounds.nextSetBit(0); bound >= 0; bound = other.bounds.nextSetBit(bound + 1)) {
            if (!bounds.get(bound)) {
                return false;
            }
        }
        return (origins || !other.origins) && (packets || !other.packets);
    }

    /** Keeps apart what another one does, too. */
    public void add(Reads other) {
        origins |= other.origins;
        packets |= other.packets;
        bounds.or(other.bounds);
    }

    void clear() {
        origins = false;
        packets = false;
        bounds.clear();
    }
}
