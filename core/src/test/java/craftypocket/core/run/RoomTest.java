package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** Surveys share their memory: what does not fit waits. */
class RoomTest {

    private final Room.Shared shared = new Room.Shared(100);

    @Test
    void there_is_room_for_several_while_it_lasts() {
        try (Room one = new Room(shared);
                Room other = new Room(shared)) {
            assertThat(one.take(60)).isTrue();
            assertThat(other.take(40)).isTrue();
            assertThat(other.refused()).isFalse();
            assertThat(other.take(1)).isFalse();
            assertThat(other.refused()).isTrue();
        }
        try (Room next = new Room(shared)) {
            assertThat(next.take(100)).as("all was given back").isTrue();
        }
    }

    @Test
    void whoever_is_alone_may_take_more() {
        try (Room alone = new Room(shared)) {
            assertThat(alone.take(70)).isTrue();
            assertThat(alone.take(70)).isTrue();
        }
    }

    /** What it took is given back before it waits: so two that are refused do not wait for each other. */
    @Test
    void what_does_not_fit_waits_with_empty_hands_until_another_is_over() throws Exception {
        Room first = new Room(shared);
        assertThat(first.take(60)).isTrue();
        try (Room second = new Room(shared)) {
            assertThat(second.take(30)).isTrue();
            assertThat(second.take(30)).isFalse();
            CompletableFuture<Boolean> waits = CompletableFuture.supplyAsync(() -> second.awaits(() -> false));
            while (!first.take(30)) {
                // As soon as the second gave back what it had, the first gets it.
                TimeUnit.MILLISECONDS.sleep(1);
            }
            assertThat(waits).isNotDone();
            first.close();
            assertThat(waits.get()).isTrue();
            assertThat(second.take(60)).isTrue();
        }
    }

    @Test
    void waiting_is_given_up() {
        try (Room first = new Room(shared);
                Room second = new Room(shared)) {
            assertThat(first.take(90)).isTrue();
            assertThat(second.take(20)).isFalse();
            assertThat(second.awaits(() -> true)).isFalse();
        }
    }
}
