package craftypocket.core.reckon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.cards.CardText;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ReckonTest {

    /** Common practice: the number announced is the estimated depth plus about four, here for an error of two. */
    @Test
    void safe_number_is_the_estimate_plus_about_four() {
        assertThat(new SafeNumber(17, 2).smallest()).isEqualTo(21);
        assertThat(new SafeNumber(17, 3).smallest()).isEqualTo(22);
    }

    @Test
    void a_number_is_safe_just_when_it_is_right_at_every_depth_of_the_estimate() {
        SafeNumber safe = new SafeNumber(17, 3);
        for (int number = 2; number <= 52; number++) {
            boolean right = true;
            for (int depth = 14; depth <= 20; depth++) {
                // The selection is the card after the key, and is dealt before the announced one.
                right &= depth + 1 < number;
            }
            assertThat(safe.covers(number)).as("number %d", number).isEqualTo(right);
        }
        assertThat(SafeNumber.firstFailingDepth(21)).isEqualTo(20);
    }

    /** Worked by hand: eight of clubs on the face, queen of diamonds thirteenth from it. Common practice: 12 and 15 letters. */
    @Test
    void a_double_spelling_cuts_both_names_to_the_top() {
        DoubleSpell spell = DoubleSpell.of(
                CardText.read("8C").orElseThrow(),
                CardText.read("QD").orElseThrow(),
                Spelling.Language.ENGLISH.ordinal());

        assertThat(spell.firstFromFace()).isEqualTo(13);
        assertThat(spell.first()).isEqualTo(15);
        assertThat(spell.cut()).isEqualTo(27);
    }

    /** Common practice: a packet of P switches P − 1 cards, break under P − 1. */
    @Test
    void adding_on_switches_all_but_one() {
        assertThat(List.of(4, 5, 6))
                .extracting(packet -> new AddOnSwitch(packet).switched())
                .containsExactly(3, 4, 5);
        assertThatThrownBy(() -> new AddOnSwitch(1)).hasMessageContaining("switches nothing");
    }

    @Test
    void a_complete_cut_turns_the_ring() {
        // Worked by hand: key at 17 of 52, selection at 18; cut off 20, they are at 49 and 50; cut off 17, it is on
        // top.
        assertThat(CyclicOrder.depth(52, 17, 49)).isEqualTo(20);
        assertThat(CyclicOrder.depth(52, 18, 50)).isEqualTo(20);
        assertThat(CyclicOrder.depth(52, 18, 1)).isEqualTo(17);
    }

    @Test
    void the_depth_of_a_cut_brings_every_card_to_every_place() {
        for (int from = 1; from <= 10; from++) {
            for (int to = 1; to <= 10; to++) {
                int depth = CyclicOrder.depth(10, from, to);
                List<Integer> deck =
                        new ArrayList<>(IntStream.rangeClosed(1, 10).boxed().toList());
                Collections.rotate(deck, -depth);

                assertThat(deck.indexOf(from) + 1).isEqualTo(to);
            }
        }
    }

    @Test
    void an_estimate_above_the_deck_is_refused() {
        assertThatThrownBy(() -> new SafeNumber(0, 3)).hasMessageContaining("estimate 0 ± 3");
    }

    /** From memory: the textbook example of 10 in 100 gives 5.5 % to 17.4 %. */
    @Test
    void interval_of_ten_in_a_hundred() {
        assertThat(Wilson.low(10, 100)).isCloseTo(0.0552, within(0.0001));
        assertThat(Wilson.high(10, 100)).isCloseTo(0.1744, within(0.0001));
        assertThat(Wilson.low(0, 50)).isZero();
        assertThat(Wilson.high(50, 50)).isCloseTo(1, within(1e-12));
        assertThat(Wilson.low(0, 0)).isZero();
        assertThat(Wilson.high(0, 0)).isOne();
    }
}
