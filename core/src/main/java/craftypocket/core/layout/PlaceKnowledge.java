package craftypocket.core.layout;

/** How well the performer knows where a card is. */
public enum PlaceKnowledge {
    /** Not at all. */
    LOST,
    /** In this pile, but not where in it. */
    IN_PILE,
    /** Only beside the cards it lay among: a cut by somebody else moved them all alike. */
    IN_THE_CIRCLE,
    /** The very place: counted from the top, from the bottom, or from something that is held. */
    EXACT
}
