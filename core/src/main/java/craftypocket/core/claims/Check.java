package craftypocket.core.claims;

import craftypocket.core.layout.Hands;

/** Something that is true of a layout or not. Must not allocate: a survey asks it in every world. */
@FunctionalInterface
public interface Check {
    boolean holds(Hands hands);
}
