package craftypocket.bench;

import craftypocket.core.rehearse.Evenness;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Prints in how many of the sounds that {@code ear.figures.ts} heard the beat that is early or late is named as it was made. Each
 * line is what was around, the beat, how far it was off, and the times of the try; without times it could not be judged.
 */
public final class NamedBeats {

    private NamedBeats() {}

    public static void main(String[] args) throws IOException {
        Map<String, int[]> counts = new LinkedHashMap<>();
        for (String line : Files.readAllLines(Path.of(args[0]))) {
            String[] words = line.strip().split(" ");
            int[] count = counts.computeIfAbsent(words[0], around -> new int[3]);
            List<Double> times =
                    Arrays.stream(words).skip(3).map(Double::valueOf).toList();
            count[0]++;
            if (!times.isEmpty()) {
                count[1]++;
                count[2] += named(times, Integer.parseInt(words[1]), Double.parseDouble(words[2])) ? 1 : 0;
            }
        }
        counts.forEach((around, count) -> System.out.printf(
                "FIGURE | named: %s | %d of %d tries, %d could be judged |%n", around, count[2], count[0], count[1]));
    }

    private static boolean named(List<Double> times, int beat, double by) {
        return Stream.of(Evenness.of(List.of(times), 0))
                .flatMap(found -> found.off().stream().limit(1))
                .anyMatch(off -> off.beat() == beat && Math.signum(off.by()) == Math.signum(by));
    }
}
