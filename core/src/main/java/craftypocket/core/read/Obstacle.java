package craftypocket.core.read;

import craftypocket.core.moves.Need;
import java.util.Optional;

/**
 * Why a step cannot be done.
 *
 * @param reason in the performer's words
 * @param mend what would help
 * @param unknown what the performer would have to know, when it is that
 */
public record Obstacle(String reason, String mend, Optional<Need.Knowledge> unknown) {

    public Obstacle(String reason, String mend) {
        this(reason, mend, Optional.empty());
    }

    static Obstacle of(Need need) {
        return new Obstacle(need.reason(), need.mend(), need.knowledge());
    }
}
