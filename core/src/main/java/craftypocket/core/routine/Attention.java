package craftypocket.core.routine;

/**
 * Where the eyes are while a step is done, in two phases, and what covers it.
 *
 * @param first where the performer looks first, and people with him
 * @param then where he looks in the second phase; {@link Look#AS_TAUGHT} for no second phase
 * @param cover the id of the step whose action draws the eyes while this one is done; empty for none
 */
public record Attention(Look first, Look then, String cover) {

    /** The eyes where the move has them. */
    public static final Attention AS_TAUGHT = new Attention(Look.AS_TAUGHT, Look.AS_TAUGHT, "");

    /** Whether the eyes are led away from the hands in either phase. */
    public boolean leadsAway() {
        return first.away() || then.away();
    }
}
