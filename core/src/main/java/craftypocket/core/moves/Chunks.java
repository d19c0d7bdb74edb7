package craftypocket.core.moves;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Amount;
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
            kept |= at >= 1 && at <= count && staysKnown(values, chunks, at, count) ? 1 << role : 0;
        }
        hands.overhandRoughly(place, depth, count, values.chunks(chunks), kept);
    }

    /** The sizes where the last chunk takes more cards with it. */
    public static int[] withMore(int[] sizes, int more) {
        int[] larger = sizes.clone();
        int last = larger.length - 1;
        while (last > 0 && larger[last] == 0) {
            last--;
        }
        larger[last] += more;
        return larger;
    }

    /** It is known if its chunk and all before it are stated, or its chunk and all after it where a rest takes up the others. */
    private static boolean staysKnown(Values values, ChunksSetting chunks, int at, int count) {
        int stated = values.statedCount(chunks);
        int passed = 0;
        for (int chunk = 0; chunk < stated && values.exactBetween(chunks, chunk, chunk + 1); chunk++) {
            passed += values.chosen(chunks, chunk);
        }
        if (at <= passed) {
            return true;
        }
        if (values.restOf(chunks) < 0 || mostOf(values, chunks) > count) {
            return false;
        }
        int behind = 0;
        for (int chunk = stated - 1;
                chunk > values.restOf(chunks) && values.exactBetween(chunks, chunk, chunk + 1);
                chunk--) {
            behind += values.chosen(chunks, chunk);
        }
        return at > count - behind;
    }

    /** How many cards the chunks beside the rest can be. */
    private static int mostOf(Values values, ChunksSetting chunks) {
        int most = 0;
        for (Amount amount : values.stated(chunks)) {
            most += amount.kind() == Amount.Kind.ANY ? Amount.MOST : amount.high();
        }
        return most;
    }
}
