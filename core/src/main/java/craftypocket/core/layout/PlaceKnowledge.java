package craftypocket.core.layout;

/** How well the performer knows where a card is. */
public enum PlaceKnowledge {
    /** Not at all. */
    LOST,
    /** Only beside the cards it lay among: a cut by somebody else moved them all alike. */
    IN_THE_CIRCLE,
    /** The very place. */
    EXACT;

    private static final PlaceKnowledge[] ALL = values();

    static PlaceKnowledge at(int index) {
        return ALL[index];
    }
}
