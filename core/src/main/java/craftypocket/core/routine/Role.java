package craftypocket.core.routine;

/**
 * A name for a card to follow.
 *
 * @param letter one capital letter, its sign on the deck
 * @param kind why it is followed
 * @param owner the spectator whose card it is; may be empty for any but a selection
 * @param card the code of the card when it is known beforehand, such as {@code 9C}; otherwise empty. A slug names its
 *     cards in their order
 */
public record Role(String letter, RoleKind kind, String owner, String card) {}
