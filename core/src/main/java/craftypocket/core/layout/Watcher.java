package craftypocket.core.layout;

/** Is told what a trace wants to show and a survey does not: sides that are shown, and holds that get lost. */
public interface Watcher {

    /**
     * A side of a card is shown.
     *
     * @param card the card's number
     * @param front whether its front is what is seen
     * @param onlyPerformer whether nobody but the performer sees it
     */
    void shown(int card, boolean front, boolean onlyPerformer);

    /**
     * What was shown in this step passes for a number of cards.
     *
     * @param place where the cards lie
     * @param really how many they are
     * @param seeming how many they pass for
     */
    default void passes(Place place, int really, int seeming) {}

    /** A hold is gone although the move did not use it. */
    void lost(Hold hold);
}
