package craftypocket.core.moves;

/** What a move looks like to people who do not know how it is done. */
public enum Seems {
    /** What is done is what is seen: cards lie for them where they lie. */
    ITSELF,
    /** Nothing is seen of it: a break is held, a card is palmed. */
    NOTHING,
    /** A shuffle or a cut: whatever they knew to lie at a place of the pile is somewhere in it now. */
    MIXED,
    /** A free choice: some card of the pile goes to where the chosen one went. */
    CHOSEN,
    /** One card, the top one, is shown or put aside, however many are lifted. */
    ONE,
    /** The bottom card is shown, and leaves. */
    BOTTOM,
    /** As many cards are counted as there are beats, each with the side that its beat shows. */
    COUNTED,
    /** The cards of a packet are turned one by one onto the pile, and nothing is added to them. */
    TURNED_ONTO
}
