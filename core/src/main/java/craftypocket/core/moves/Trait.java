package craftypocket.core.moves;

/** What rules of the trade and surveys ask of a move, whatever it is called. */
public enum Trait {
    /** Faces are meant to be seen by it. */
    SHOWS_FACES,
    /** The key is seen by it among other cards, as it must be. */
    KEY_AMONG_OTHERS,
    /** A number is announced that must leave a margin. */
    ANNOUNCES,
    /** The cards are really riffled. */
    RIFFLES,
    /** The cards are really shuffled overhand, by somebody else. */
    MIXES_OVERHAND,
    /** What is said or done beside the cards draws the eyes, so that something else can be done meanwhile. */
    DRAWS_EYES,
    /** It is done to the card that lies where a role's should: a place is gone to, no face is looked at. */
    BY_PLACE,
    /** It does no more than to show where the card is. */
    BARE_REVEAL,
    /**
     * What it does after a block was shuffled depends on the surface, its stated settings and what the performer knew of places
     * before it, not on how the block lay or fell: nothing that it looked up in the block before is used after it. Of chunks only how
     * many cards they took together may matter, and in how many every second one.
     */
    MIXES_APART,
    /** A break or a step is taken, used or kept in it, and can be lost. A setting that says which finger says so too. */
    HOLDS_BREAK,
    /** A card is jogged in it, or found by its jog. */
    JOGS,
    /** Every second chunk comes to lie turned over above the others. */
    TURNS_CHUNKS
}
