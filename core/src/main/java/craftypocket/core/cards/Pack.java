package craftypocket.core.cards;

import java.util.ArrayList;
import java.util.List;

/**
 * The physical cards of a routine. A card's <em>number</em> is its index here, from 0, and never changes whatever
 * happens to the card.
 *
 * @param cards the cards, in the pack's own order, which is also the order of an untouched deck from the top
 */
public record Pack(List<Card> cards) {

    /** A slot of a pile is one byte, of which one bit is the side: so at most 127 cards, and 104 is two full packs. */
    public static final int MOST_CARDS = 104;

    public Pack {
        cards = List.copyOf(cards);
        if (cards.isEmpty() || cards.size() > MOST_CARDS) {
            throw new IllegalArgumentException(
                    "pack size " + cards.size() + " is outside 1…" + MOST_CARDS + ": use fewer cards");
        }
    }

    /** The 52 cards: spades, hearts, diamonds, clubs, each from ace to king. */
    public static Pack of52() {
        List<Card> cards = new ArrayList<>();
        for (Suit suit : Suit.values()) {
            for (int rank = 1; rank <= 13; rank++) {
                cards.add(Card.of(rank, suit));
            }
        }
        return new Pack(cards);
    }

    /** The 52 cards and two jokers below them. */
    public static Pack of54() {
        List<Card> cards = new ArrayList<>(of52().cards());
        cards.add(new Card(Side.joker(1), Side.USUAL_BACK));
        cards.add(new Card(Side.joker(2), Side.USUAL_BACK));
        return new Pack(cards);
    }

    /** The first {@code size} cards of the 52-card pack, for packets and short packs. */
    public static Pack packet(int size) {
        return new Pack(of52().cards().subList(0, size));
    }

    public int size() {
        return cards.size();
    }

    public Card card(int number) {
        return cards.get(number);
    }

    /** The number of the first card with this front, or -1 when the pack has none. */
    public int numberOf(Side front) {
        for (int number = 0; number < cards.size(); number++) {
            if (cards.get(number).front().equals(front)) {
                return number;
            }
        }
        return -1;
    }
}
