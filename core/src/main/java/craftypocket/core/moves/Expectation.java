package craftypocket.core.moves;

import craftypocket.core.claims.Check;

/**
 * What a move is meant to bring about, checked like a claim of the routine.
 *
 * @param check the condition
 * @param sentence the expectation in words
 * @param before whether it is about the layout before the move
 */
public record Expectation(Check check, String sentence, boolean before) {}
