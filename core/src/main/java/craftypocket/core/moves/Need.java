package craftypocket.core.moves;

import craftypocket.core.claims.Check;

/**
 * What must be true before a move.
 *
 * @param check the condition
 * @param reason why the step is broken when it is not true, in the performer's words
 * @param mend what would help
 */
public record Need(Check check, String reason, String mend) {}
