package craftypocket.core.evening;

import craftypocket.core.cards.CardText;

/**
 * A card as it lies between two routines.
 *
 * @param code as {@link CardText#code(craftypocket.core.cards.Card)} writes it
 * @param faceUp whether its face is up
 */
public record LyingCard(String code, boolean faceUp) {

    /** As it is written in an order. */
    String text() {
        return faceUp ? code + "↑" : code;
    }

    /** As it is shown: {@code Q♣}. */
    String sign() {
        return sign(code);
    }

    static String sign(String code) {
        return CardText.readCard(code).map(CardText::sign).orElse(code);
    }

    LyingCard faceDown() {
        return new LyingCard(code, false);
    }
}
