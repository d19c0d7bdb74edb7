package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import craftypocket.core.Script;
import craftypocket.core.layout.Hold;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.ProblemsFound;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whole handlings whose outcome was worked out by hand: holds that live on, numbers that follow, hands that stray. */
class AtTheTableTest {

    private static List<String> holds(Trace.Moment moment) {
        return moment.layout().holds().stream()
                .map(h -> h.kind().text() + " " + h.place().text() + " " + h.depth())
                .toList();
    }

    private static Script swungOff() {
        return Script.deck(52)
                .selection("A", "Ines")
                .step("spread-pick", "at", "10")
                .step("hold-break", "from", "bottom", "depth", "4")
                .step("swing-cut", "depth", "26")
                .step("bury-packet", "packet", "spectator:Ines", "pile", "other-hand", "at", "0")
                .step("drop-packet", "packet", "deck", "pile", "other-hand");
    }

    @Test
    void a_break_above_the_bottom_four_lives_through_a_swing_cut_a_return_and_a_drop() {
        Trace trace = swungOff()
                .step("cut-to-break", "pile", "other-hand")
                .claim("position", "role", "A", "nth", "5", "pile", "other-hand")
                .trace();

        // 51 cards, four below the break; 26 swung off above it; the selection and those come below the packet that has
        // it.
        assertThat(holds(trace.moments().get(2))).containsExactly("break deck 47");
        assertThat(holds(trace.moments().get(3))).containsExactly("break deck 21");
        assertThat(holds(trace.moments().get(5))).containsExactly("break other-hand 21");
        assertThat(trace.moments()).allSatisfy(m -> assertThat(m.lost()).isEmpty());
        assertThat(trace.outcomes().get(0)).isTrue();
        assertThat(trace.end().layout().holds()).isEmpty();
    }

    @Test
    void a_second_break_of_the_same_finger_lets_the_first_go_and_whoever_wanted_it_hears_so() {
        Trace trace = Script.deck(20)
                .step("hold-break", "depth", "3")
                .step("hold-break", "depth", "9", "finger", "thumb")
                .step("hold-break", "depth", "5", "finger", "thumb")
                .step("cut-to-break", "hold", "finger")
                .trace();

        assertThat(holds(trace.moments().get(2))).containsExactly("break deck 3", "thumb deck 9");
        assertThat(holds(trace.moments().get(3))).containsExactly("break deck 3", "thumb deck 5");
        assertThat(trace.moments().get(3).lost())
                .extracting(Hold::kind, Hold::depth)
                .containsExactly(tuple(Hold.Kind.THUMB, 9));
        assertThat(trace.end().broken().orElseThrow().reason()).contains("not the other finger");
    }

    @Test
    void the_second_card_goes_back_at_the_break_over_the_first_wherever_that_is() {
        Survey survey = Script.deck(20)
                .selection("A", "Ines")
                .selection("B", "Bruno")
                .step("spread-pick", "role", "A")
                .step("return-on-lower", "role", "A", "at", "any", "keep", "break")
                .step("spread-pick", "role", "B", "except", "A", "at", "any")
                .step("return-on-lower", "role", "B", "at", "at break")
                .claim("directly-above", "role", "B", "of", "A")
                .survey();

        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.findings().get(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        // 20 picks, 18 returns; then 19 picks, less those for which no card is left on one side of the break.
        assertThat(survey.worlds()).isEqualTo(20 * 18 * 19);
    }

    @Test
    void packets_down_to_the_break_and_the_rest_on_top_bring_the_selection_up_in_every_world() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .step("spread-pick", "at", "20")
                .step("return-on-lower", "at", "31-37", "keep", "break")
                .step("packets-to-table", "packets", "10±1 to break")
                .claim("position", "role", "A", "nth", "1");

        assertThat(script.survey().allHold()).isTrue();
        // 31 above the break: 10, 10, 10 and one more.
        assertThat(script.trace(Map.of("s2.at", 31)).end().choices()).hasSizeBetween(3, 4);
    }

    @Test
    void a_shuffle_ends_when_the_cards_do() {
        assertThat(Script.deck(52)
                        .step("overhand", "chunks", "3-5 until gone")
                        .survey()
                        .allHold())
                .isTrue();
        assertThat(Script.deck(7)
                        .step("overhand", "chunks", "3-5 until gone")
                        .survey()
                        .ways())
                .as("3 then 3 or 4, 3 and 1 more, 4 and 3, 5 and 2")
                .isEqualTo(4);
        assertThat(Script.deck(9).step("overhand", "chunks", "4 4 4 4").cards("deck"))
                .containsExactly(9, 5, 6, 7, 8, 1, 2, 3, 4);
    }

