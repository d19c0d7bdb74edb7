package craftypocket.core.read;

import craftypocket.core.moves.Need;
import java.util.Optional;

/**
 * Why a step cannot be done.
 *
 * @param reason in the performer's words
 * @param mend what would help
 * @param open whether it only is not filled in yet
 * @param unknown what the performer would have to know, when it is that
 * @param hold whether something is held no longer, or not yet
 */
public record Obstacle(String reason, String mend, boolean open, Optional<Need.Knowledge> unknown, boolean hold) {

    public Obstacle(String reason, String mend) {
        this(reason, mend, false, Optional.empty(), false);
    }

    /** A setting that is not filled in. */
    static Obstacle gap(String reason) {
        return new Obstacle(reason, "Open the step and fill it in.", true, Optional.empty(), false);
    }

    static Obstacle of(Need need) {
        return new Obstacle(need.reason(), need.mend(), false, need.knowledge(), need.hold());
    }

    /** The same with one more sentence in its reason. */
    public Obstacle adding(String sentence) {
        return new Obstacle(reason + " " + sentence, mend, open, unknown, hold);
    }
}
