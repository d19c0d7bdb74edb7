package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Trace;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Traces worked out by hand, card by card. */
class WorkedTracesTest {

    /** The key travels bottom, top, bottom; the card at 23 is returned under it at a halt of a Hindu shuffle. */
    private static Script keyThereAndBack() {
        return Script.deck(52)
                .selection("A", "Ines")
                .key("K", "KC", 52)
                .step("overhand", "chunks", "9 7 8 6 9 12 1")
                .step("overhand", "chunks", "1 11 8 7 9 6 10")
                .step("spread-pick", "at", "23")
                .step("return-drop-key", "way", "hindu", "at", "34");
    }

    private static List<Integer> places(Trace trace, int role) {
        return trace.moments().stream().map(m -> m.roles().get(role).position()).toList();
    }

    @Test
    void key_goes_to_the_top_and_back_and_lands_on_the_selection() {
        Trace trace = keyThereAndBack().trace();

        assertThat(places(trace, 1)).containsExactly(52, 1, 52, 51, 17);
        assertThat(trace.end().roles().get(0).position()).isEqualTo(18);
    }

    @Test
    void complete_cut_of_twenty_takes_the_pair_to_49_and_50() {
        Trace trace = keyThereAndBack().step("complete-cut", "depth", "20").trace();

        assertThat(places(trace, 1)).endsWith(49);
        assertThat(places(trace, 0)).endsWith(50);
    }

    @Test
    void complete_cut_at_the_key_parts_the_pair_unless_the_deck_counts_as_a_circle() {
        Script cut = keyThereAndBack()
                .step("complete-cut", "depth", "17")
                .claim("directly-below", "role", "A", "of", "K", "deck", "line")
                .claim("directly-below", "role", "A", "of", "K", "deck", "circle");

        Trace trace = cut.trace();

        assertThat(places(trace, 1)).endsWith(52);
        assertThat(places(trace, 0)).endsWith(1);
        assertThat(trace.outcomes()).startsWith(false, true);
    }

    @Test
    void packets_to_the_table_end_in_reverse_order() {
        assertThat(Script.deck(10).step("packets-to-table", "packets", "2 3 1").cards("deck"))
                .containsExactly(7, 8, 9, 10, 6, 3, 4, 5, 1, 2);
        assertThat(Script.deck(10).step("complete-cut", "depth", "6").cards("deck"))
                .containsExactly(7, 8, 9, 10, 1, 2, 3, 4, 5, 6);
    }

    @Test
    void drawing_top_and_bottom_together_keeps_the_bottom_card() {
        assertThat(Script.deck(10).step("milk-keep", "chunks", "3 2 3").cards("deck"))
                .containsExactly(7, 8, 9, 5, 6, 2, 3, 4, 1, 10);
    }

    @Test
    void messy_shuffle_and_its_upper_half_turned_leave_one_card_face_up() {
        Script messy = Script.deck(12).step("messy", "blocks", "3 2 3 3");
        assertThat(messy.cards("deck")).containsExactly(12, -11, -10, -9, -5, -4, 1, 2, 3, 6, 7, 8);

        Trace turned = messy.step("turn-upper-half").trace();
        assertThat(Script.cards(turned, "deck")).containsExactly(4, 5, 9, 10, 11, -12, 1, 2, 3, 6, 7, 8);
        assertThat(turned.end().lost()).isEmpty();
    }

    /** However the blocks fall, the old bottom card ends as the only one face up. */
    @Test
    void messy_shuffle_works_for_every_sequence_of_blocks() {
        Survey.Finding finding = Script.deck(12)
                .key("A", "QS", 12)
                .step("messy", "blocks", "1-3 1-3 1-3 1-2 rest")
                .step("turn-upper-half")
                .claim("only-face-up", "role", "A")
                .verdict(0);

        assertThat(finding.verdict()).isEqualTo(Survey.Verdict.ALWAYS);
    }

    @Test
    void dealing_to_a_number_puts_the_top_card_above_the_remembered_one() {
        Script deal = Script.deck(12).selection("A", "Ines").key("K", "AS", 1).step("deal-to-number", "at", "8");
        assertThat(deal.cards("deck")).containsExactly(7, 6, 5, 4, 3, 2, 1, 8, 9, 10, 11, 12);

        Survey.Finding beside = Script.deck(12)
                .selection("A", "Ines")
                .key("K", "AS", 1)
                .step("deal-to-number", "at", "1-12")
                .claim("directly-below", "role", "A", "of", "K")
                .verdict(0);
        assertThat(beside.because()).isEqualTo("fails if they think of 1");
    }

    @Test
    void choices_take_the_numbers_of_the_world() {
        Script free = Script.deck(52).step("spectator-cut").step("complete-cut", "depth", "26±3");

        Trace trace = free.trace(Map.of("s1.depth", 10, "s2.depth", 29));

        assertThat(Script.cards(trace, "deck")).startsWith(40, 41);
    }

    /**
     * Common practice: a packet of P switches P − 1 cards over a break under P − 1. The packet is a b c d, cards 49 to 52;
     * the deck 1 2 3 4 …
     */
    @ParameterizedTest
    @ValueSource(ints = {4, 5, 6})
    void add_on_switch_of_packets_of_four_five_and_six(int packet) {
        Script script = Script.deck(52)
                .step("lift-packet", "end", "bottom", "count", String.valueOf(packet), "to", "other-hand")
                .step("hold-break", "depth", String.valueOf(packet - 1))
                .step("add-on");
        List<Integer> sides = script.cards("deck").stream().map(Math::abs).toList();
        List<Integer> expected = new ArrayList<>(List.of(52));
        IntStream.rangeClosed(1, packet - 1).forEach(expected::add);
        IntStream.rangeClosed(1, packet - 1).forEach(turned -> expected.add(52 - turned));
        expected.add(packet);

        assertThat(sides).startsWith(expected.toArray(Integer[]::new)).hasSize(52);
        assertThat(script.step("deal-singly", "count", String.valueOf(packet), "face", "down")
                        .cards("table:dealt"))
                .last()
                .matches(last -> Math.abs(last) == 52);
    }
}
