package craftypocket.core.cards;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

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

    /** This pack and some cards more. */
    public Pack with(List<Card> more) {
        List<Card> all = new ArrayList<>(cards);
        all.addAll(more);
        return new Pack(all);
    }

    /**
     * The number of the first card that fits a text: its whole code, else the code of its front, or {@code #3} for the
     * third card of the pack, as cards that look alike can only be told apart by count.
     *
     * @param free says of a card's number whether it may be taken
     * @return -1 when no free card fits
     */
    public int find(String text, IntPredicate free) {
        if (text.matches("#\\d{1,3}")) {
            int number = Integer.parseInt(text.substring(1)) - 1;
            return number >= 0 && number < cards.size() && free.test(number) ? number : -1;
        }
        Optional<Card> wanted = CardText.readCard(text);
        if (wanted.isEmpty()) {
            return -1;
        }
        IntStream all = IntStream.range(0, cards.size()).filter(free);
        OptionalInt exact =
                all.filter(number -> cards.get(number).equals(wanted.get())).findFirst();
        if (exact.isPresent() || text.indexOf('/') >= 0) {
            return exact.orElse(-1);
        }
        return IntStream.range(0, cards.size())
                .filter(free)
                .filter(number -> cards.get(number).front().equals(wanted.get().front()))
                .findFirst()
                .orElse(-1);
    }
}
