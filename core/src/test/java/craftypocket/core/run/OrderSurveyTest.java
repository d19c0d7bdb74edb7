package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Demos;
import craftypocket.core.Labelling;
import craftypocket.core.Script;
import craftypocket.core.reckon.OrderUnderRiffles;
import craftypocket.core.routine.RoleKind;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is asked of an order after riffles is judged over all ways. */
class OrderSurveyTest {

    private static final List<String> ORDER = List.of("AS", "2S", "3S", "4S");

    /** The key first, theirs the third of the order. */
    private static Script laid(int cards, int... places) {
        Script script = Script.deck(cards).key("K", "AS", places[0]).key("L", "3S", places[2]);
        return script.place("2S", places[1])
                .place("4S", places[3])
                .role("S", RoleKind.SLUG, "", String.join(" ", ORDER));
    }

    /** All cuts, and all labellings of the places: a label’s places take the next cards, from the top. */
    @ParameterizedTest
    @CsvSource({"6, 1, 1-2-3-4", "6, 2, 6-3-1-4", "7, 1, 2-3-5-7", "7, 2, 1-3-2-7", "8, 1, 8-1-2-3", "8, 1, 3-6-4-5"})
    void against_all_ways_of_small_packs(int cards, int riffles, String laid) {
        int[] places = IntStream.of(0, 1, 2, 3)
                .map(i -> Integer.parseInt(laid.split("-")[i]))
                .toArray();
        Survey survey = laid(cards, places)
                .step("spectator-cut")
                .step("spectator-riffle", "times", String.valueOf(riffles))
                .step("spectator-cut")
                .claim("next-of-order", "role", "L", "slug", "S", "key", "K", "within", "1")
                .claim("next-of-order", "role", "L", "slug", "S", "key", "K", "within", "2")
                .survey();

        long[] held = new long[2];
        long all = 0;
        int labels = 1 << riffles;
        for (int cut = 1; cut < cards; cut++) {
            List<Integer> deck =
                    new ArrayList<>(IntStream.rangeClosed(1, cards).boxed().toList());
            Collections.rotate(deck, -cut);
            for (int labelling = 0; labelling < Math.pow(labels, cards); labelling++) {
                int between = between(Labelling.riffled(deck, labels, labelling), places);
                held[0] += between < 1 ? 1 : 0;
                held[1] += between < 2 ? 1 : 0;
                all++;
            }
        }
        assertThat(survey.exhaustive()).as(survey.sampledBecause()).isTrue();
        for (int claim = 0; claim < 2; claim++) {
            Survey.Finding finding = survey.findings().get(claim);
            assertThat(finding.low())
                    .as(finding.condition().sentence())
                    .isCloseTo((double) held[claim] / all, within(1e-12));
        }
    }

    /** How many of the order come below the key before theirs; cards go by where they lay. */
    private static int between(List<Integer> deck, int[] places) {
        int met = 0;
        int at = deck.indexOf(places[0]);
        for (int below = 1; deck.get((at + below) % deck.size()) != places[2]; below++) {
            int card = deck.get((at + below) % deck.size());
            met += card == places[1] || card == places[3] ? 1 : 0;
        }
        return met;
    }

    /** With one and with two riffles as often, and each hour alike: the tile says of each how often it is right, and one o’clock is. */
    @Test
    void the_ships_clock_is_right_as_often_as_the_tile_says() throws IOException {
        Survey survey = Demos.all().stream()
                .filter(demo -> demo.file().startsWith("31"))
                .findFirst()
                .orElseThrow()
                .script()
                .survey();
        double right = 0;
        for (int riffles = 1; riffles <= 2; riffles++) {
            right += 1
                    + OrderUnderRiffles.byNumber(52, 12, riffles).stream()
                            .mapToDouble(OrderUnderRiffles.Odds::share)
                            .sum();
        }

        assertThat(survey.exhaustive()).as(survey.sampledBecause()).isTrue();
        Survey.Finding found = survey.findings().stream()
                .filter(finding -> finding.condition().id().equals("found"))
                .findFirst()
                .orElseThrow();
        assertThat(found.low()).isCloseTo(right / 24, within(1e-12));
        assertThat(found.failing()).isNotNull();
    }

    /** What else moves cards of it leaves nothing of what was known of an order: that is a sample, and says why. */
    @Test
    void an_order_that_is_broken_up_is_sampled() {
        Survey survey = laid(52, 1, 2, 3, 4)
                .step("spectator-riffle")
                .step("deal-singly", "count", "2")
                .claim("next-of-order", "role", "L", "slug", "S", "key", "K")
                .survey();

        assertThat(survey.exhaustive()).isFalse();
        assertThat(survey.sampledBecause()).isEqualTo("an order is asked for that shuffles have broken up");
    }

    /** The law of many riffles takes too long, as does a long look ahead: it is a sample then, and none that keeps a core busy. */
    @ParameterizedTest
    @CsvSource({"20, 1", "5, 40"})
    void more_than_can_be_reckoned_is_sampled(String riffles, String within) {
        Survey survey = laid(52, 1, 2, 3, 4)
                .step("spectator-riffle", "times", riffles)
                .claim("next-of-order", "role", "L", "slug", "S", "key", "K", "within", within)
                .survey();

        assertThat(survey.exhaustive()).isFalse();
    }

    /** As many as a pack has, and more: theirs always comes among them, as it is of the order. */
    @Test
    void among_as_many_as_there_are_it_always_comes() {
        for (String within : List.of("4", "60", "104")) {
            Survey.Finding finding = laid(8, 1, 2, 3, 4)
                    .step("spectator-riffle")
                    .claim("next-of-order", "role", "L", "slug", "S", "key", "K", "within", within)
                    .survey()
                    .findings()
                    .get(0);

            assertThat(finding.verdict()).as(within).isEqualTo(Survey.Verdict.ALWAYS);
        }
    }

    /** Cards of an order for which nobody asks matter no more than others. */
    @Test
    void an_order_for_which_nobody_asks_is_not_followed() {
        Survey survey = laid(52, 1, 2, 3, 4)
                .step("spectator-riffle")
                .step("spectator-riffle")
                .claim("directly-below", "role", "L", "of", "K")
                .survey();

        assertThat(survey.exhaustive()).as(survey.sampledBecause()).isTrue();
    }
}
