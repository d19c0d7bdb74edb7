package craftypocket.core.layout;

/** How well the performer knows where a card is. */
public enum PlaceKnowledge {
    /** Not at all. */
    LOST,
    /** In this pile, but not where in it. */
    IN_PILE,
    /** In this pile at a number that he knows nearly. */
    NEAR,
    /** A known number of cards from one whose name he knows, or by its own name: he has to look for it among the faces. */
    BY_LOOKING,
    /** The very place: counted from the top, from the bottom, or from something that is held. */
    EXACT
}
