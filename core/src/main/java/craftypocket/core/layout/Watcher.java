package craftypocket.core.layout;

/** Is told what a trace wants to show and a survey does not: sides that are shown, and holds that get lost. */
public interface Watcher {

    /**
     * A side of a card is shown.
     *
     * @param card the card's number
     * @param front whether its front is what is seen
     * @param turnedTo the {@link Knower} who alone sees it, or everybody
     */
    void shown(int card, boolean front, int turnedTo);

    /**
     * A side is seen although the step does not set out to show it: it comes to lie uppermost, or somebody looks at a card of
     * their own.
     *
     * @param card the card's number
     * @param front whether its front is what is seen
     * @param seenBy the {@link Knower} who alone sees it, or everybody
     */
    default void alsoSeen(int card, boolean front, int seenBy) {}

    /**
     * What was shown in this step passes for a number of cards.
     *
     * @param place where the cards lie
     * @param really how many they are
     * @param seeming how many they pass for
     * @param thickest the beat, from 1, that carries most cards as one; 0 for none
     * @param carries how many these are
     */
    default void passes(Place place, int really, int seeming, int thickest, int carries) {}

    /** A hold is gone although the move did not use it. */
    void lost(Hold hold);
}
