package craftypocket.core.run;

import craftypocket.core.read.Choice;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * One way everything can go: a number for each choice.
 *
 * @param numbers by {@linkplain Choice#key() key}; a choice that is missing takes its usual number
 */
public record World(Map<String, Integer> numbers) {

    /** The world in which every choice is as usual. */
    public static final World USUAL = new World(Map.of());

    public World {
        numbers = Collections.unmodifiableMap(new TreeMap<>(numbers));
    }
}
