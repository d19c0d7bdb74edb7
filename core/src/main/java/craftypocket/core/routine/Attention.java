package craftypocket.core.routine;

/**
 * Where the eyes are: before a step, while it is done, after it; and what covers it.
 *
 * @param before where the performer looks just before, such as a glance at the gap; {@link Look#AS_TAUGHT} for nowhere in particular
 * @param first where the performer looks while it is done, and people with him
 * @param then where he looks when it is done; {@link Look#AS_TAUGHT} for nowhere in particular
 * @param cover the id of the step whose action draws the eyes while this one is done; empty for none
 */
public record Attention(Look before, Look first, Look then, String cover) {

    /** The eyes where the move has them. */
    public static final Attention AS_TAUGHT = new Attention(Look.AS_TAUGHT, Look.AS_TAUGHT, Look.AS_TAUGHT, "");

    /** Without a look before it. */
    public Attention(Look first, Look then, String cover) {
        this(Look.AS_TAUGHT, first, then, cover);
    }

    /** Whether the eyes are led away from the hands while it is done or after it. */
    public boolean leadsAway() {
        return first.away() || then.away();
    }
}
