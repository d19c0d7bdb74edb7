package craftypocket.core.cards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CardTextTest {

    /** Published: The Unicode Standard, block Playing Cards. */
    @ParameterizedTest
    @CsvSource({
        "AS, 1F0A1",
        "KS, 1F0AE",
        "JS, 1F0AB",
        "QS, 1F0AD",
        "AH, 1F0B1",
        "KH, 1F0BE",
        "AD, 1F0C1",
        "QD, 1F0CD",
        "AC, 1F0D1",
        "10C, 1F0DA",
        "JC, 1F0DB",
        "QC, 1F0DD",
        "KC, 1F0DE"
    })
    void characters_are_those_of_the_unicode_block_without_its_knights(String code, String point) {
        String character = Character.toString(Integer.parseInt(point, 16));

        assertThat(CardText.unicode(CardText.read(code).orElseThrow())).isEqualTo(character);
        assertThat(CardText.read(character)).isEqualTo(CardText.read(code));
    }

    @Test
    void every_way_of_writing_is_read_back_for_every_card() {
        for (Card card : Pack.of54().cards()) {
            Side front = card.front();

            assertThat(CardText.read(CardText.code(front))).contains(front);
            assertThat(CardText.read(CardText.unicode(front))).contains(front);
        }
        assertThat(CardText.read("th")).isEqualTo(CardText.read("10H"));
        assertThat(CardText.read("9♣")).isEqualTo(CardText.read("9C"));
    }

    @ParameterizedTest
    @CsvSource({"1C", "11H", "XX", "Q", "''", "J3"})
    void what_is_no_card_is_not_read(String text) {
        assertThat(CardText.read(text)).isEmpty();
    }

    @Test
    void names_are_as_spoken() {
        assertThat(CardText.name(Side.face(12, Suit.CLUBS))).isEqualTo("queen of clubs");
        assertThat(CardText.sign(Side.face(10, Suit.HEARTS))).isEqualTo("10♥");
        assertThat(CardText.name(Side.back("red"))).isEqualTo("red back");
    }

    @Test
    void a_pack_holds_every_card_once() {
        Set<Card> cards = new HashSet<>(Pack.of52().cards());

        assertThat(cards).hasSize(52);
        assertThat(Pack.of54().size()).isEqualTo(54);
        assertThat(Pack.packet(5).find("6S", n -> true)).isEqualTo(-1);
    }

    @Test
    void a_pack_beyond_its_limit_is_refused() {
        List<Card> tooMany = java.util.Collections.nCopies(Pack.MOST_CARDS + 1, Card.of(1, Suit.SPADES));

        assertThat(new Pack(tooMany.subList(0, Pack.MOST_CARDS)).size()).isEqualTo(Pack.MOST_CARDS);
        assertThatThrownBy(() -> new Pack(tooMany)).hasMessage("pack size 105 is outside 1…104: use fewer cards");
        assertThatThrownBy(() -> Side.face(14, Suit.SPADES)).hasMessageContaining("rank 14");
    }
}
