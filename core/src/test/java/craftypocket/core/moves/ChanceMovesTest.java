package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Script;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.read.Plan;
import craftypocket.core.reckon.Riffles;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Trace;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Moves with real shuffles in them: what every shuffle keeps, and how often things happen, by a fixed seed. */
class ChanceMovesTest {

    /** Moves that are tried here and not on a deck that can be laid out. */
    static final Set<String> TRIED = Set.of(
            "spectator-riffle",
            "spectator-overhand",
            "wash",
            "lopsided-riffle",
            "riffle-keep",
            "top-block-lift",
            "double-spell-cut");

    private static final int SHUFFLES = 500;

    private static List<Integer> shuffled(Script script, int number) {
        String step = "s" + script.routine().steps().size();
        return Script.cards(script.trace(Map.of(step + ".shuffle", number)), "deck");
    }

    /** How often the next higher card lies above its neighbour, and one. */
    static int risingSequences(List<Integer> order) {
        int sequences = 1;
        for (int card = 1; card < order.size(); card++) {
            sequences += order.indexOf(card + 1) < order.indexOf(card) ? 1 : 0;
        }
        return sequences;
    }

    @Test
    void a_riffle_gives_at_most_two_rising_sequences_and_is_not_always_the_same() {
        Set<List<Integer>> orders = new HashSet<>();
        for (int number = 1; number <= SHUFFLES; number++) {
            List<Integer> order = shuffled(Script.deck(52).step("spectator-riffle"), number);
            orders.add(order);
            assertThat(risingSequences(order)).as("shuffle %d", number).isLessThanOrEqualTo(2);
            assertThat(risingSequences(shuffled(Script.deck(20).step("spectator-riffle", "times", "2"), number)))
                    .as("shuffle %d", number)
                    .isLessThanOrEqualTo(4);
        }
        assertThat(orders).hasSizeGreaterThan(SHUFFLES - 5);
    }

    @Test
    void a_riffle_that_keeps_top_and_bottom_keeps_them_and_mixes_the_rest() {
        for (int number = 1; number <= SHUFFLES; number++) {
            List<Integer> order =
                    shuffled(Script.deck(20).step("riffle-keep", "top", "3", "bottom", "2", "cut", "10"), number);

            assertThat(order.subList(0, 3)).containsExactly(1, 2, 3);
            assertThat(order.subList(18, 20)).containsExactly(19, 20);
            assertThat(risingSequences(order)).isLessThanOrEqualTo(2);
        }
    }

    @Test
    void an_overhand_shuffle_by_chance_has_as_many_chunks_as_it_says() {
        for (int number = 1; number <= SHUFFLES; number++) {
            List<Integer> order = shuffled(Script.deck(30).step("spectator-overhand", "chunks", "7"), number);
            int breaks = 0;
            for (int i = 1; i < order.size(); i++) {
                breaks += order.get(i) == order.get(i - 1) + 1 ? 0 : 1;
            }
            assertThat(breaks).as("shuffle %d", number).isEqualTo(6);
        }
    }

    @Test
    void cards_smeared_over_the_table_lose_their_places_and_keep_their_sides() {
        Script washed =
                Script.deck(10).key("K", "AS", 1).step("turn-card", "at", "1").step("wash");
        Trace trace = washed.trace(Map.of("s2.shuffle", 7));

        assertThat(Script.cards(trace, "deck")).contains(-1, 2).hasSize(10);
        // Its name is known, so it can be looked for; counted to, it cannot.
        assertThat(washed.known(Map.of("s2.shuffle", 7)).get(2).place(0)).isEqualTo(PlaceKnowledge.BY_LOOKING);
    }

    /** Common practice: about four times in five. In the model the share of the upper packet: 42 of 52, 0.808. */
    @ParameterizedTest
    @ValueSource(ints = {5, 26, 42, 51})
    void the_top_card_stays_on_top_as_often_as_its_packet_is_large(int cut) {
        Survey.Finding finding = Script.deck(52)
                .key("K", "AS", 1)
                .step("lopsided-riffle", "cut", String.valueOf(cut))
                .claim("position", "role", "K")
                .verdict(0);

        assertThat(finding.low()).as("cut %d", cut).isEqualTo(finding.high()).isCloseTo(cut / 52.0, within(1e-14));
    }

    /** In the model: a / (a + b). One interval in twenty of 95 % may miss it; none may miss it by far. */
    @Test
    void so_it_is_for_every_size_of_the_upper_packet() {
        int inside = 0;
        for (int cut = 1; cut <= 51; cut++) {
            Plan plan = Script.deck(52)
                    .key("K", "AS", 1)
                    .step("lopsided-riffle", "cut", String.valueOf(cut))
                    .claim("position", "role", "K")
                    .plan();
            Survey.Finding finding = Surveyor.survey(
                            plan,
                            SurveyOptions.withDefaults().withSample(20_000, 1).visiting())
                    .findings()
                    .get(0);
            double exact = Riffles.topStays(cut, 52 - cut);
            double half = (finding.high() - finding.low()) / 2;
            inside += exact >= finding.low() && exact <= finding.high() ? 1 : 0;
            assertThat(finding.held() / 20_000.0).as("cut %d", cut).isCloseTo(exact, within(2.3 * half));
        }
        assertThat(inside).isGreaterThanOrEqualTo(44);
    }

