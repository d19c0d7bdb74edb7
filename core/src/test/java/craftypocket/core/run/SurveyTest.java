package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SurveyTest {

    /** Every world by hand: an odometer over the choices as each trace reports them. */
    private static List<Trace> everyTrace(Plan plan) {
        List<Trace> traces = new ArrayList<>();
        collect(plan, new HashMap<>(), traces, world -> Tracer.trace(plan, world));
        return traces;
    }

    private static void collect(
            Plan plan, Map<String, Integer> fixed, List<Trace> traces, Function<World, Trace> traced) {
        Trace trace = traced.apply(new World(fixed));
        for (Trace.Moment moment : trace.moments()) {
            for (Trace.Chosen chosen : moment.choices()) {
                int number = fixed.getOrDefault(chosen.choice().key(), chosen.number());
                if (number != chosen.number()) {
                    // Nobody can choose that: it is no world.
                    return;
                }
                if (!fixed.containsKey(chosen.choice().key())) {
                    for (int each = chosen.low(); each <= Math.max(chosen.low(), chosen.high()); each++) {
                        Map<String, Integer> more = new HashMap<>(fixed);
                        more.put(chosen.choice().key(), each);
                        collect(plan, more, traces, traced);
                    }
                    return;
                }
            }
        }
        traces.add(trace);
    }

    private static Script cutsAndKey(int cards) {
        return Script.deck(cards)
                .selection("A", "Ines")
                .key("K", "AS", cards)
                .step("spread-pick", "not", "bottom")
                .step("return-drop-key", "way", "cut", "at", "any")
                .step("spectator-cut")
                .claim("directly-below", "role", "A", "of", "K", "deck", "circle")
                .claim("directly-below", "role", "A", "of", "K", "deck", "line")
                .claim("position", "role", "A", "nth", "3");
    }

    @Test
    void an_exhaustive_survey_equals_counting_by_hand() {
        Script script = cutsAndKey(8);
        List<Trace> traces = everyTrace(script.plan());

        Survey survey = script.survey();

        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.worlds()).isEqualTo(traces.size()).isEqualTo(7 * 6 * 7);
        for (int claim = 0; claim < survey.findings().size(); claim++) {
            int index = claim;
            long held = traces.stream().filter(t -> t.outcomes().get(index)).count();
            assertThat(survey.findings().get(claim).held())
                    .as("claim %d", claim)
                    .isEqualTo(held);
        }
        assertThat(survey.findings().get(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(survey.findings().get(1).verdict()).isEqualTo(Survey.Verdict.SOMETIMES);
    }

    @Test
    void bands_are_the_shares_of_worlds_in_which_a_role_lies_at_a_spot() {
        Script script = cutsAndKey(6);
        List<Trace> traces = everyTrace(script.plan());

        for (Survey.Spot spot : script.survey().bands().get(3).get(0)) {
            long there = traces.stream()
                    .map(t -> t.moments().get(3).roles().get(0))
                    .filter(r -> r.place().equals(spot.place()) && r.position() == spot.position())
                    .count();
            assertThat(spot.share()).isEqualTo((double) there / traces.size());
        }
    }

    @Test
    void the_smallest_failing_world_fails_and_none_before_it_does() {
        Script script = cutsAndKey(8);
        Survey.Finding line = script.verdict(1);

        assertThat(Tracer.trace(script.plan(), line.failing()).outcomes().get(1))
                .isFalse();
        assertThat(line.failing().numbers())
                .containsExactlyInAnyOrderEntriesOf(Map.of("s1.at", 1, "s2.at", 1, "s3.depth", 6));
    }

    /**
     * One or two of three at a time until none is left. By hand: 1 1 1, 1 2 or 2 1. The top card ends last when the first chunk
     * is one card: in two ways of three, but one time in two.
     */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void a_choice_takes_each_of_its_numbers_alike_as_it_comes_up(boolean washed) {
        Script script = Script.deck(3)
                .extra("3", "AH 2H")
                .key("K", "AS", 1)
                .pile("table:aside", "AH 2H")
                .step("overhand", "chunks", "1-2 until gone")
                .claim("position", "role", "K", "nth", "3");
        if (washed) {
            script.step("wash", "pile", "table:aside");
        }

        Survey survey = script.survey();

        assertThat(survey.findings().stream()
                        .filter(finding -> finding.condition().kind() == Condition.Kind.CLAIM)
                        .toList())
                .singleElement()
                .satisfies(finding -> assertThat(finding.low()).isEqualTo(0.5, within(1e-12)));
        assertThat(survey.ways()).isEqualTo(washed ? 0 : 3);
        assertThat(survey.counted()).isFalse();
        // The same where worlds are visited one by one.
        if (!washed) {
            Survey visited =
                    Surveyor.survey(script.plan(), SurveyOptions.withDefaults().visiting());
            assertThat(visited.ways()).isEqualTo(3);
            assertThat(visited.findings().get(0).low())
                    .isCloseTo(survey.findings().get(0).low(), within(1e-9));
        }
    }

    @Test
    void a_single_choice_that_explains_all_failures_is_told() {
        Survey.Finding finding = Script.deck(10)
                .key("K", "AS", 4)
                .step("spectator-cut")
                .claim(ClaimSpec.of("position", "role", "K", "nth", "1").denied())
                .verdict(0);

        assertThat(finding.because()).isEqualTo("fails if they cut off 3");
    }

    @Test
    void what_never_holds_and_what_has_no_choice_are_said() {
        Script still = Script.deck(10).key("K", "AS", 4).step("false-cut").claim("position", "role", "K", "nth", "1");

        Survey survey = still.survey();

        assertThat(survey.worlds()).isEqualTo(1);
        assertThat(survey.findings().get(0).verdict()).isEqualTo(Survey.Verdict.NEVER);
        assertThat(survey.findings().get(0).because()).isEqualTo("fails every way");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5})
    void the_number_of_workers_changes_nothing(int workers) {
        Plan plan = cutsAndKey(9).plan();

        Survey alone =
                Surveyor.survey(plan, SurveyOptions.withDefaults().visiting().withWorkers(1));
        Survey together =
                Surveyor.survey(plan, SurveyOptions.withDefaults().visiting().withWorkers(workers));

        assertThat(together).isEqualTo(alone);
    }

    @Test
    void too_many_worlds_are_sampled_with_an_interval_that_holds_the_true_share() {
        Plan plan = cutsAndKey(9).plan();
        Survey exact = Surveyor.survey(plan, SurveyOptions.withDefaults());
        SurveyOptions few =
                SurveyOptions.withDefaults().visiting().withExhaustiveUpTo(100).withSample(20_000, 7);

        Survey sampled = Surveyor.survey(plan, few);

        assertThat(sampled.exhaustive()).isFalse();
        assertThat(sampled.worlds()).isEqualTo(20_000);
        assertThat(Surveyor.survey(plan, few)).isEqualTo(sampled);
        // Choices of a sample are uniform one by one, as they are here in an exhaustive survey too.
        Survey.Finding line = sampled.findings().get(1);
        double share = (double) exact.findings().get(1).held() / exact.worlds();
        assertThat(share).isBetween(line.low() - 0.005, line.high() + 0.005);
        assertThat(line.low()).isLessThan(line.high());
    }

    @Test
    void a_routine_near_the_limit_is_tried_and_sampled_only_when_it_is_over() {
        Plan plan = cutsAndKey(9).plan();

        assertThat(Surveyor.survey(plan, SurveyOptions.withDefaults().visiting().withExhaustiveUpTo(448))
                        .exhaustive())
                .isTrue();
        assertThat(Surveyor.survey(plan, SurveyOptions.withDefaults().visiting().withExhaustiveUpTo(447))
                        .exhaustive())
                .isFalse();
    }

    @Test
    void a_cancelled_survey_stops_early() {
        Plan plan = Script.deck(52)
                .step("spectator-cut")
                .step("spectator-cut")
                .step("spectator-cut")
                .plan();

        Survey survey =
                Surveyor.survey(plan, SurveyOptions.withDefaults().visiting().with(() -> true));

        assertThat(survey.stopped()).isTrue();
        assertThat(survey.worlds()).isLessThan(51L * 51 * 51);
    }

    @Test
    void where_no_way_was_looked_at_there_is_no_verdict() {
        for (SurveyOptions options : List.of(
                SurveyOptions.withDefaults().with(() -> true),
                SurveyOptions.withDefaults().visiting().with(() -> true),
                SurveyOptions.withDefaults().visiting().withExhaustiveUpTo(1).with(() -> true))) {
            Survey survey = Surveyor.survey(threeCutsAndAKey(), options);

            assertThat(survey.worlds()).isZero();
            assertThat(survey.allHold()).isFalse();
            assertThat(survey.findings()).isNotEmpty().allSatisfy(finding -> {
                assertThat(finding.verdict()).isEqualTo(Survey.Verdict.OPEN);
                assertThat(finding.low()).isZero();
                assertThat(finding.high()).isEqualTo(1);
                assertThat(finding.because()).isEmpty();
            });
        }
    }

    @Test
    void what_was_broken_off_is_neither_always_nor_never() {
        Plan plan = Script.deck(52)
                .key("K", "AS", 1)
                .step("spectator-cut")
                .step("spectator-cut")
                .step("spectator-cut")
                .claim("pile-size", "cards", "52")
                .claim("pile-size", "cards", "51")
                .plan();
        for (SurveyOptions options : List.of(
                SurveyOptions.withDefaults().visiting().with(after(20_000)),
                SurveyOptions.withDefaults().visiting().withExhaustiveUpTo(1).with(after(20_000)))) {
            Survey survey = Surveyor.survey(plan, options);

            assertThat(survey.worlds()).isPositive();
            assertThat(survey.allHold()).isFalse();
            assertThat(survey.findings().get(0).verdict()).isEqualTo(Survey.Verdict.OPEN);
            assertThat(survey.findings().get(1).verdict()).isEqualTo(Survey.Verdict.SOMETIMES);
        }
    }

    private static Plan threeCutsAndAKey() {
        return Script.deck(52)
                .key("K", "AS", 1)
                .step("spectator-cut")
                .step("spectator-cut")
                .step("spectator-cut")
                .claim("position", "role", "K", "nth", "1")
                .plan();
    }

    /** True from the nth time that it is asked. */
    private static BooleanSupplier after(int asked) {
        AtomicInteger count = new AtomicInteger();
        return () -> count.incrementAndGet() > asked;
    }

    @Test
    void worlds_visited_in_order_and_broken_off_say_nothing_of_the_others() {
        Survey survey = Surveyor.survey(
                threeCutsAndAKey(), SurveyOptions.withDefaults().visiting().with(after(20_000)));

        assertThat(survey.stopped()).isTrue();
        assertThat(survey.exhaustive()).isFalse();
        assertThat(survey.seed()).isZero();
        assertThat(survey.worlds()).isBetween(1L, 20_000L);
        assertThat(survey.findings()).allSatisfy(finding -> {
            assertThat(finding.low()).isZero();
            assertThat(finding.high()).isEqualTo(1);
        });
    }

    @Test
    void a_sample_that_is_broken_off_is_smaller_and_as_fair() {
        SurveyOptions options =
                SurveyOptions.withDefaults().visiting().withExhaustiveUpTo(1).with(after(30_000));

        Survey survey = Surveyor.survey(threeCutsAndAKey(), options);

        assertThat(survey.stopped()).isTrue();
        assertThat(survey.seed()).isPositive();
        assertThat(survey.worlds()).isBetween(1_000L, 30_000L);
        // After free cuts every place is as likely: one in 52, but for cuts that come to nothing.
        Survey.Finding claim = survey.findings().get(0);
        assertThat(claim.low()).isLessThan(1 / 52.0);
        assertThat(claim.high()).isGreaterThan(1 / 52.0);
    }

    @Test
    void a_visit_of_all_worlds_that_takes_too_long_gives_way_to_a_sample() {
        SurveyOptions options =
                SurveyOptions.withDefaults().visiting().withSample(5_000, 3).withHurry(after(10_000));

        Survey survey = Surveyor.survey(threeCutsAndAKey(), options);

        assertThat(survey.stopped()).isFalse();
        assertThat(survey.exhaustive()).isFalse();
        assertThat(survey.worlds()).isEqualTo(5_000);
        assertThat(survey.seed()).isEqualTo(3);
    }

    @Test
    void of_very_many_choices_the_first_amounts_have_charts_and_the_world_is_told_by_its_beginning() {
        Script script = Script.deck(52).key("K", "AS", 1);
        for (int step = 0; step < 30; step++) {
            script = script.step("overhand", "chunks", "1-2 1-2 1-2 rest");
        }
        Plan plan = script.step("complete-cut", "depth", "20-22")
                .claim("position", "role", "K", "nth", "1")
                .plan();

        Survey.Finding claim = Surveyor.survey(
                        plan, SurveyOptions.withDefaults().visiting().withSample(500, 1))
                .findings()
                .get(0);

        assertThat(claim.charts()).hasSize(Tally.MOST_CHARTED);
        assertThat(claim.charts().get(Tally.MOST_CHARTED - 1).choice().key()).isEqualTo("s31.depth");
        assertThat(claim.because()).endsWith(" and so on");
    }

    @Test
    void a_conditional_step_is_done_only_where_its_condition_is_true() {
        ClaimSpec onBottom = ClaimSpec.of("position", "role", "K", "from", "bottom");
        Script script = Script.deck(10)
                .key("K", "AS", 4)
                .step("spectator-cut")
                .step(Step.of("again", "complete-cut", "depth", "5").onlyIf(onBottom))
                .claim(onBottom.denied());

        assertThat(script.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(script.trace(Map.of("s1.depth", 4)).end().skipped()).isFalse();
        assertThat(script.trace(Map.of("s1.depth", 5)).end().skipped()).isTrue();
    }

    @Test
    void what_the_performer_knows_is_judged_rightly_also_where_few_worlds_ask_for_it_late() {
        ClaimSpec atFace = ClaimSpec.of("position", "role", "K", "nth", "1", "from", "bottom");
        Script script = Script.deck(9)
                .key("K", "AS", 4)
                .selection("A", "Ines")
                .step("complete-cut", "depth", "2-4")
                .step("spread-pick", "not", "bottom")
                .step("put-back", "at", "any")
                .step(Step.of("asked", "turn-it-over", "role", "K").onlyIf(atFace))
                .claim("place-known", "role", "K");
        Plan plan = script.plan();
        Knowledge knowledge = Knowledge.of(plan, SurveyOptions.withDefaults()).orElseThrow();
        List<Trace> traces = new ArrayList<>();
        collect(plan, new HashMap<>(), traces, knowledge::trace);

        Survey survey = script.survey();

        assertThat(survey.worlds()).isEqualTo(traces.size());
        for (int i = 0; i < survey.findings().size(); i++) {
            int index = i;
            assertThat(survey.findings().get(i).held())
                    .isEqualTo(traces.stream()
                            .filter(trace -> trace.outcomes().get(index))
                            .count());
        }
        Script unasked = Script.deck(9).key("K", "AS", 4).step("complete-cut", "depth", "2-4");
        Script asked = Script.deck(9)
                .key("K", "AS", 4)
                .step("complete-cut", "depth", "2-4")
                .step(Step.of("asked", "turn-it-over", "role", "K").onlyIf(atFace));
        assertThat(unasked.survey().allHeld()).isEqualTo(3);
        assertThat(asked.survey().allHeld()).isEqualTo(2);
    }

    @Test
    void a_number_outside_what_is_possible_breaks_the_step_in_those_worlds_only() {
        Survey survey = Script.deck(10).step("complete-cut", "depth", "8-12").survey();

        assertThat(survey.worlds()).isEqualTo(5);
        assertThat(survey.findings().get(0).held()).isEqualTo(2);
        assertThat(survey.findings().get(0).because()).isEqualTo("fails if you cut off 10 to 12");
    }

    /** R1, and common practice: a key dropped from the bottom of the upper packet lies directly above the selection. */
    @Test
    void a_dropped_key_lies_above_the_selection_wherever_they_pick_stop_and_cut() {
        for (String way : List.of("cut", "table", "hindu")) {
            Script script = Script.deck(52)
                    .selection("A", "Ines")
                    .key("K")
                    .step("spectator-cut")
                    .step("glimpse", "as", "K")
                    .step("spread-pick", "not", "bottom")
                    .step("return-drop-key", "way", way, "at", "10-40")
                    .claim("directly-below", "role", "A", "of", "K");

            Survey survey = script.survey();

            assertThat(survey.worlds()).isEqualTo(51L * 51 * 31);
            assertThat(survey.findings().get(0).verdict()).as(way).isEqualTo(Survey.Verdict.ALWAYS);
        }
    }

    /** R1: the world judges a number as the rule does. */
    @Test
    void the_smallest_number_that_never_fails_is_the_safe_one() {
        for (int number = 18; number <= 26; number++) {
            Survey survey = Script.deck(52)
                    .selection("A", "Ines")
                    .key("K", "KC", 52)
                    .step("spread-pick", "at", "5")
                    .step("return-drop-key", "way", "table", "at", "31-37")
                    .step("announce-past", "estimate", "17±3", "number", String.valueOf(number))
                    .survey();

            boolean never = survey.findings().stream().allMatch(f -> f.verdict() == Survey.Verdict.ALWAYS);
            assertThat(never).as("number %d", number).isEqualTo(number >= 17 + 3 + 2);
        }
    }

    /** R3 without its answer: the spectator may think of the key itself, and only then it fails. */
    @Test
    void thinking_of_the_key_itself_is_found() {
        Script script = Script.deck(52)
                .selection("A", "Orla")
                .key("K", "4D", 1)
                .step("think-in-packet")
                .step("spectator-cut", "pile", "spectator:Orla")
                .step("bury-packet", "packet", "spectator:Orla", "pile", "table:rest")
                .claim("directly-above", "role", "A", "of", "K");

        Survey.Finding finding = script.verdict(0);

        assertThat(finding.verdict()).isEqualTo(Survey.Verdict.SOMETIMES);
        assertThat(finding.because()).isEqualTo("fails if they think of card 1");
        assertThat(finding.failing().numbers()).containsEntry("s1.at", 1);
    }

    @Test
    void every_move_survives_a_survey_of_random_routines() {
        for (int seed = 0; seed < 60; seed++) {
            int index = seed % AllMoves.CATALOGUE.moves().size();
            Script script = craftypocket.core.moves.RandomRoutines.with(
                    AllMoves.CATALOGUE.moves().get(index), seed);
            Plan plan = script.plan();
            Survey survey = Surveyor.survey(
                    plan,
                    SurveyOptions.withDefaults()
                            .visiting()
                            .withExhaustiveUpTo(2000)
                            .withSample(500, seed));

            for (Survey.Finding finding : survey.findings()) {
                if (finding.failing() != null) {
                    int at = survey.findings().indexOf(finding);
                    assertThat(Tracer.trace(plan, finding.failing()).outcomes().get(at))
                            .as("seed %d: %s", seed, finding.condition().sentence())
                            .isFalse();
                }
            }
        }
    }
}