    @Test
    void an_exact_total_that_does_not_come_out_is_a_remark_and_no_failing_world() {
        Script script = Script.deck(52).step("overhand", "chunks", "9 7 8");

        assertThat(script.survey().allHold()).isTrue();
        assertThat(script.trace().end().remarks())
                .containsExactly(
                        "“Chunks, first to last” add up to 24, but there are 52: the last one takes what is left.");
        assertThat(Script.deck(52)
                        .step("overhand", "chunks", "9 7 8 rest")
                        .trace()
                        .end()
                        .remarks())
                .isEmpty();
    }

    @Test
    void four_above_the_selection_stay_with_it_through_a_shuffle_from_the_break() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .step("spread-pick")
                .step("return-four-under", "at", "15-37", "then", "keep")
                .step("shuffle-from-break", "chunks", "7 6 8")
                .claim("position", "role", "A", "nth", "5");

        assertThat(script.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(script.survey().allHold()).isTrue();
    }

    /** The stop anywhere from 30 to 48; the rest, with the key on its face, is judged as it is dropped on the selection. */
    private static Script wager(String guess, String announced) {
        return Script.deck(52)
                .selection("A", "Ines")
                .key("K", "KD", 52)
                .step("spread-pick", "at", "20")
                .step("lift-packet", "count", "30-48", "to", "other-hand")
                .step("bury-packet", "packet", "spectator:Ines", "pile", "other-hand", "at", "0")
                .step("judge-packet", "pile", "deck", "guess", guess)
                .step("drop-packet", "packet", "deck", "pile", "other-hand")
                .step("announce-past", "pile", "other-hand", "estimate", "as s4.guess±2", "number", announced);
    }

