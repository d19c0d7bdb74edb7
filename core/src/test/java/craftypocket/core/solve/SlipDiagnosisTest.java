package craftypocket.core.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.cards.CardText;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Playground;
import craftypocket.core.run.Trace;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A slip is made on purpose, the end is looked at, and the slip must be among what would explain it. */
class SlipDiagnosisTest {

    private static Script shuffled(String... steps) {
        Script script = Script.deck(52).key("K", "9S", 9).key("L", "AH", 14).key("M", "10H", 23);
        int number = 0;
        for (String step : steps) {
            String[] parts = step.split("\\|");
            String[] pairs = parts.length == 1 ? new String[0] : parts[1].split("=");
            script.step(Step.of("s" + ++number, parts[0], pairs));
        }
        return script;
    }

    private static final String[] AS_PLANNED = {
        "overhand|chunks=9 7 8 6 9 rest",
        "hold-break|depth=20",
        "cut-to-break",
        "packets-to-table|packets=8 7 9",
        "lift-packet|end=top=count=5=to=table:aside"
    };

    /** Where the two cards really are: what somebody can look up without remembering more. */
    private static List<ClaimSpec> seen(Script script) {
        Trace trace = script.trace();
        return trace.end().roles().stream()
                .map(role -> ClaimSpec.of(
                        "position",
                        "role",
                        List.of("K", "L", "M").get(trace.end().roles().indexOf(role)),
                        "nth",
                        String.valueOf(role.position()),
                        "pile",
                        role.place().text()))
                .toList();
    }

    private static SlipDiagnosis diagnose(
            Script planned, List<ClaimSpec> seen, Map<String, Integer> past, Effort effort) {
        Plan plan = SlipDiagnosis.read(planned.routine(), AllMoves.CATALOGUE, seen);
        return SlipDiagnosis.of(plan, seen.size(), World.USUAL, past, effort);
    }

    private static SlipDiagnosis diagnose(Script planned, List<ClaimSpec> seen, Map<String, Integer> past) {
        return diagnose(planned, seen, past, () -> false);
    }

    static Stream<List<String>> slips() {
        return Stream.of(
                List.of(
                        "0",
                        "overhand|chunks=9 7 9 6 9 rest",
                        "Step 1, “Overhand shuffle”: “chunk 3” was 9 instead of 8."),
                List.of("0", "overhand|chunks=9 5 8 6 9 rest", "“chunk 2” was 5 instead of 7."),
                List.of("1", "hold-break|depth=21", "was 21 instead of 20."),
                List.of("3", "packets-to-table|packets=8 6 9", "“chunk 2” was 6 instead of 7."),
                List.of("3", "false-cut", "Step 4, “Cut in packets to the table”, was left out."),
                List.of("4", "lift-packet|end=top=count=3=to=table:aside", "was 3 instead of 5."),
                List.of("4", "lift-packet|end=bottom=count=5=to=table:aside", "instead of"));
    }

    @ParameterizedTest
    @MethodSource("slips")
    void a_single_slip_is_among_what_explains_the_end(List<String> slip) {
        String[] really = AS_PLANNED.clone();
        really[Integer.parseInt(slip.get(0))] = slip.get(1);

        SlipDiagnosis diagnosis = diagnose(shuffled(AS_PLANNED), seen(shuffled(really)), Map.of());

        assertThat(diagnosis.asPlanned()).isFalse();
        assertThat(diagnosis.explanations())
                .anySatisfy(explanation -> assertThat(explanation.sentences())
                        .singleElement()
                        .asString()
                        .contains(slip.get(2)));
        assertThat(diagnosis.explanations().get(0).weight()).isEqualTo(1);
        assertThat(diagnosis.explanations())
                .extracting(SlipDiagnosis.Explanation::weight)
                .isSortedAccordingTo((one, other) -> Double.compare(other, one));
    }

    @Test
    void every_explanation_leads_to_what_was_seen() {
        Script planned = shuffled(AS_PLANNED);
        String[] really = AS_PLANNED.clone();
        really[1] = "hold-break|depth=19";
        List<ClaimSpec> seen = seen(shuffled(really));

        for (SlipDiagnosis.Explanation explanation :
                diagnose(planned, seen, Map.of()).explanations()) {
            assertThat(explanation.slips()).hasSizeBetween(1, 2);
            assertThat(explanation.slips()).extracting(Slip::step).isSorted();
            assertThat(explanation.sentences()).hasSameSizeAs(explanation.slips());
        }
    }

