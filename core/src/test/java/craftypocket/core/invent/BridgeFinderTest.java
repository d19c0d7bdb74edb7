package craftypocket.core.invent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Condition;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.solve.Told;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class BridgeFinderTest {

    private static Bridge find(Script script, ClaimSpec goal) {
        List<Step> steps = script.routine().steps();
        String after = steps.isEmpty() ? "" : steps.get(steps.size() - 1).id();
        return new BridgeFinder(script.routine(), AllMoves.CATALOGUE, after, goal, move -> true).find(() -> false);
    }

    private static ClaimSpec at(String nth, String from) {
        return ClaimSpec.of("position", "role", "K", "nth", nth, "from", from);
    }

    private static Set<String> singles(Bridge bridge) {
        return bridge.ways().stream()
                .filter(way -> way.steps().size() == 1)
                .map(way -> way.steps().get(0).move())
                .collect(Collectors.toSet());
    }

    @Test
    void from_a_break_above_it_a_card_comes_to_the_top_in_the_known_ways() {
        Script script = Script.deck(52).key("K", "AS", 27).step("hold-break", "depth", "26");

        Bridge bridge = find(script, at("1", "top"));

        assertThat(bridge.outcome()).isEqualTo(Bridge.Outcome.FOUND);
        assertThat(singles(bridge)).contains("cut-to-break", "double-undercut", "pass", "shuffle-from-break");
        assertThat(bridge.ways()).allMatch(way -> way.share() == 1.0);
    }

    @Test
    void from_the_top_to_second_bottom_and_fifth_one_move_is_enough() {
        Script top = Script.deck(52).key("K", "AS", 1);

        assertThat(singles(find(top, at("2", "top")))).contains("top-change-place", "exchange-blocks");
        assertThat(singles(find(top, at("1", "bottom")))).contains("overhand-top-to-bottom");
        assertThat(singles(find(top, at("5", "top")))).contains("exchange-blocks");
    }

    /** By a cut of 32 the bottom card of 52 comes to be the 20th; of 26 by a cut of 6. */
    @ParameterizedTest
    @CsvSource({"52, 20, 32", "26, 20, 6", "26, 5, 21"})
    void from_the_bottom_anywhere_a_cut_is_found_whose_number_is_a_difference(int cards, String nth, String depth) {
        Script script = Script.deck(cards).key("K", "AS", cards);

        Bridge bridge = find(script, at(nth, "top"));

        assertThat(bridge.ways())
                .anyMatch(way -> way.steps().size() == 1
                        && way.steps().get(0).move().equals("complete-cut")
                        && way.steps().get(0).settings().get("depth").equals(depth));
        assertThat(bridge.ways().stream().flatMap(way -> way.steps().stream()))
                .filteredOn(step -> step.move().equals("palm-top"))
                .allMatch(step -> Integer.parseInt(step.settings().get("count")) <= 16);
    }

    /** Four aces lie in the other hand, and a break is held under three of the deck. */
    private static Script aces() {
        return Script.deck(52)
                .key("K", "AS", 1)
                .key("L", "2S", 5)
                .step("lift-packet", "count", "4", "to", "other-hand")
                .step("hold-break", "depth", "3");
    }

    /** A card was taken from anywhere, and the bottom card is known. */
    private static Script out() {
        return Script.deck(52).key("K", "AS", 52).selection("A", "Ines").step("spread-pick", "at", "20");
    }

    static Stream<Arguments> what_one_move_does() {
        Script force = Script.deck(52).key("F", "AS", 1).selection("A", "Ines");
        Script top = Script.deck(52).key("K", "AS", 1).key("B", "2S", 30);
        return Stream.of(
                // Of a packet of four and three cards added, the first of the three comes second: the packet’s last
                // lies on it.
                arguments("add-on", aces(), ClaimSpec.of("position", "role", "L", "nth", "2")),
                // Counted one by one into the other hand four cards lie in the other order.
                arguments(
                        "count-beats", aces(), ClaimSpec.of("position", "role", "K", "nth", "4", "pile", "other-hand")),
                arguments(
                        "wrist-turn", aces(), ClaimSpec.of("position", "role", "K", "nth", "4", "pile", "other-hand")),
                arguments(
                        "visible-change",
                        aces(),
                        ClaimSpec.of("position", "role", "K", "nth", "4", "pile", "other-hand")),
                arguments("force-slip", force, ClaimSpec.of("seen", "face", "F")),
                arguments("return-drop-key", out(), ClaimSpec.of("directly-below", "role", "A", "of", "K")),
                arguments("jog-control", out(), ClaimSpec.of("position", "role", "A", "nth", "1")),
                arguments("drop-packet", out(), ClaimSpec.of("position", "role", "A", "nth", "1")),
                // The top card is run onto the other, and the rest thrown on: 29 lie above it in one chunk.
                arguments("overhand-top-to-bottom", top, ClaimSpec.of("directly-below", "role", "K", "of", "B")),
                // 17 from the bottom: 17 are drawn off first, as a setting of two words.
                arguments(
                        "overhand",
                        Script.deck(52).key("K", "AS", 1),
                        ClaimSpec.of("position", "role", "K", "nth", "17", "from", "bottom")));
    }

    @ParameterizedTest
    @MethodSource("what_one_move_does")
    void forces_returns_counts_switches_and_packets_beside_the_deck_are_answers(
            String move, Script script, ClaimSpec goal) {
        assertThat(singles(find(script, goal))).contains(move);
    }

    @ParameterizedTest
    @MethodSource("what_one_move_does")
    void every_way_that_is_offered_is_true_when_it_is_done(String move, Script script, ClaimSpec goal) {
        int before = script.routine().steps().size();
        Bridge bridge = find(script, goal);

        assertThat(bridge.ways()).isNotEmpty();
        for (Bridge.Way way : bridge.ways()) {
            Script done = Script.from(script.routine());
            way.steps().forEach(done::step);
            Survey survey = done.claim(goal).survey();
            assertThat(survey.findings())
                    .as("%s", way)
                    .filteredOn(finding -> finding.condition().kind() == Condition.Kind.CLAIM
                            || finding.condition().step() >= before)
                    .extracting(Survey.Finding::verdict)
                    .allMatch(verdict -> way.share() < 1 || verdict == Survey.Verdict.ALWAYS);
        }
    }

    @ParameterizedTest
    @MethodSource("what_one_move_does")
    void no_way_has_a_step_too_many(String move, Script script, ClaimSpec goal) {
        for (Bridge.Way way : find(script, goal).ways()) {
            for (int left = 0; left < way.steps().size() && way.steps().size() > 1; left++) {
                Script shorter = Script.from(script.routine());
                for (int i = 0; i < way.steps().size(); i++) {
                    if (i != left) {
                        shorter.step(way.steps().get(i));
                    }
                }
                Survey.Finding finding = shorter.claim(goal).verdict(0);
                assertThat(finding.verdict()).as("%s without %s", way, left).isNotEqualTo(Survey.Verdict.ALWAYS);
            }
        }
    }

    /** Another card that is made theirs is no way to bring theirs anywhere. */
    @Test
    void no_way_makes_another_card_theirs() {
        Script script = Script.deck(20).key("K", "AS", 7).selection("A", "Ines").step("follow-card", "at", "12");

        assertThat(find(script, ClaimSpec.of("position", "role", "A", "nth", "1")).ways().stream()
                        .flatMap(way -> way.steps().stream()))
                .isNotEmpty()
                .noneMatch(
                        step -> step.move().equals("follow-card") || step.move().equals("take-indifferent"));
    }

    /** Of a card that is lost in the deck nobody can say where to look: looking and cutting to it works in no way, and is not offered. */
    @Test
    void what_the_performer_cannot_know_is_no_way() {
        Script lost = Script.deck(52).selection("A", "Ines").step("spread-pick").step("return-on-lower");
        ClaimSpec top = ClaimSpec.of("position", "role", "A", "nth", "1");
        assertThat(find(lost, top).ways())
                .allMatch(way -> way.share() < 0.2)
                .noneMatch(way -> way.steps().get(0).move().equals("cut-to-key"));
        Script kept =
                Script.deck(52).selection("A", "Ines").step("spread-pick").step("return-on-lower", "keep", "break");
        assertThat(find(kept, top).ways())
                .filteredOn(way -> way.share() == 1)
                .extracting(way -> way.steps().get(0).move())
                .contains("cut-to-break", "double-undercut", "pass");
    }

    @Test
    void what_is_so_already_takes_a_move_that_keeps_it() {
        Bridge bridge = find(Script.deck(8).key("K", "AS", 1), at("1", "top"));

        assertThat(singles(bridge)).contains("false-cut");
    }

    @Test
    void what_cannot_be_is_not_found_and_a_search_can_be_stopped() {
        Script small = Script.deck(4).key("K", "AS", 1);
        Bridge none = new BridgeFinder(
                        small.routine(),
                        AllMoves.CATALOGUE,
                        "",
                        at("9", "top"),
                        move -> move.id().equals("complete-cut"))
                .find(() -> false);
        assertThat(none.outcome()).isEqualTo(Bridge.Outcome.NONE);
        assertThat(none.within()).isEqualTo(BridgeFinder.MOST_MOVES);

        Bridge stopped = new BridgeFinder(small.routine(), AllMoves.CATALOGUE, "", at("3", "top"), move -> true)
                .find(() -> true);
        assertThat(stopped.outcome()).isEqualTo(Bridge.Outcome.STOPPED);
        assertThat(stopped.ways()).isEmpty();
    }

    @Test
    void ways_of_one_length_come_easiest_first_and_then_most_natural_first() {
        Script script = Script.deck(52).key("K", "AS", 27).step("hold-break", "depth", "26");

        List<Bridge.Way> always = find(script, at("1", "top")).ways();

        for (int i = 1; i < always.size(); i++) {
            Bridge.Way before = always.get(i - 1);
            Bridge.Way way = always.get(i);
            if (before.steps().size() == way.steps().size() && before.share() == way.share()) {
                assertThat(before.difficulty()).isLessThanOrEqualTo(way.difficulty());
                if (before.difficulty() == way.difficulty()) {
                    assertThat(before.oddity()).isLessThanOrEqualTo(way.oddity());
                }
            }
        }
        assertThat(always).isNotEmpty();
    }

    @Test
    void cuts_and_what_is_not_seen_look_natural_and_arranging_cards_does_not() {
        Script script = Script.deck(52).key("K", "AS", 27).step("hold-break", "depth", "26");
        List<Bridge.Way> ways = find(script, at("1", "top")).ways();

        assertThat(oddity(ways, "cut-to-break")).isZero();
        assertThat(oddity(ways, "pass")).isZero();
        assertThat(oddity(ways, "shuffle-from-break")).isZero();
        assertThat(oddity(
                        find(Script.deck(52).key("K", "AS", 1), at("5", "top")).ways(), "exchange-blocks"))
                .isPositive();
    }

    private static int oddity(List<Bridge.Way> ways, String move) {
        return ways.stream()
                .filter(way ->
                        way.steps().size() == 1 && way.steps().get(0).move().equals(move))
                .findFirst()
                .orElseThrow()
                .oddity();
    }

    @Test
    void a_search_tells_how_far_it_is() {
        Told told = new Told();
        Script script = Script.deck(52).key("K", "AS", 27);
        ClaimSpec impossible = ClaimSpec.of("pile-size", "pile", "palm", "compare", "exactly", "cards", "40");

        Bridge bridge = new BridgeFinder(script.routine(), AllMoves.CATALOGUE, "", impossible, move -> true).find(told);

        assertThat(bridge.ways()).isEmpty();
        assertThat(told.shares()).isNotEmpty().isSorted().allMatch(share -> share > 0 && share <= 1);
    }

    @Test
    void only_moves_that_can_be_done_are_used() {
        Script script = Script.deck(52).key("K", "AS", 27).step("hold-break", "depth", "26");
        Bridge bridge = new BridgeFinder(
                        script.routine(),
                        AllMoves.CATALOGUE,
                        "s1",
                        at("1", "top"),
                        move -> move.id().equals("double-undercut"))
                .find(() -> false);

        assertThat(bridge.ways())
                .allMatch(way -> way.steps().stream().allMatch(s -> s.move().equals("double-undercut")));
    }
}
