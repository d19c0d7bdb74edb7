package craftypocket.core.moves;

import craftypocket.core.claims.Check;
import java.util.Optional;

/**
 * What must be true before a move.
 *
 * @param check the condition
 * @param reason why the step is broken when it is not true, in the performer's words
 * @param mend what would help, as {@link Advice} is written
 * @param knowledge what the performer must know, when the need is one of knowing
 * @param hold whether it is that something is held
 */
public record Need(Check check, String reason, String mend, Optional<Knowledge> knowledge, boolean hold) {

    /**
     * Something that the performer must know of a role.
     *
     * @param name whether it is the name of its card; otherwise where the card lies
     * @param role the role's index
     */
    public record Knowledge(boolean name, int role) {}

    public Need(Check check, String reason, String mend) {
        this(check, reason, mend, Optional.empty(), false);
    }

    public Need(Check check, String reason, String mend, Knowledge knowledge) {
        this(check, reason, mend, Optional.of(knowledge), false);
    }

    /** Something must be held. */
    static Need held(Check check, String reason, String mend) {
        return new Need(check, reason, mend, Optional.empty(), true);
    }
}
