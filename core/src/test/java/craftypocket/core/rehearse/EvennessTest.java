package craftypocket.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.apache.commons.statistics.descriptive.Mean;
import org.apache.commons.statistics.descriptive.Median;
import org.apache.commons.statistics.descriptive.StandardDeviation;
import org.junit.jupiter.api.Test;

class EvennessTest {

    private static List<Double> beats(double... times) {
        return DoubleStream.of(times).boxed().toList();
    }

    @Test
    void a_clock_is_even_and_nothing_is_off() {
        Evenness clock = Evenness.of(List.of(beats(0, 500, 1000, 1500)), 3);

        assertThat(clock.variation()).isZero();
        assertThat(clock.tempo()).isEqualTo(120);
        assertThat(clock.off()).isEmpty();
        assertThat(clock.exchange()).isZero();
        assertThat(clock.tries().get(0).even()).isTrue();
    }

    /** By hand: between 0, 700 and 2100 the third has its place at 1400, and a beat is 700: 245 of 700 too late. */
    @Test
    void a_beat_is_held_against_the_grid_of_the_others() {
        Evenness late = Evenness.of(List.of(beats(0, 700, 1645, 2100)), 3);

        assertThat(late.told()).isEqualTo("beat 3 comes 35 % late");
        assertThat(late.tempo()).isCloseTo(85.714, within(0.001));
        assertThat(late.variation()).isCloseTo(0, within(1e-12));
        assertThat(late.exchange()).isCloseTo(0.35, within(1e-12));
        assertThat(late.tries().get(0).even()).isFalse();
    }

    /** By hand: of 600 each the second has 180 too much, the fifth 150 too little. */
    @Test
    void two_of_six_are_named_the_furthest_first() {
        Evenness two = Evenness.of(List.of(beats(0, 780, 1200, 1800, 2250, 3000)), 0);

        assertThat(two.told()).isEqualTo("beat 2 comes 30 % late, beat 5 comes 25 % early");
        assertThat(two.tempo()).isCloseTo(100, within(1e-9));
    }

    /** By hand: the tempo is 500, the beat comes after 300, and what follows comes after 500 again. */
    @Test
    void a_beat_that_is_gone_on_from_is_told_once() {
        assertThat(Evenness.of(List.of(beats(0, 500, 800, 1300)), 0).told()).isEqualTo("beat 3 comes 40 % early");
        assertThat(Evenness.of(List.of(beats(0, 500, 800, 1300, 1800, 2300)), 0).told())
                .isEqualTo("beat 3 comes 40 % early");
        assertThat(Evenness.of(List.of(beats(0, 300, 800, 1300)), 0).told()).isEqualTo("beat 2 comes 40 % early");
        assertThat(Evenness.of(List.of(beats(0, 500, 1000, 1700)), 0).told()).isEqualTo("beat 4 comes 40 % late");
    }

    /** By hand: each interval is 0.95 of the last, in all 700 : 570 = 1.23; as a line of intervals hardly less. */
    @Test
    void a_tempo_that_rises_steadily_is_one_thing_and_not_six() {
        Evenness faster = Evenness.of(List.of(beats(0, 700, 1365, 1997, 2597, 3167)), 0);

        assertThat(faster.off()).isEmpty();
        assertThat(faster.told()).isEqualTo("it gets 23 % faster");
        assertThat(faster.tries().get(0).variation()).isLessThan(0.01);
        assertThat(faster.tries().get(0).even()).isFalse();
        assertThat(Evenness.of(List.of(beats(0, 500, 1050, 1650, 2300, 3000)), 0)
                        .told())
                .isEqualTo("it gets 29 % slower");
    }

    /** Of three beats each may be the one that is off; of beats that lie anywhere none can be said to be. */
    @Test
    void where_the_others_give_no_grid_nothing_is_named() {
        Evenness three = Evenness.of(List.of(beats(0, 500, 750)), 3);
        assertThat(three.told()).isEmpty();
        assertThat(three.exchange()).isZero();
        assertThat(three.tries().get(0).even()).isFalse();
        Evenness anywhere = Evenness.of(List.of(beats(0, 100, 900, 1000, 2600, 2700)), 0);
        assertThat(anywhere.told()).isEmpty();
        assertThat(anywhere.tries().get(0).even()).isFalse();
        assertThat(anywhere.tries().get(0).offsets()).isEmpty();
    }

