package craftypocket.core.moves;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.Values;

/** What all shuffles in chunks share. */
public final class Chunks {

    private Chunks() {}

    /** The sizes in this world, when their cards do not just land one on another; the performer knows them or guesses. */
    public static int[] of(Hands hands, Values values, ChunksSetting chunks) {
        if (!values.allExact(chunks)) {
            hands.guess();
        }
        return values.chunks(chunks);
    }

    /**
     * Shuffles the {@code count} cards below {@code depth} overhand, and keeps the place of a role exactly known only
     * where the stated chunks allow it: a card of chunk i ends at its place less the chunks before plus the chunks after,
     * which is known when all chunks up to its own, or all from its own on, were stated exactly.
     */
    public static void shuffle(Hands hands, Values values, int place, ChunksSetting chunks, int depth, int count) {
        if (values.allExact(chunks)) {
            hands.overhand(place, depth, count, values.chunks(chunks));
            return;
        }
        int kept = 0;
        for (int role = 0; role < hands.roleCount(); role++) {
            boolean counted = hands.countedIn(place, role);
            int at = counted ? hands.positionIn(place, hands.cardOf(role)) - depth : 0;
            kept |= at >= 1 && at <= count && staysKnown(values, chunks, at) ? 1 << role : 0;
        }
        hands.overhandRoughly(place, depth, count, values.chunks(chunks));
        for (int role = 0; role < hands.roleCount(); role++) {
            if ((kept & 1 << role) != 0) {
                hands.settlePlace(role);
            }
        }
    }

    private static boolean staysKnown(Values values, ChunksSetting chunks, int at) {
        int[] sizes = values.chunks(chunks);
        int chunk = 0;
        int passed = 0;
        while (passed + sizes[chunk] < at) {
            passed += sizes[chunk++];
        }
        // From the end it is known only where a rest takes up what the others leave: else the last chunk does.
        return values.exactBetween(chunks, 0, chunk + 1)
                || (values.restOf(chunks) >= 0 && values.exactBetween(chunks, chunk, sizes.length));
    }
}
