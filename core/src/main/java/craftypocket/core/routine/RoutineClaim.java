package craftypocket.core.routine;

import craftypocket.core.claims.ClaimSpec;

/**
 * What must be true at a step of a routine.
 *
 * @param id told apart by it from the other claims
 * @param after the id of the step after which it must be true; empty for the end
 * @param claim what must be true
 */
public record RoutineClaim(String id, String after, ClaimSpec claim) {}
