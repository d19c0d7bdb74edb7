package craftypocket.core.settings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BeatTest {

    @ParameterizedTest
    @CsvSource({
        "peel, PEEL, NONE, 5, 1",
        "draw, DRAW, NONE, 5, 1",
        "block3, BLOCK, NONE, 5, 3",
        "under-all-but, ALL_BUT, UNDER, 5, 4",
        "over-rest, REST, OVER, 5, 5"
    })
    void a_beat_is_read_and_survives_as_one_number(
            String text, Beat.Take take, Beat.Exchange exchange, int giving, int count) {
        Beat beat = Beat.read(text).orElseThrow();

        assertThat(beat.take()).isEqualTo(take);
        assertThat(beat.exchange()).isEqualTo(exchange);
        assertThat(Beat.take(beat.code())).isEqualTo(take);
        assertThat(Beat.exchange(beat.code())).isEqualTo(exchange);
        assertThat(Beat.count(beat.code(), giving)).isEqualTo(count);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "block", "block0", "block100", "under", "peel-under", "PEEL", "all but"})
    void what_is_no_beat_is_not_read(String text) {
        assertThat(Beat.read(text)).isEmpty();
    }

    @Test
    void every_block_survives_as_one_number() {
        for (int size = 1; size < 100; size++) {
            int code = Beat.read("block" + size).orElseThrow().code();

            assertThat(Beat.count(code, 52)).isEqualTo(size);
        }
    }

    @Test
    void beats_are_told_in_words() {
        assertThat(Script.deck(6)
                        .step("count-beats", "pile", "deck", "beats", "peel under-all-but block2 rest")
                        .plan()
                        .steps()
                        .get(0)
                        .sentence())
                .isEqualTo(
                        "Count the deck: peel, all but the bottom one in exchange (under), a block of 2, the rest as one.");
    }

    @Test
    void beats_that_cannot_be_read_are_refused_with_what_would_be() {
        assertThatThrownBy(() -> Script.deck(6)
                        .step("count-beats", "pile", "deck", "beats", "peel jump")
                        .plan())
                .hasMessageContaining("it must be a beat")
                .hasMessageContaining("block2");
        assertThatThrownBy(() -> Script.deck(6)
                        .step("count-beats", "pile", "deck", "beats", "peel ".repeat(Beat.MOST_BEATS + 1))
                        .plan())
                .hasMessageContaining("more than " + Beat.MOST_BEATS + " beats");
    }
}