    @Test
    void two_slips_are_found_when_no_single_one_is_enough() {
        String[] really = AS_PLANNED.clone();
        really[0] = "overhand|chunks=10 7 8 6 9 rest";
        really[3] = "packets-to-table|packets=8 7 8";
        Script slipped = shuffled(really);
        List<ClaimSpec> seen = new ArrayList<>(seen(slipped));
        seen.add(ClaimSpec.of("pile-order", "cards", topOf(slipped)));

        SlipDiagnosis diagnosis = diagnose(shuffled(AS_PLANNED), seen, Map.of());

        assertThat(diagnosis.explanations())
                .anySatisfy(explanation -> assertThat(String.join(" ", explanation.sentences()))
                        .contains("“chunk 1” was 10 instead of 9")
                        .contains("“chunk 3” was 8 instead of 9"));
    }

    /** Fifteen cards from the top: with the places of three more, few other slips explain them. */
    private static String topOf(Script script) {
        Trace trace = script.trace();
        StringBuilder cards = new StringBuilder();
        for (int card : Script.cards(trace, "deck")
                .subList(0, Math.min(15, script.plan().pack().size()))) {
            cards.append(CardText.code(script.plan().pack().card(card - 1).front()))
                    .append(' ');
        }
        return cards.toString().trim();
    }

    @Test
    void all_pairs_of_slips_of_a_long_routine_are_tried() {
        Script script = Script.deck(52).key("K", "9S", 9);
        for (int i = 0; i < 15; i++) {
            script.step("overhand", "chunks", "9 7 8 6 9 rest").step("complete-cut", "depth", "20");
        }
        ClaimSpec elsewhere = ClaimSpec.of("position", "role", "K", "nth", "1");

        SlipDiagnosis diagnosis = diagnose(script, List.of(elsewhere), Map.of());

        // Left out, done twice, a hold off by one or two either way: 6 a step. 15 × (6 + 5 × 4) slips of shuffles, 15 ×
        // (6 + 4) of cuts; of pairs, those with the first before the second.
        assertThat(diagnosis.tried()).isEqualTo(540 + pairs(15, 26, 10));
        assertThat(diagnosis.stopped()).isFalse();
    }

    private static int pairs(int rounds, int odd, int even) {
        int all = rounds * (odd + even);
        int within = rounds * (odd * odd + even * even);
        return (all * all - within) / 2;
    }

    @Test
    void what_one_slipped_in_before_is_likelier() {
        Script planned = shuffled(AS_PLANNED);
        String[] really = AS_PLANNED.clone();
        really[1] = "hold-break|depth=21";
        List<ClaimSpec> seen = seen(shuffled(really));

        double plain = weightOf(diagnose(planned, seen, Map.of("s3", 0)), 1);
        double often = weightOf(diagnose(planned, seen, Map.of("s1", 50)), 1);

        assertThat(often).isLessThanOrEqualTo(plain);
        assertThat(diagnose(planned, seen, Map.of("s2", 9))
                        .explanations()
                        .get(0)
                        .slips()
                        .get(0)
                        .step())
                .isEqualTo(1);
    }

    private static double weightOf(SlipDiagnosis diagnosis, int step) {
        return diagnosis.explanations().stream()
                .filter(e -> e.slips().size() == 1 && e.slips().get(0).step() == step)
                .mapToDouble(SlipDiagnosis.Explanation::weight)
                .max()
                .orElse(0);
    }

    /** The break was one off, so a wrong card was glimpsed and named: nobody stops at that. */
    @Test
    void a_name_that_is_wrongly_believed_to_be_known_does_not_end_the_run() {
        Script script = Script.deck(52)
                .selection("A", "Silvan")
                .step("spread-pick", "role", "A", "at", "20")
                .step("return-on-lower", "role", "A", "at", "26", "keep", "break")
                .step("cut-to-break")
                .step("glimpse", "where", "top")
                .step("name-it", "role", "A");

        SlipDiagnosis second = diagnose(script, List.of(ClaimSpec.of("position", "role", "A", "nth", "2")), Map.of());

        assertThat(second.explanations().get(0).sentences())
                .containsExactly("Step 2, “Return on the lower packet”: the break or jog was one card too high.");
    }

    @Test
    void what_lies_as_it_should_needs_no_slip() {
        Script planned = shuffled(AS_PLANNED);

        SlipDiagnosis diagnosis = diagnose(planned, seen(planned), Map.of());

        assertThat(diagnosis.asPlanned()).isTrue();
        assertThat(diagnosis.explanations()).isEmpty();
    }

    @Test
    void what_nothing_explains_has_no_explanation_and_what_spectators_do_is_no_slip() {
        Script spectators = shuffled("spectator-cut|depth=20", "false-cut");
        ClaimSpec elsewhere = ClaimSpec.of("position", "role", "K", "nth", "30");

        assertThat(diagnose(spectators, List.of(elsewhere), Map.of()).explanations())
                .isEmpty();
    }

