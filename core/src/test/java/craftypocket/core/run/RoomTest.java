package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Semaphore;
import org.junit.jupiter.api.Test;

/** Surveys share their memory: what does not fit waits. */
class RoomTest {

    private static final long MUCH = 5_000_000;

    private final Semaphore one = new Semaphore(1);

    @Test
    void small_ones_never_wait() {
        try (Room large = new Room(one);
                Room small = new Room(one)) {
            assertThat(large.take(MUCH, () -> true)).isTrue();
            for (int step = 0; step < 10; step++) {
                assertThat(small.take(100_000, () -> true)).isTrue();
            }
            assertThat(small.take(1, () -> true)).as("it has grown large").isFalse();
        }
    }

    @Test
    void a_large_one_waits_until_another_is_over() {
        Room first = new Room(one);
        try (Room second = new Room(one)) {
            assertThat(first.take(MUCH, () -> true)).isTrue();
            CompletableFuture<Boolean> waits = CompletableFuture.supplyAsync(() -> second.take(MUCH, () -> false));
            assertThat(waits).isNotDone();
            first.close();
            assertThat(waits.join()).isTrue();
        }
        assertThat(one.availablePermits()).as("both gave back what they took").isEqualTo(1);
    }

    @Test
    void whoever_gives_up_takes_nothing_with_them() {
        try (Room first = new Room(one)) {
            assertThat(first.take(MUCH, () -> true)).isTrue();
            try (Room second = new Room(one)) {
                assertThat(second.take(MUCH, () -> true)).isFalse();
            }
            assertThat(first.take(MUCH, () -> true)).as("it has its room").isTrue();
        }
        assertThat(one.availablePermits()).isEqualTo(1);
    }
}
