package craftypocket.core.moves;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Values;

/**
 * What becomes of a move whose secret part does not come off: the top card that does not slip, the block that is not kept. It
 * is tried when the cards do not lie in the end as they should.
 *
 * @param told what happened, after the name of the step: “the top card did not slip”
 * @param done what the hands do instead, where the move can be done
 */
public record Mishap(String told, Done done) {

    /** What the hands do. */
    @FunctionalInterface
    public interface Done {
        void on(Hands hands, Values values);
    }
}
