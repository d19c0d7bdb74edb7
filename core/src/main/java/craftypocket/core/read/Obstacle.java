package craftypocket.core.read;

import craftypocket.core.moves.Need;

/**
 * Why a step cannot be done.
 *
 * @param reason in the performer's words
 * @param mend what would help, as {@link craftypocket.core.moves.Advice} is written
 * @param open whether it only is not filled in yet
 * @param hold whether something is held no longer, or not yet
 */
public record Obstacle(String reason, String mend, boolean open, boolean hold) {

    public Obstacle(String reason, String mend) {
        this(reason, mend, false, false);
    }

    /** A setting that is not filled in. */
    static Obstacle gap(String reason) {
        return new Obstacle(reason, "Open the step and fill it in.", true, false);
    }

    static Obstacle of(Need need) {
        return new Obstacle(need.reason(), need.mend(), false, need.hold());
    }

    /** The same with one more sentence in its reason. */
    public Obstacle adding(String sentence) {
        return new Obstacle(reason + " " + sentence, mend, open, hold);
    }
}
