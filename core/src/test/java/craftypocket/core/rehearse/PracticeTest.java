package craftypocket.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.moves.AllMoves;
import craftypocket.core.rehearse.Boxes.Answer;
import craftypocket.core.rehearse.Judgement.Guess;
import craftypocket.core.rehearse.Readiness.Run;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.statistics.descriptive.Mean;
import org.apache.commons.statistics.descriptive.StandardDeviation;
import org.junit.jupiter.api.Test;

/** What is due, the boxes, the ladder and the judging of packets, each worked by hand from its rule. */
class PracticeTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    private static Run clean(int day) {
        return new Run(DAY.plusDays(day), true, 0);
    }

    @Test
    void clean_runs_on_other_days_are_due_in_1_2_4_7_15_and_30_days() {
        List<Run> runs = new ArrayList<>();
        int[] days = {1, 2, 4, 7, 15, 30, 30};
        int day = 0;
        for (int wait : days) {
            runs.add(clean(day));
            assertThat(Readiness.of(runs, DAY.plusDays(day)).due()).isEqualTo(DAY.plusDays(day + wait));
            day += wait;
        }
        assertThat(Readiness.of(runs, DAY.plusDays(day - 30)).share()).isEqualTo(1);
    }

    @Test
    void two_clean_runs_on_one_day_are_one_rung() {
        assertThat(Readiness.of(List.of(clean(0), clean(0)), DAY).rung()).isEqualTo(1);
    }

    @Test
    void slips_lead_one_rung_down_and_a_failed_run_to_the_bottom_and_to_tomorrow() {
        List<Run> three = List.of(clean(0), clean(1), clean(3));
        List<Run> slipped = new ArrayList<>(three);
        slipped.add(new Run(DAY.plusDays(7), true, 2));
        List<Run> failed = new ArrayList<>(three);
        failed.add(new Run(DAY.plusDays(7), false, 0));

        assertThat(Readiness.of(three, DAY.plusDays(3)).rung()).isEqualTo(3);
        assertThat(Readiness.of(slipped, DAY.plusDays(7)).rung()).isEqualTo(2);
        assertThat(Readiness.of(failed, DAY.plusDays(7)).rung()).isZero();
        assertThat(Readiness.of(failed, DAY.plusDays(7)).due()).isEqualTo(DAY.plusDays(8));
    }

    /** Rung 3 is due in 4 days; four days later still one rung is lost, and a third of a year later all of them. */
    @Test
    void readiness_is_lost_with_time_after_the_day_it_was_due() {
        List<Run> three = List.of(clean(0), clean(1), clean(3));

        assertThat(Readiness.of(three, DAY.plusDays(7)).share()).isCloseTo(3 / 6.0, within(1e-12));
        assertThat(Readiness.of(three, DAY.plusDays(11)).share()).isCloseTo(2 / 6.0, within(1e-12));
        assertThat(Readiness.of(three, DAY.plusDays(120)).share()).isZero();
        assertThat(Readiness.of(three, DAY.plusDays(6)).isDue(DAY.plusDays(6))).isFalse();
        assertThat(Readiness.of(three, DAY.plusDays(7)).isDue(DAY.plusDays(7))).isTrue();
        assertThat(Readiness.of(List.of(), DAY).isDue(DAY)).isFalse();
    }

    @Test
    void three_even_tries_lead_five_per_cent_up_and_an_uneven_one_back() {
        assertThat(Ladder.from(60).after(List.of(true, true)).tempo()).isEqualTo(60);
        assertThat(Ladder.from(60).after(List.of(true, true, true)).tempo()).isCloseTo(63, within(1e-9));
        assertThat(Ladder.from(60).after(List.of(true, true, false)).tempo()).isCloseTo(57, within(1e-9));
        assertThat(Ladder.from(60).after(List.of(true, true, false, true)).inARow())
                .isEqualTo(1);
        assertThat(Ladder.from(1).tempo()).isEqualTo(Ladder.SLOWEST);
    }

    @Test
    void what_was_missed_comes_first_then_what_is_new_then_what_can_wait() {
        Boxes boxes = new Boxes(List.of(
                new Answer("known", true, DAY),
                new Answer("missed", true, DAY),
                new Answer("missed", false, DAY),
                new Answer("old", true, DAY.minusDays(2))));

        assertThat(boxes.order(List.of("known", "new", "old", "missed"), DAY))
                .containsExactly("missed", "old", "new", "known");
        assertThat(boxes.box("known")).isEqualTo(2);
        assertThat(boxes.box("missed")).isEqualTo(1);
        assertThat(boxes.box("new")).isZero();
    }

    /** By hand: errors 0 to 19; nineteen of the twenty are off by 18 at most. */
    @Test
    void the_margin_covers_nineteen_of_twenty_guesses() {
        List<Guess> guesses = new ArrayList<>();
        for (int off = 0; off < 20; off++) {
            guesses.add(new Guess(30, off % 2 == 0 ? 30 + off : 30 - off));
        }

        Judgement judged = Judgement.of(guesses);

        assertThat(judged.margin()).isEqualTo(18);
        assertThat(judged.enough()).isTrue();
        assertThat(Judgement.of(List.of()).margin()).isZero();
        assertThat(Judgement.of(guesses.subList(0, 19)).enough()).isFalse();
    }

    @Test
    void bias_and_spread_are_those_of_a_library_and_the_margin_is_the_least_that_is_safe() {
        Random random = new Random(8);
        for (int round = 0; round < 200; round++) {
            List<Guess> guesses = new ArrayList<>();
            int n = 2 + random.nextInt(60);
            double[] off = new double[n];
            for (int i = 0; i < n; i++) {
                int cards = 5 + random.nextInt(40);
                int said = Math.max(1, cards + (int) Math.round(3 * random.nextGaussian()));
                guesses.add(new Guess(cards, said));
                off[i] = said - cards;
            }

            Judgement judged = Judgement.of(guesses);

            assertThat(judged.bias()).isCloseTo(Mean.of(off).getAsDouble(), within(1e-9));
            assertThat(judged.spread()).isCloseTo(StandardDeviation.of(off).getAsDouble(), within(1e-9));
            assertThat(safe(guesses, judged.margin())).isGreaterThanOrEqualTo(0.95 * n);
            if (judged.margin() > 0) {
                assertThat(safe(guesses, judged.margin() - 1)).isLessThan(0.95 * n);
            }
        }
    }

    private static double safe(List<Guess> guesses, int margin) {
        return guesses.stream()
                .filter(g -> Math.abs(g.said() - g.cards()) <= margin)
                .count();
    }

    @Test
    void drills_go_through_moves_that_there_are() {
        assertThat(Drill.ALL)
                .allSatisfy(drill -> assertThat(drill.passages())
                        .allSatisfy(passage -> assertThat(AllMoves.CATALOGUE.find(passage.move()))
                                .isPresent()));
    }
}
