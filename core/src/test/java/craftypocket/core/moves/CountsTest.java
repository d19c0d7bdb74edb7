package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Beat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Any list of beats against two heaps of real cards, moved one by one. */
class CountsTest {

    /** A slow, obvious count: two lists, the top card first. */
    private static List<Integer> counted(List<Beat> beats, int cards, List<Integer> seen) {
        List<Integer> giving =
                new ArrayList<>(IntStream.rangeClosed(1, cards).boxed().toList());
        List<Integer> taking = new ArrayList<>();
        for (Beat beat : beats) {
            List<Integer> taken = new ArrayList<>();
            switch (beat.take()) {
                case PEEL -> taken.add(giving.remove(0));
                case DRAW -> taken.add(giving.remove(giving.size() - 1));
                default -> {
                    int count = beat.take() == Beat.Take.BLOCK
                            ? beat.size()
                            : beat.take() == Beat.Take.REST ? giving.size() : giving.size() - 1;
                    for (int i = 0; i < count; i++) {
                        taken.add(giving.remove(0));
                    }
                }
            }
            if (beat.exchange() == Beat.Exchange.NONE) {
                taken.addAll(taking);
            } else if (beat.exchange() == Beat.Exchange.UNDER) {
                giving.addAll(taking);
            } else {
                giving.addAll(0, taking);
            }
            taking = taken;
            seen.add(taking.get(0));
        }
        // What is not counted stays below.
        taking.addAll(giving);
        return taking;
    }

    private static String randomBeats(Random random) {
        List<String> takes = List.of("peel", "draw", "block2", "all-but", "rest");
        List<String> words = new ArrayList<>();
        int beats = 1 + random.nextInt(5);
        for (int i = 0; i < beats; i++) {
            String exchange = i == 0 ? "" : List.of("", "", "under-", "over-").get(random.nextInt(4));
            words.add(exchange + takes.get(i == beats - 1 ? random.nextInt(5) : random.nextInt(4)));
        }
        return String.join(" ", words);
    }

    @Test
    void a_thousand_lists_of_beats_leave_and_show_what_real_cards_would() {
        Random random = new Random(7);
        int done = 0;
        for (int round = 0; round < 1000; round++) {
            String beats = randomBeats(random);
            int cards = 2 + random.nextInt(8);
            Script script = Script.deck(Math.max(3, cards)).step("count-beats", "pile", "deck", "beats", beats);
            Trace.Moment end = script.trace().end();
            if (end.broken().isPresent()) {
                continue;
            }
            List<Integer> seen = new ArrayList<>();
            List<Beat> read = Arrays.stream(beats.split(" "))
                    .map(b -> Beat.read(b).orElseThrow())
                    .toList();

            assertThat(script.cards("deck"))
                    .as("round %d: %s", round, beats)
                    .isEqualTo(counted(read, Math.max(3, cards), seen));
            assertThat(end.shown().stream().map(s -> s.card() + 1).toList())
                    .as("round %d: %s", round, beats)
                    .isEqualTo(seen);
            assertThat(end.passed().orElseThrow().seeming()).isEqualTo(read.size());
            done++;
        }
        assertThat(done).isGreaterThan(100);
    }

    @Test
    void counts_repeated_with_the_second_card_brought_back_begin_where_they_began() {
        Script script = Script.deck(6);
        for (int round = 1; round <= 3; round++) {
            script.step("hidden-third", "pile", "deck")
                    .step("exchange-blocks", "upper", "1", "lower", "4", "depth", "1");
            assertThat(script.cards("deck")).as("round %d", round).containsExactly(1, 2, 3, 4, 5, 6);
        }
    }

    /** The forces' choices must not matter: whatever they decide, the force card is the one. */
    @ParameterizedTest
    @CsvSource({"force-hindu, 12", "force-slip, 1", "force-crosswise, 1", "force-slide-back, 12", "force-glide, 12"})
    void a_force_works_wherever_they_stop(String move, int place) {
        Script script = Script.deck(12)
                .role("F", RoleKind.FORCE, "Tove", "6S")
                .place("6S", place)
                .step(move)
                .claim("name-known", "role", "F", "who", "owner");

        assertThat(script.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(script.survey().allHold()).isTrue();
        assertThat(script.survey().worlds()).isGreaterThanOrEqualTo(10);
    }
}
