package craftypocket.core.cards;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Orders as people write them: made-up lines, whose cards were written down by hand. */
class WrittenOrderTest {

    private static String read(String text) {
        return codes(WrittenOrder.read(text.replace("⏎", "\n").replace("⇥", "\t")));
    }

    private static String codes(WrittenOrder order) {
        return order.cards().stream()
                .map(card -> card.code() + (card.faceUp() ? "↑" : ""))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Ace of Spades, ten of hearts | AS 10H",
                "the ace of spades and then the Queen of Clubs | AS QC",
                "A of spades | AS",
                "ah2c3d | AH 2C 3D",
                "AH10CKD | AH 10C KD",
                "h2c3d10 | 2H 3C 10D",
                "S-A H-10 | AS 10H",
                "A-S, 10-H | AS 10H",
                "♥A ♦K | AH KD",
                "A♥K♦ | AH KD",
                "A♥️ K♦️ | AH KD",
                "Q h, 4 c | QH 4C",
                "Q h⏎4 c | QH 4C",
                "AS-KS | AS 2S 3S 4S 5S 6S 7S 8S 9S 10S JS QS KS",
                "4h - 2h; KC | 4H 3H 2H KC",
                "2d to 4d | 2D 3D 4D",
                "10-Q of hearts | 10H JH QH",
                "♠ 3–A | 3S 2S AS",
                "2S..4S, 9D | 2S 3S 4S 9D",
                "AS-KS-3D | AS KS 3D",
                "AS-KH | AS KH",
                "1. AS⏎2. KH⏎3. 10D | AS KH 10D",
                "1) ace of spades 2) king of hearts | AS KH",
                "1 AS⏎2 KH⏎3 10D | AS KH 10D",
                "1⇥A⇥Spades⏎2⇥2⇥Hearts | AS 2H",
                "1;2;H⏎2;3;H⏎3;4;H | 2H 3H 4H",
                "A⇥Spades⏎10⇥Hearts | AS 10H",
                "Position,Card⏎1,AS⏎2,KH | AS KH",
                "Rank;Suit⏎A;S⏎K;H | AS KH",
                "\"Ace of Spades\",\"Ten of Hearts\" | AS 10H",
                "TH th Jd | 10H 10H JD",
                "knave of hearts | JH",
                "QC^ 7H face up, (2S) | QC↑ 7H↑ 2S",
                "joker, joker, second joker | J1 J2 J2",
                "first joker; AS; Joker 2 | J1 AS J2",
                "KH/AC blank back/back QC/back-red | KH/AC blank back/back QC/back-red",
                "🂡🃞 🃏 | AS KC J1",
                "#3 AS | #3 AS",
                "from the top: AS KS. | AS KS",
                "'' | ''",
            })
    void orders_are_read_as_they_are_written(String written, String cards) {
        WrittenOrder order = WrittenOrder.read(written.replace("⏎", "\n").replace("⇥", "\t"));

        assertThat(codes(order)).isEqualTo(cards);
        assertThat(order.unread()).isEmpty();
    }

    @Test
    void a_new_deck_is_all_that_is_not_named() {
        List<String> pack = Pack.of52().cards().stream().map(CardText::code).toList();

        assertThat(read("new-deck order")).isEqualTo(String.join(" ", pack));
        String rest = pack.stream()
                .filter(code -> !List.of("QC", "AS").contains(code))
                .collect(Collectors.joining(" "));
        assertThat(read("QC, the rest in new deck order, AS")).isEqualTo("QC " + rest + " AS");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "AS moon KH | moon | AS KH | No card is called so",
                "AS, K, 5D | K | AS 5D | Of which suit? Write KS, KH, KD or KC.",
                "AS, K, H5 | K | AS 5H | Of which suit?",
                "spades 4C | spades | 4C | Which of the spades? Write AS, 2S … KS.",
                "AS 11H | 11H | AS | Values are A, 2 to 10, J, Q, K.",
                "14 of hearts; 2C | 14 | 2C | Values are",
                "red joker | red | J1 | No card is called so",
                "cat AS | cat | AS | No card is called so",
                "asked 2C | asked | 2C | No card is called so",
                "from the bottom: AS | from | AS | No card is called so",
                "AS and so on | so | AS | No card is called so",
            })
    void what_is_no_card_is_shown_where_it_stands(String written, String first, String cards, String cure) {
        WrittenOrder order = WrittenOrder.read(written);

        assertThat(codes(order)).isEqualTo(cards);
        WrittenOrder.Unread unread = order.unread().get(0);
        assertThat(unread.text()).isEqualTo(first);
        assertThat(written.substring(unread.from(), unread.to())).isEqualTo(first);
        assertThat(unread.cure()).startsWith(cure);
    }

    /** What a routine keeps is read as it is, whatever the cards and their order. */
    @Test
    void stored_orders_are_read_as_they_are() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            String stored = random.ints(random.nextInt(60), 0, 54)
                    .mapToObj(number -> CardText.code(Pack.of54().card(number)) + (number % 5 == 0 ? "↑" : ""))
                    .collect(Collectors.joining(" "));
            assertThat(read(stored)).isEqualTo(stored);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"AS-KS ", "🂡", "a", "1. ", "-", "new-deck order ", "♠", "10 ", "card ", "no\t"})
    void long_and_odd_texts_end(String words) {
        WrittenOrder order = WrittenOrder.read(words.repeat(5000 / words.length()));

        assertThat(order.cards()).hasSizeLessThan(WrittenOrder.MOST + 60);
    }
}