    /** Four cards over a break below two instead of three: the last, two added, third, second, first. */
    @Test
    void one_ace_among_the_four_names_the_break_of_an_add_on() {
        Script planned = Script.deck(3)
                .extra("52", "")
                .step("lift-packet", "count", "4", "to", "other-hand")
                .step("hold-break", "depth", "3")
                .step("add-on")
                .step("deal-singly", "count", "4", "face", "down", "to", "table:four");
        // Planned, the four are the fourth ace and three others; one of the first three lies among them.
        List<ClaimSpec> seen = List.of(
                ClaimSpec.of("card-at", "card", "3S", "nth", "1-4", "pile", "table:four"),
                ClaimSpec.of("card-at", "card", "4S", "nth", "1-4", "side", "up", "pile", "table:four"),
                ClaimSpec.of("pile-size", "cards", "4", "pile", "table:four"));

        SlipDiagnosis diagnosis = diagnose(planned, seen, Map.of());

        SlipDiagnosis.Explanation first = diagnosis.explanations().get(0);
        assertThat(first.sentences().get(0)).startsWith("Step 2, “Hold a break”");
        assertThat(diagnosis.explanations())
                .anySatisfy(e -> assertThat(e.sentences())
                        .containsExactly("Step 2, “Hold a break”: “Cards above it, or below it” was 2 instead of 3."));
        assertThat(first.watch()).isNotBlank();
    }

    @Test
    void a_break_one_card_off_before_a_force_is_named_from_the_card_they_hold() {
        Script planned = Script.deck(52)
                .role("F", RoleKind.FORCE, "Tove", "AS")
                .place("AS", 27)
                .step("hold-break", "depth", "26")
                .step("force-riffle-break", "at", "25");
        // Whoever holds the card before the force card was given it from a break one card too high.
        Script off = Script.deck(52)
                .role("F", RoleKind.FORCE, "Tove", "AS")
                .place("AS", 27)
                .step("hold-break", "depth", "25")
                .step("force-riffle-break", "at", "25");
        int held = off.cards("spectator:Tove").get(0);
        String card = CardText.code(off.plan().pack().card(held - 1));

        SlipDiagnosis diagnosis = diagnose(
                planned,
                List.of(ClaimSpec.of("card-at", "card", card, "nth", "1", "pile", "spectator:Tove")),
                Map.of());

        assertThat(diagnosis.explanations().get(0).sentences().get(0)).startsWith("Step 1, “Hold a break”");
    }

    @Test
    void what_a_spectator_does_with_one_card_more_is_found_too() {
        Script planned =
                Script.deck(20).selection("A", "Ines").key("K", "AS", 1).step("deal-to-number", "at", "5");

        SlipDiagnosis diagnosis =
                diagnose(planned, List.of(ClaimSpec.of("position", "role", "K", "nth", "5")), Map.of());

        assertThat(diagnosis.explanations())
                .anySatisfy(e -> assertThat(e.sentences().get(0))
                        .contains("done by them")
                        .contains("was 6 instead of 5"));
    }

    @Test
    void a_beat_that_takes_two_is_found_from_the_order() {
        Script planned = Script.deck(6).step("count-beats", "pile", "deck", "beats", "peel peel peel rest");
        Script really = Script.deck(6).step("count-beats", "pile", "deck", "beats", "peel block2 peel rest");

        SlipDiagnosis diagnosis = diagnose(
                planned, List.of(ClaimSpec.of("pile-order", "pile", "deck", "cards", topOf(really))), Map.of());

        assertThat(diagnosis.explanations().get(0).sentences())
                .containsExactly("Step 1, “Count by your own beats”: beat 2 took more cards than it should.");
    }

    @Test
    void it_can_be_stopped_and_refuses_what_cannot_be_read() {
        Script planned = shuffled(AS_PLANNED);
        ClaimSpec elsewhere = ClaimSpec.of("position", "role", "K", "nth", "30");

        assertThat(diagnose(planned, List.of(elsewhere), Map.of(), () -> true).stopped())
                .isTrue();
        assertThatThrownBy(() -> diagnose(planned, List.of(ClaimSpec.of("nonsense")), Map.of()))
                .isInstanceOf(ProblemsFound.class)
                .hasMessageContaining("claims[0].claim");
    }

    private static List<String> firstExplanation(Script planned, ClaimSpec... seen) {
        return diagnose(planned, List.of(seen), Map.of()).explanations().get(0).sentences();
    }

