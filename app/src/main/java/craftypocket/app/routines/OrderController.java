package craftypocket.app.routines;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
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

/** Reads orders of cards as people write them: codes, signs, Unicode playing cards, a line of CSV. */
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
            @NotNull List<String> unread,
            @NotNull String unicode) {}

    /** {@code code} is what an order of a routine file has: with an arrow when the card lies face up. */
    record OrderedCard(@NotNull String code, @NotNull String sign, boolean red, boolean faceUp) {}

    /** Reads an order of cards, as people write them. */
    @PostMapping("/read")
    OrderDocument read(@Valid @RequestBody OrderRequest order) {
        List<OrderedCard> cards = new ArrayList<>();
        List<String> unread = new ArrayList<>();
        StringBuilder unicode = new StringBuilder();
        for (String word : CardText.split(order.text())) {
            boolean faceUp = word.endsWith("↑") || word.endsWith("^");
            Optional<Card> card = CardText.readCard(faceUp ? word.substring(0, word.length() - 1) : word);
            if (card.isEmpty()) {
                unread.add(word);
                continue;
            }
            Side front = card.get().front();
            boolean red = front.suit() != null && front.suit().red();
            cards.add(new OrderedCard(
                    CardText.code(card.get()) + (faceUp ? "↑" : ""), CardText.sign(card.get()), red, faceUp));
            unicode.append(card.get().regular() ? CardText.unicode(front) : "");
        }
        return new OrderDocument(cards, unread, unicode.toString());
    }
}
