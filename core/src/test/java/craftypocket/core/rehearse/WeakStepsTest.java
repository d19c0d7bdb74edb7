package craftypocket.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.rehearse.WeakSteps.Gone;
import craftypocket.core.rehearse.WeakSteps.Weak;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where it slipped most, counted by hand. */
class WeakStepsTest {

    @Test
    void are_the_ones_with_most_slips_and_their_most_frequent_reasons() {
        List<Gone> all = List.of(
                new Gone("a", 1, List.of("flash")),
                new Gone("b", 0, List.of()),
                new Gone("c", 2, List.of("froze", "took two")),
                new Gone("a", 2, List.of("too fast", "too fast")),
                new Gone("c", 1, List.of("took two")),
                new Gone("d", 3, List.of()));

        assertThat(WeakSteps.of(all))
                .containsExactly(
                        new Weak("a", 3, List.of("too fast", "flash")),
                        new Weak("c", 3, List.of("took two", "froze")),
                        new Weak("d", 3, List.of()));
        assertThat(WeakSteps.of(List.of())).isEmpty();
    }
}