    @Test
    void a_guess_of_two_off_and_four_more_is_safe_wherever_they_stop() {
        Survey survey = wager("size±2", "as s4.guess+4").survey();

        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.worlds()).isEqualTo(19 * 5);
        assertThat(survey.allHold()).isTrue();
    }

    @Test
    void three_off_fails_just_when_the_guess_is_three_too_low() {
        Script script = wager("size±3", "as s4.guess+4");
        int failed = 0;
        for (int stop = 30; stop <= 48; stop++) {
            for (int off = -3; off <= 3; off++) {
                // 51 cards without the selection: the packet has what is not lifted.
                int guess = 51 - stop + off;
                Trace trace = script.trace(Map.of("s2.count", stop, "s4.guess", guess));
                boolean past = trace.end().roles().get(0).place().text().equals("table:dealt");
                assertThat(past).as("stop %d, %d off", stop, off).isEqualTo(off > -3);
                failed += past ? 0 : 1;
            }
        }
        assertThat(failed).isEqualTo(19);
    }

    /** A number of e + 2 more is the smallest that is safe: from n ≥ k + 2 and a guess that is up to e below k. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void the_smallest_safe_addition_is_two_more_than_the_error(int error) {
        int smallest = IntStream.rangeClosed(0, 8)
                .filter(more -> {
                    List<Survey.Finding> all = wager("size±" + error, "as s4.guess+" + more)
                            .survey()
                            .findings();
                    return all.stream()
                            .filter(f -> f.condition().sentence().contains("face up before"))
                            .allMatch(f -> f.verdict() == Survey.Verdict.ALWAYS);
                })
                .findFirst()
                .orElseThrow();

        assertThat(smallest).isEqualTo(error + 2);
    }

    @Test
    void the_break_of_an_add_on_one_card_off_gives_the_layout_by_hand_and_fails_as_a_claim() {
        Script script = Script.deck(12)
                .step("lift-packet", "count", "4", "to", "other-hand")
                .step("hold-break", "depth", "2")
                .step("add-on");

        // Last, two added, third, second, first: dealing four lays one card too many.
        assertThat(script.cards("deck").subList(0, 6)).containsExactly(-4, 5, 6, -3, -2, -1);
        assertThat(script.survey().findings())
                .filteredOn(f -> f.verdict() != Survey.Verdict.ALWAYS)
                .extracting(f -> f.condition().sentence())
                .containsExactly("Before it, the break is under one card fewer than the other hand has");
    }

    @Test
    void six_as_four_brings_the_lowest_two_up_with_only_backs_seen() {
        Script script = Script.deck(6).step("block-count", "pile", "deck");

        assertThat(script.cards("deck")).containsExactly(6, 5, 1, 2, 3, 4);
        assertThat(script.trace().end().shown()).allMatch(shown -> !shown.front());
    }

    @Test
    void two_from_the_bottom_and_two_from_the_top_show_four_aces_and_leave_the_kings() {
        Script script = Script.deck(3)
                .extra("none", "AH AS KS KH AC AD")
                .order("AH↑ AS↑ KS↑ KH↑ AC↑ AD↑")
                .step("bottom-bottom-top-top", "pile", "deck", "into", "other-hand");

        Trace trace = script.trace();
        assertThat(trace.end().shown().stream().map(shown -> shown.card() + 1)).containsExactly(6, 5, 1, 2);
        assertThat(Script.cards(trace, "deck")).containsExactly(-3, -4);
    }

    @Test
    void what_stays_behind_turns_down_with_the_hand() {
        Script kings = Script.deck(3)
                .extra("none", "AH AS KS KH AC AD")
                .order("AH↑ AS↑ KS↑ KH↑ AC↑ AD↑")
                .step("bottom-bottom-top-top", "pile", "deck", "into", "other-hand", "rest", "turned");
        Script king = Script.deck(3)
                .extra("none", "AH AS KS AC AD")
                .order("AH↑ AS↑ KS↑ AC↑ AD↑")
                .step("bottom-bottom-top-top", "pile", "deck", "rest", "turned");

        assertThat(kings.trace().end().shown().stream().map(shown -> shown.card() + 1))
                .containsExactly(6, 5, 1, 2);
        assertThat(kings.cards("deck")).containsExactly(4, 3);
        assertThat(kings.trace().end().remarks())
                .contains("2 cards stay behind under what was counted, and the hand turns down with what stays.");
        // Nothing else takes what was counted: the hand comes back under it, its card face down.
        assertThat(king.cards("deck")).containsExactly(-2, -1, -4, -5, 3);
    }

    @Test
    void chunks_before_the_stop_part_what_lay_on_top_from_the_selection() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .role("L", RoleKind.HELPER, "", "")
                .step("spread-pick", "at", "52")
                .step("follow-card", "role", "L", "at", "1")
                .step("jog-control", "at", "22", "before", "6 6 6 4")
                .claim("position", "role", "A", "nth", "1")
                .claim("position", "role", "L", "nth", "18");

        // 4, 6, 6 cards lie above the first six: the old top card is the 17th of the block, below the selection.
        assertThat(script.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(script.verdict(1).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
    }

    /** The place of the key at the 50th is known after a shuffle only where it is the same whatever the hand does. */
    @ParameterizedTest
    @CsvSource({"9 7 8 rest, ALWAYS", "5-9 rest 3, ALWAYS", "5-9 3, NEVER", "40-45 until gone, NEVER"})
    void a_place_is_known_only_where_it_is_the_same_in_every_way(String chunks, Survey.Verdict known) {
        Script script = Script.deck(52)
                .key("K", "KD", 50)
                .step("overhand", "chunks", chunks)
                .claim("place-known", "role", "K", "how", "exactly");

        assertThat(script.verdict(0).verdict()).isEqualTo(known);
    }

    @ParameterizedTest
    @CsvSource({"1-5, 5, true", "1-5, 6, false", "2-3, 1, false", "6-9, 6, true"})
    void a_range_of_places_can_be_claimed(String range, int place, boolean holds) {
        Script script = Script.deck(9).key("K", "9S", place).claim("position", "role", "K", "nth", range);

        assertThat(script.trace().outcomes().get(0)).isEqualTo(holds);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "as s3.count | it refers to a later step",
                "as s2.count | it refers to its own step",
                "as s9.count | there is no step of this name",
                "as s1.end | that step has no amount of this name",
                "letters of Q | there is no role Q",
                "from Q | there is no role Q",
                "at pinky | it must be an amount",
                "size of nowhere | it must be an amount",
            })
    void an_amount_that_cannot_be_worked_out_is_a_problem_with_field_value_rule_and_cure(String amount, String rule) {
        Script script = Script.deck(9)
                .step("lift-packet", "count", "2")
                .step("lift-packet", "count", amount)
                .step("lift-packet", "count", "2");

        assertThatThrownBy(script::plan).isInstanceOfSatisfying(ProblemsFound.class, found -> {
            assertThat(found.problems()).hasSize(1);
            assertThat(found.problems().get(0).field()).isEqualTo("steps[1].settings.count");
            assertThat(found.problems().get(0).value()).isEqualTo(amount);
            assertThat(found.problems().get(0).rule()).isEqualTo(rule);
            assertThat(found.problems().get(0).cure()).isNotBlank();
        });
    }

    @Test
    void a_number_of_a_step_that_was_not_done_is_no_number() {
        Script script = Script.deck(9).step("lift-packet", "count", "12").step("lift-packet", "count", "as s1.count");

        assertThat(script.trace().end().broken().orElseThrow().reason()).contains("its step was not done");
    }
}
