package craftypocket.core.reckon;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import craftypocket.core.cards.Suit;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class SpellingTest {

    private static int english(Side side) {
        return Spelling.length(side, Spelling.Language.ENGLISH.ordinal());
    }

    /** Common practice: spelling with "of". */
    @Test
    void known_names_have_their_letters() {
        assertThat(english(Side.face(8, Suit.CLUBS))).isEqualTo(12);
        assertThat(english(Side.face(12, Suit.DIAMONDS))).isEqualTo(15);
    }

    /** From memory: lengths over 52 cards, English, with "of". */
    @Test
    void so_many_cards_share_each_length() {
        Map<Integer, Integer> counts = new TreeMap<>();
        for (Card card : Pack.of52().cards()) {
            counts.merge(english(card.front()), 1, Integer::sum);
        }

        assertThat(counts).isEqualTo(Map.of(10, 4, 11, 13, 12, 14, 13, 12, 14, 5, 15, 4));
    }

    @Test
    void without_of_two_letters_fewer_and_other_languages_by_their_names() {
        for (Card card : Pack.of52().cards()) {
            assertThat(Spelling.length(card.front(), Spelling.Language.ENGLISH_SHORT.ordinal()))
                    .isEqualTo(english(card.front()) - 2);
        }
        Side queen = Side.face(12, Suit.HEARTS);
        assertThat(Spelling.name(queen, Spelling.Language.FRENCH.ordinal())).isEqualTo("dame de cœur");
        assertThat(Spelling.length(queen, Spelling.Language.FRENCH.ordinal())).isEqualTo(11);
        assertThat(Spelling.length(queen, Spelling.Language.GERMAN.ordinal())).isEqualTo("DameHerz".length());
        assertThat(Spelling.length(Side.BLANK, 0)).isZero();
    }
}