    /** Eight run for nine, and later as many again: 8, 8, and the others above them; the card that lay ninth lies first. */
    @Test
    void a_number_that_follows_another_goes_wrong_with_it_and_is_one_slip() {
        Script planned = Script.deck(52)
                .step("lift-packet", "count", "9", "to", "table:one")
                .step("lift-packet", "count", "as s1.count", "to", "table:two");

        assertThat(firstExplanation(
                        planned,
                        ClaimSpec.of("pile-size", "pile", "table:one", "cards", "8"),
                        ClaimSpec.of("pile-size", "pile", "table:two", "cards", "8")))
                .containsExactly("Step 1, “Lift a packet”: “Cards” was 8 instead of 9.");
    }

    @Test
    void what_an_amount_leaves_open_is_no_slip() {
        Script planned = Script.deck(52).step("lift-packet", "count", "9±1", "to", "table:one");

        assertThat(diagnose(planned, List.of(ClaimSpec.of("pile-size", "pile", "table:one", "cards", "10")), Map.of())
                        .explanations())
                .isEmpty();
        assertThat(firstExplanation(planned, ClaimSpec.of("pile-size", "pile", "table:one", "cards", "7")))
                .containsExactly("Step 1, “Lift a packet”: “Cards” was 7 instead of 9.");
    }

    @Test
    void what_was_not_done_in_secret_is_told_in_its_own_words() {
        Script glide = Script.deck(9).step("glide-draw");
        Script slip = Script.deck(9).step("slip-cut", "depth", "4");
        Script stock = Script.deck(9).step("jog-keep-stock", "stock", "3", "chunks", "2 rest", "again", "4 rest");

        assertThat(firstExplanation(glide, ClaimSpec.of("card-at", "card", "9S", "pile", "table:drawn")))
                .containsExactly("Step 1, “Glide”: the bottom card was not drawn back.");
        assertThat(firstExplanation(slip, ClaimSpec.of("card-at", "card", "AS", "pile", "other-hand")))
                .containsExactly("Step 1, “Slip cut”: the top card did not slip.");
        // Onto the jogged 4 go 5 6, then 7 8 9; of 7 8 9 5 6 4 and the stock four go first, then all others as one.
        assertThat(firstExplanation(stock, ClaimSpec.of("pile-order", "cards", "6S 4S AS 2S 3S 7S 8S 9S 5S")))
                .containsExactly(
                        "Step 1, “Overhand, jog keeping the top”: the stock was not kept, it became a plain shuffle.");
    }

    @Test
    void the_wrong_packet_is_told() {
        Script planned = Script.deck(12)
                .step("lift-packet", "count", "4", "to", "table:left")
                .step("lift-packet", "count", "4", "to", "table:right")
                .step("turn-over", "pile", "table:right");

        assertThat(firstExplanation(
                        planned,
                        ClaimSpec.of("face-up-count", "pile", "table:left", "cards", "4"),
                        ClaimSpec.of("face-up-count", "pile", "table:right", "cards", "0")))
                .containsExactly(
                        "Step 3, “Turn the pile over”: “Turn over” was the “left” pile instead of the “right” pile.");
    }

    /** Three dealt for four: the card that is turned is the one on top, not the selection below it. */
    @Test
    void a_place_is_gone_to_whatever_card_lies_there() {
        Script planned = Script.deck(12)
                .role("A", RoleKind.SELECTION, "Ines", "5S")
                .step("deal-singly", "count", "4", "to", "table:dealt", "face", "down")
                .step("turn-it-over", "role", "A");

        assertThat(firstExplanation(
                        planned,
                        ClaimSpec.of("card-at", "card", "4S", "side", "up"),
                        ClaimSpec.of("card-at", "card", "5S", "nth", "2", "side", "down")))
                .containsExactly("Step 1, “Deal singly”: “Cards” was 3 instead of 4.");
    }

    static Stream<Move> moves() {
        return AllMoves.CATALOGUE.moves().stream();
    }

    /** A palm with a card in it that nobody ever had there: whatever is tried on the way to it, it comes to an answer. */
    @ParameterizedTest
    @MethodSource("moves")
    void whatever_the_move_the_finder_comes_to_an_answer(Move move) {
        Plan plan = SlipDiagnosis.read(
                Playground.of(move),
                AllMoves.CATALOGUE,
                List.of(ClaimSpec.of("pile-size", "pile", "palm", "compare", "at-least", "cards", "40")));

        SlipDiagnosis diagnosis = SlipDiagnosis.of(plan, 1, World.USUAL, Map.of(), () -> false);

        assertThat(diagnosis.asPlanned()).isFalse();
        assertThat(diagnosis.tried()).isPositive();
    }
}
