package craftypocket.core.routine;

import craftypocket.core.claims.ClaimSpec;
import java.util.Map;
import java.util.Optional;

/**
 * A move in a routine.
 *
 * @param id told apart by it from the other steps; stays when steps are moved
 * @param move the id of the move
 * @param settings the texts of its settings; what is missing is as usual
 * @param onlyIf done only where this is true beforehand
 * @param attention where the eyes are meanwhile, and what covers it
 * @param audience what it is to those who watch
 */
public record Step(
        String id,
        String move,
        Map<String, String> settings,
        Optional<ClaimSpec> onlyIf,
        Attention attention,
        Audience audience) {

    public Step {
        settings = Map.copyOf(settings);
    }

    /** A step that is to people what its move is. */
    public Step(String id, String move, Map<String, String> settings, Optional<ClaimSpec> onlyIf, Attention attention) {
        this(id, move, settings, onlyIf, attention, Audience.AS_TAUGHT);
    }

    /** A step with the eyes where the move has them. */
    public Step(String id, String move, Map<String, String> settings, Optional<ClaimSpec> onlyIf) {
        this(id, move, settings, onlyIf, Attention.AS_TAUGHT);
    }

    /** A plain step from pairs of setting names and values. */
    public static Step of(String id, String move, String... pairs) {
        return new Step(id, move, ClaimSpec.of(move, pairs).settings(), Optional.empty());
    }

    /** The same, with the eyes elsewhere. */
    public Step looking(Look where) {
        return with(new Attention(attention.before(), where, attention.then(), attention.cover()));
    }

    public Step with(Attention other) {
        return new Step(id, move, settings, onlyIf, other, audience);
    }

    /** The same with other settings. */
    public Step with(Map<String, String> others) {
        return new Step(id, move, others, onlyIf, attention, audience);
    }

    /** The same, done only where a claim is true. */
    public Step onlyIf(ClaimSpec claim) {
        return new Step(id, move, settings, Optional.of(claim), attention, audience);
    }

    /** The same, taken for something by those who watch. */
    public Step with(Audience other) {
        return new Step(id, move, settings, onlyIf, attention, other);
    }
}
