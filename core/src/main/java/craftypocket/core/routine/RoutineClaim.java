package craftypocket.core.routine;

import craftypocket.core.claims.ClaimSpec;

/**
 * What must be true at a step of a routine, or what people are led to believe there, true or not.
 *
 * @param id told apart by it from the other claims
 * @param after the id of the step after which it must be true, or is believed; empty for the end
 * @param claim what must be true, or is believed
 * @param believed whether people only believe it
 */
public record RoutineClaim(String id, String after, ClaimSpec claim, boolean believed) {

    /** What must be true. */
    public RoutineClaim(String id, String after, ClaimSpec claim) {
        this(id, after, claim, false);
    }
}
