package craftypocket.core.claims;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Values;

/** Something that is true of a layout or not. Must not allocate: a survey asks it in every world. */
@FunctionalInterface
public interface Check {
    boolean holds(Hands hands);

    /** The same where it depends on the numbers of its step in this world, too. */
    default boolean holds(Hands hands, Values world) {
        return holds(hands);
    }
}
