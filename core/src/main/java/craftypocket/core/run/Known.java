package craftypocket.core.run;

import craftypocket.core.layout.Knowing;
import java.util.Optional;

/** What the performer knows at a moment, in all ways that look alike to him. */
public interface Known extends Knowing {

    /** How many cards the number that he would say may be off at most, counted from the nearer end; for cards in one pile. */
    int within(int role);

    /** The number of a card from the top of its pile; 0 where that is not known. */
    int fromTop(int role);

    /** Its number from the bottom; 0 where that is not known. */
    int fromBottom(int role);

    /** Whether its face is up; nothing where that is not known. */
    Optional<Boolean> faceUp(int role);

    /** The roles of whose cards he knows the names, a bit each. */
    int names();

    @Override
    default boolean name(int role) {
        return (names() >>> role & 1) != 0;
    }
}
