package craftypocket.core.chance;

import static org.assertj.core.api.Assertions.assertThat;

import org.apache.commons.statistics.inference.ChiSquareTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ChanceTest {

    private static final double LEVEL = 0.001;

    @Test
    void the_same_number_gives_the_same_draws_and_another_gives_others() {
        Chance one = new Chance();
        Chance other = new Chance();

        assertThat(one.from(5).bits()).isEqualTo(other.from(5).bits());
        assertThat(one.from(5).bits()).isNotEqualTo(other.from(6).bits());
    }

    /** Reference: the chi-square test of Apache Commons Statistics. Level 0.001, fixed numbers. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 7, 52, 104})
    void draws_below_a_bound_are_even(int bound) {
        long[] counts = new long[bound];
        Chance chance = new Chance();
        for (int number = 1; number <= 2000; number++) {
            chance.from(number);
            for (int i = 0; i < 50; i++) {
                counts[chance.below(bound)]++;
            }
        }

        assertThat(ChiSquareTest.withDefaults().test(counts).getPValue()).isGreaterThan(LEVEL);
    }

    @Test
    void the_first_draws_of_neighbouring_numbers_are_even_too() {
        long[] counts = new long[10];
        Chance chance = new Chance();
        for (int number = 1; number <= 50_000; number++) {
            counts[chance.from(number).below(10)]++;
        }

        assertThat(ChiSquareTest.withDefaults().test(counts).getPValue()).isGreaterThan(LEVEL);
    }
}
