package craftypocket.core.claims;

import craftypocket.core.layout.Hands;

/**
 * What people are led to believe, from a step on, true or not.
 *
 * @param id the claim's id
 * @param after the index of the step; -1 for the set-up
 * @param about what it is about: a later belief about the same takes its place
 * @param sentence in words
 * @param claim whether it is so
 */
public record Belief(String id, int after, String about, String sentence, Claim claim) {

    /** From now on people believe it; they take a pile for as many cards as it says. */
    public void begins(Hands hands) {
        claim.taken().ifPresent(taken -> hands.believe(taken.place(), taken.cards()));
    }
}
