package craftypocket.e2e;

import java.util.Collections;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Questions that take as long as they are let. */
final class Heavy {

    private Heavy() {}

    /** A survey of a hundred messy shuffles in 24 rough blocks each, which only a sample can judge; another one for each number. */
    static String survey(int number) {
        String chunks = "%d-%d ".formatted(1 + number / 20 % 5, 6 + number % 20)
                + String.join(" ", Collections.nCopies(23, "1-3"));
        String steps = IntStream.range(0, 100)
                .mapToObj(i -> "{\"id\": \"s%d\", \"move\": \"messy\", \"settings\": {\"blocks\": \"%s\"}}"
                        .formatted(i, chunks))
                .collect(Collectors.joining(","));
        return "{\"routine\": {\"format\": \"crafty-pocket/routine\", \"version\": 1, \"title\": \"Heavy\","
                + " \"setUp\": {\"pack\": \"52\"}, \"roles\": [], \"steps\": [" + steps + "], \"claims\": []},"
                + " \"computation\": \"heavy-" + number + "\"}";
    }
}