    @Test
    void before_they_are_squared_the_wanted_card_is_lifted_to_the_top() {
        Script lifted = Script.deck(52)
                .key("A", "AS", 1)
                .step("lopsided-riffle", "cut", "42", "square", "you")
                .step("top-block-lift")
                .claim("position", "role", "A");

        assertThat(lifted.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(lifted.survey().exhaustive()).isTrue();
    }

    /** Which cards are of the upper packet is kept apart only where somebody looks: by the block that comes back with it. */
    @Test
    void a_packet_that_is_looked_for_is_kept_apart() {
        Script lifted = Script.deck(8)
                .key("A", "AS", 1)
                .key("K", "2S", 2)
                .step("lopsided-riffle", "cut", "2", "square", "you")
                .step("top-block-lift", "what", "upper", "count", "2")
                .claim("position", "role", "A")
                .claim("position", "role", "K", "nth", "2");

        assertThat(lifted.survey().exhaustive()).isTrue();
        assertThat(lifted.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(lifted.verdict(1).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
    }

    /** As it is said: the uppermost cards of one packet come to the top, in their order, and all others keep theirs. */
    @ParameterizedTest
    @ValueSource(strings = {"upper", "lower"})
    void a_block_of_one_packet_is_lifted_as_a_whole(String packet) {
        int cut = 8;
        for (int count = 1; count <= 5; count++) {
            Script script = Script.deck(20)
                    .key("A", "AS", 1)
                    .step("lopsided-riffle", "cut", String.valueOf(cut), "square", "you")
                    .step("top-block-lift", "what", packet, "count", String.valueOf(count));
            for (int shuffle = 1; shuffle <= 20; shuffle++) {
                Trace trace = script.trace(Map.of("s1.shuffle", shuffle));
                List<Integer> riffled = cards(trace.moments().get(1));
                List<Integer> block = riffled.stream()
                        .filter(card -> (card < cut) == packet.equals("upper"))
                        .limit(count)
                        .toList();
                List<Integer> expected = new ArrayList<>(block);
                riffled.stream().filter(card -> !block.contains(card)).forEach(expected::add);

                assertThat(cards(trace.end()))
                        .as("%d cards, shuffle %d", count, shuffle)
                        .isEqualTo(expected);
            }
        }
    }

    /** Whatever fell on the wanted card, which was on top: it is the first of the upper packet, and comes back with its block. */
    @Test
    void a_card_that_was_on_top_comes_back_with_its_block_always() {
        Script lifted = Script.deck(52)
                .key("A", "AS", 1)
                .step("lopsided-riffle", "cut", "42", "square", "you")
                .step("top-block-lift", "what", "upper", "count", "5±1")
                .claim("position", "role", "A");

        assertThat(lifted.trace().end().sentence())
                .as("how many by eye is said")
                .contains("the top 5 of the upper packet");

        assertThat(lifted.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
    }

    private static List<Integer> cards(Trace.Moment moment) {
        var deck = moment.layout().at(Place.read("deck").orElseThrow());
        return IntStream.rangeClosed(1, deck.size()).mapToObj(deck::card).toList();
    }

    @Test
    void a_survey_of_real_shuffles_repeats_with_its_seed_and_its_failing_world_fails() {
        Script script = Script.deck(20)
                .key("K", "AS", 1)
                .step("spectator-riffle", "times", "1-3")
                .claim("position", "role", "K");
        Survey.Finding finding = script.verdict(0);

        assertThat(script.verdict(0).held()).isEqualTo(finding.held());
        assertThat(script.trace(finding.failing().numbers()).outcomes().get(0)).isFalse();
        assertThat(finding.charts())
                .singleElement()
                .satisfies(chart ->
                        assertThat(chart.bars()).extracting(Survey.Bar::number).containsExactly(1, 2, 3));
    }

    /**
     * Common practice, spelled with "of": the eight of clubs has 12 letters and the queen of diamonds 15. The selection is
     * on the face, the queen thirteenth from it: 27 cards come to the top.
     */
    @Test
    void a_double_spelling_is_cut_to() {
        Trace trace = Script.deck(52)
                .role("A", RoleKind.SELECTION, "Ines", "8C")
                .role("L", RoleKind.HELPER, "", "")
                .place("8C", 52)
                .place("QD", 40)
                .step("double-spell-cut")
                .step("spell-to", "role", "L", "to", "table:first")
                .step("spell-to", "role", "A", "to", "table:second")
                .trace();

        assertThat(trace.moments().get(1).roles().get(0).position()).isEqualTo(27);
        assertThat(trace.moments().get(1).roles().get(1).position()).isEqualTo(15);
        assertThat(trace.outcomes()).doesNotContain(false);
        assertThat(trace.end()
                        .layout()
                        .at(Place.read("table:second").orElseThrow())
                        .faceUp(1))
                .isTrue();
    }
}
