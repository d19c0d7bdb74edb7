package craftypocket.app.routines;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.cards.Suit;
import craftypocket.core.cards.WrittenOrder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads orders of cards as people write them: codes, words, signs, runs, numbered lists, columns. */
@RestController
@RequestMapping("/api/orders")
@AnswersWithProblems
class OrderController {

    record OrderRequest(
            @NotNull @Size(max = 5000, message = "at most 5000 letters")
            String text) {}

    /**
     * An order that was read.
     *
     * @param cards the cards in order
     * @param unread the words that name no card
     * @param unicode the same order in Unicode playing cards, of regular cards only
     */
    record OrderDocument(
            @NotNull List<OrderedCard> cards,
            @NotNull List<UnreadWords> unread,
            @NotNull String unicode) {}

    /** {@code code} is what an order of a routine file has: with an arrow when the card lies face up. */
    record OrderedCard(@NotNull String code, @NotNull String sign, boolean red, boolean faceUp) {}

    /**
     * Words that name no card.
     *
     * @param from the index of their first letter in the text that was sent
     * @param to the index after their last
     * @param cure what to write instead
     */
    record UnreadWords(
            @NotNull String text, int from, int to, @NotNull String cure) {}

    /** Reads an order of cards, as people write them. */
    @PostMapping("/read")
    OrderDocument read(@Valid @RequestBody OrderRequest order) {
        WrittenOrder written = WrittenOrder.read(order.text());
        List<OrderedCard> cards = new ArrayList<>();
        StringBuilder unicode = new StringBuilder();
        for (WrittenOrder.Named named : written.cards()) {
            Optional<Card> card = CardText.readCard(named.code());
            Optional<Suit> suit = card.map(Card::front).map(Side::suit);
            cards.add(new OrderedCard(
                    named.code() + (named.faceUp() ? "↑" : ""),
                    card.map(CardText::sign).orElse(named.code()),
                    suit.filter(Suit::red).isPresent(),
                    named.faceUp()));
            unicode.append(card.filter(Card::regular)
                    .map(Card::front)
                    .map(CardText::unicode)
                    .orElse(""));
        }
        return new OrderDocument(
                cards,
                written.unread().stream()
                        .map(each -> new UnreadWords(each.text(), each.from(), each.to(), each.cure()))
                        .toList(),
                unicode.toString());
    }
}
