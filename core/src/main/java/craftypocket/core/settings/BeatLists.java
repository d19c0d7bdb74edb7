package craftypocket.core.settings;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The ways in which a packet can be counted in so many beats, the plainest first. */
public final class BeatLists {

    /** Longer counts have more ways than anybody waits for. */
    public static final int MOST_BEATS = 5;

    private static final List<String> FIRST = List.of("peel", "draw", "all-but");
    private static final List<String> NEXT = List.of("peel", "draw", "under-peel", "under-all-but", "all-but");
    private static final List<String> LAST =
            Stream.concat(NEXT.stream(), Stream.of("rest")).toList();

    private BeatLists() {}

    /** All ways of a count of so many beats, from 2 to {@link #MOST_BEATS}; none of any other number. */
    public static List<String> of(int beats) {
        if (beats < 2 || beats > MOST_BEATS) {
            return List.of();
        }
        List<String> ways = FIRST;
        for (int beat = 2; beat <= beats; beat++) {
            ways = with(ways, beat == beats ? LAST : NEXT);
        }
        return ways.stream()
                .sorted(Comparator.comparingInt(BeatLists::sleights))
                .toList();
    }

    private static List<String> with(List<String> ways, List<String> beats) {
        List<String> longer = new ArrayList<>();
        for (String way : ways) {
            beats.forEach(beat -> longer.add(way + " " + beat));
        }
        return longer;
    }

    /** How many of its beats are not what they seem. */
    private static int sleights(String way) {
        int sleights = 0;
        for (String beat : way.split(" ")) {
            sleights += beat.equals("peel") ? 0 : beat.equals("draw") ? 1 : 2;
        }
        return sleights;
    }
}