    /** One try of three goes wrong elsewhere: the beat that is off in most of them is named. */
    @Test
    void over_several_tries_the_median_counts() {
        Evenness several = Evenness.of(
                List.of(beats(0, 500, 1200, 1700), beats(0, 500, 1200, 1700), beats(0, 900, 1400, 1900)), 0);

        assertThat(several.told()).isEqualTo("beat 3 comes 40 % late");
    }

    /** Beats are moved on a grid that the test lays itself: all that are moved are named, and by how much; no others. */
    @Test
    void fewer_than_half_of_the_beats_may_be_anywhere() {
        Random random = new Random(28);
        for (int round = 0; round < 2000; round++) {
            int n = 4 + random.nextInt(20);
            double beat = 200 + 1000 * random.nextDouble();
            double[] moved = new double[n];
            List<Integer> later = IntStream.range(1, n).boxed().collect(Collectors.toList());
            Collections.shuffle(later, random);
            // Neighbours that are moved alike are a line that is moved twice.
            int most = random.nextInt((n - 2) / 2 + 1);
            for (int i : later) {
                boolean beside = moved[i - 1] != 0 || i + 1 < n && moved[i + 1] != 0;
                if (!beside && DoubleStream.of(moved).filter(m -> m != 0).count() < most) {
                    moved[i] = (random.nextBoolean() ? 1 : -1) * (0.15 + 0.2 * random.nextDouble());
                }
            }
            List<Double> times = IntStream.range(0, n)
                    .mapToObj(i -> beat * (i + moved[i] + 0.01 * (random.nextDouble() - 0.5)))
                    .toList();

            Evenness found = Evenness.of(List.of(times), 0);

            assertThat(found.off().stream().map(Evenness.OffBeat::beat))
                    .as("%s of %s", times, beat)
                    .containsExactlyInAnyOrderElementsOf(IntStream.range(0, n)
                            .filter(i -> moved[i] != 0)
                            .mapToObj(i -> i + 1)
                            .toList());
            found.off().forEach(off -> assertThat(off.by()).isCloseTo(moved[off.beat() - 1], within(0.03)));
            assertThat(found.change()).isZero();
        }
    }

    @Test
    void nothing_is_said_of_nothing() {
        assertThat(Evenness.of(List.of(), 0).off()).isEmpty();
        assertThat(Evenness.of(List.of(beats(5)), 0).tempo()).isZero();
        assertThat(Evenness.of(List.of(beats(0, 700)), 0).variation()).isZero();
    }

    @Test
    void beats_that_do_not_rise_are_refused_and_so_are_too_many() {
        assertThatThrownBy(() -> Evenness.of(List.of(beats(0, 500, 400)), 0))
                .hasMessage("beat 3 does not come after beat 2");
        List<Double> many =
                DoubleStream.iterate(0, t -> t + 1).limit(201).boxed().toList();
        assertThatThrownBy(() -> Evenness.of(List.of(many), 0)).hasMessageContaining("more than 200 beats");
    }

    /** Against a general-purpose statistics library, on beats that are nearly even. */
    @Test
    void variation_tempo_and_medians_are_those_of_a_library() {
        Random random = new Random(13);
        for (int round = 0; round < 200; round++) {
            List<Double> times = new ArrayList<>(List.of(0.0));
            int n = 2 + random.nextInt(12);
            double[] intervals = new double[n];
            for (int i = 0; i < n; i++) {
                intervals[i] = 500 + 30 * (random.nextDouble() - 0.5);
                times.add(times.get(i) + intervals[i]);
            }
            double mean = Mean.of(intervals).getAsDouble();

            Evenness found = Evenness.of(List.of(times), 0);

            assertThat(found.variation())
                    .isCloseTo(StandardDeviation.of(intervals).getAsDouble() / mean, within(1e-9));
            assertThat(found.told()).isEmpty();
            // The line may lean by what one interval is off.
            assertThat(found.tempo()).isCloseTo(60_000 / mean, withinPercentage(4));
            assertThat(Evenness.median(intervals).orElseThrow())
                    .isCloseTo(Median.withDefaults().evaluate(intervals), within(1e-9));
        }
    }
}
