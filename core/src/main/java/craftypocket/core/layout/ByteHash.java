package craftypocket.core.layout;

import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;

/** A number that tells hundreds of bytes from others. */
public final class ByteHash {

    private static final VarHandle EIGHT_BYTES =
            MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);

    private static final long MIX = 0x9e3779b97f4a7c15L;

    private ByteHash() {}

    /** Eight bytes at a time: a state has hundreds, and this is done for every way that leads to it. */
    public static long of(byte[] bytes, int from, int to) {
        long hash = to - from;
        long other = 0;
        int i = from;
        // Two at once, as neither has to wait for the other.
        for (; i + 2 * Long.BYTES <= to; i += 2 * Long.BYTES) {
            hash = (hash ^ (long) EIGHT_BYTES.get(bytes, i)) * MIX;
            hash ^= hash >>> 29;
            other = (other ^ (long) EIGHT_BYTES.get(bytes, i + Long.BYTES)) * MIX;
            other ^= other >>> 29;
        }
        hash ^= Long.rotateLeft(other, 17);
        for (; i < to; i++) {
            hash = (hash ^ bytes[i]) * MIX;
        }
        return hash;
    }
}
