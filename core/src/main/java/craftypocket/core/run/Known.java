package craftypocket.core.run;

import craftypocket.core.layout.Knowing;

/** What the performer knows at a moment, in all ways that look alike to him. */
public interface Known extends Knowing {

    /** How many cards the number that he would say may be off at most, counted from the nearer end; for cards in one pile. */
    int within(int role);

    /** The roles of whose cards he knows the names, a bit each. */
    int names();

    @Override
    default boolean name(int role) {
        return (names() >>> role & 1) != 0;
    }
}
