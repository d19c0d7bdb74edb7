package craftypocket.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
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
        assertThat(clock.exchange()).isEqualTo(1);
        assertThat(clock.tries().get(0).even()).isTrue();
    }

    /** By hand: intervals 300, 500, 500, the median of the others of the first is 500. */
    @Test
    void a_hurried_beat_is_named_with_how_early_it_comes() {
        Evenness hurried = Evenness.of(List.of(beats(0, 300, 800, 1300)), 0);

        assertThat(hurried.off().orElseThrow().sentence()).isEqualTo("beat 2 comes 40 % early");
        assertThat(hurried.tries().get(0).even()).isFalse();
    }

    /** One try of three goes wrong elsewhere: the beat that is off in most of them is named. */
    @Test
    void over_several_tries_the_median_counts() {
        Evenness several = Evenness.of(
                List.of(beats(0, 500, 1200, 1700), beats(0, 500, 1200, 1700), beats(0, 900, 1400, 1900)), 0);

        assertThat(several.off().orElseThrow().sentence()).isEqualTo("beat 3 comes 40 % late");
    }

    /** By hand: 250 stands to the mean of 500 and 500 as one to two. */
    @Test
    void the_exchange_beat_is_held_against_its_neighbours() {
        assertThat(Evenness.of(List.of(beats(0, 500, 750, 1250)), 3).exchange()).isEqualTo(0.5);
        // The last beat has one to its left alone, the second one to its right: 300 to 500, and 750 to 500.
        assertThat(Evenness.of(List.of(beats(0, 500, 750)), 3).exchange()).isEqualTo(0.5);
        assertThat(Evenness.of(List.of(beats(0, 300, 800, 1300)), 2).exchange()).isEqualTo(0.6);
        assertThat(Evenness.of(List.of(beats(0, 750, 1250, 1750)), 2).exchange())
                .isEqualTo(1.5);
        assertThat(Evenness.of(List.of(beats(0, 500)), 2).exchange()).isEqualTo(1);
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

    /** Against a general-purpose statistics library, on random beats. */
    @Test
    void variation_tempo_and_medians_are_those_of_a_library() {
        Random random = new Random(13);
        for (int round = 0; round < 200; round++) {
            List<Double> times = new ArrayList<>(List.of(0.0));
            int n = 2 + random.nextInt(12);
            double[] intervals = new double[n];
            for (int i = 0; i < n; i++) {
                intervals[i] = 100 + 900 * random.nextDouble();
                times.add(times.get(i) + intervals[i]);
            }
            double mean = Mean.of(intervals).getAsDouble();

            Evenness found = Evenness.of(List.of(times), 0);

            assertThat(found.variation())
                    .isCloseTo(StandardDeviation.of(intervals).getAsDouble() / mean, within(1e-9));
            assertThat(found.tempo()).isCloseTo(60_000 / mean, within(1e-9));
            assertThat(Evenness.median(intervals).orElseThrow())
                    .isCloseTo(Median.withDefaults().evaluate(intervals), within(1e-9));
        }
    }
}
