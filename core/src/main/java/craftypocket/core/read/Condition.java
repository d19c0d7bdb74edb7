package craftypocket.core.read;

import craftypocket.core.claims.Check;

/**
 * Something that a survey judges: a claim of the routine, an expectation of a move, or that a step can be done.
 *
 * @param kind which of these
 * @param id the claim's id, or the step's
 * @param step the index of the step that it belongs to; -1 for the set-up
 * @param sentence in words
 * @param check the condition; null for {@link Kind#CAN_BE_DONE}
 */
public record Condition(Kind kind, String id, int step, String sentence, Check check) {

    /** Where a condition comes from. */
    public enum Kind {
        /** The performer claims it, after its step. */
        CLAIM,
        /** A move expects it, before it is done. */
        EXPECTED_BEFORE,
        /** A move expects it, once it is done. */
        EXPECTED_AFTER,
        /** All needs of a step are met. */
        CAN_BE_DONE
    }
}
