package craftypocket.core.evening;

import java.util.Set;

/**
 * Something that these people have seen before.
 *
 * @param title what it was called
 * @param method what it mainly worked by
 * @param forced the codes of the cards that were forced
 * @param when the day, in words
 */
public record SeenBefore(String title, Method method, Set<String> forced, String when) {

    public SeenBefore {
        forced = Set.copyOf(forced);
    }
}
