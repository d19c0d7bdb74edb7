package craftypocket.core.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.reckon.OrderUnderRiffles;
import craftypocket.core.reckon.SafeNumber;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.settings.BeatLists;
import java.util.List;
import org.junit.jupiter.api.Test;

class SweepTest {

    private static Sweep over(Script script, Unknown.Kind kind, String id, String setting, int most) {
        return Sweep.over(script.routine(), new Unknown(kind, id, setting), most, AllMoves.CATALOGUE, () -> false);
    }

    /** The rule: the estimated depth, its error and two more. */
    @Test
    void the_announced_number_is_the_one_of_the_rule() {
        Script wager = Script.deck(52)
                .selection("A", "Ines")
                .key("K", "KC", 52)
                .step("spread-pick", "not", "bottom")
                .step("return-drop-key", "way", "hindu", "at", "31-37")
                .step("announce-past", "estimate", "17±3", "number", "5");

        Sweep sweep = over(wager, Unknown.Kind.STEP, "s3", "number", 52);

        assertThat(sweep.best()).hasValue(new SafeNumber(17, 3).smallest());
        assertThat(sweep.points().get(20).share()).isLessThan(1);
        assertThat(sweep.points().get(20).because()).contains("lies face up");
    }

    @Test
    void the_place_of_a_card_is_found_from_a_claim() {
        Script four = Script.deck(52)
                .selection("A", "Ulla")
                .step("spread-pick", "at", "any")
                .step("return-four-under", "at", "15-37")
                .claim("position", "role", "A", "nth", "1");

        assertThat(over(four, Unknown.Kind.CLAIM, "c1", "nth", 52).best()).hasValue(5);
    }

    @Test
    void the_odd_card_must_lie_third_for_the_count_to_hide_it() {
        Script count = Script.deck(52)
                .extra("none", "KS QS KH blank")
                .pile("other-hand", "blank KS QS KH")
                .role("B", RoleKind.HELPER, "", "blank")
                .step("hidden-third")
                .claim("position", "role", "B", "nth", "1", "from", "bottom", "pile", "other-hand");

        assertThat(over(count, Unknown.Kind.PILE, "other-hand", "blank", 4).best())
                .hasValue(3);
    }

    @Test
    void a_start_place_is_solved_for() {
        Script script = Script.deck(20)
                .role("K", RoleKind.KEY, "", "5S")
                .step("faro-out")
                .claim("position", "role", "K", "nth", "4");

        Sweep sweep = over(script, Unknown.Kind.START, "", "5S", 20);

        assertThat(sweep.best()).hasValue(12);
        assertThat(sweep.points()).hasSize(20);
    }

    @Test
    void the_start_of_a_card_that_lies_face_up_in_the_order_is_solved_for() {
        Script script = Script.deck(5)
                .order("AS 2S↑ 3S 4S 5S")
                .role("K", RoleKind.KEY, "", "2S")
                .step("complete-cut", "depth", "1")
                .claim("position", "role", "K", "nth", "3")
                .claim("lies", "role", "K", "side", "up");

        Sweep sweep = over(script, Unknown.Kind.START, "", "2S", 5);

        // After a cut of one, the third was the fourth before.
        assertThat(sweep.best()).hasValue(4);
        assertThat(sweep.points()).hasSize(5);
    }

    @Test
    void how_many_shuffles_an_order_stands() {
        Script order = Script.deck(52)
                .selection("A", "Ines")
                .role("K", RoleKind.KEY, "", "AS")
                .role("S", RoleKind.SLUG, "", "AS 2S 3S 4S 5S 6S 7S 8S 9S 10S JS QS")
                .step("deal-to-number", "at", "2-12")
                .step("spectator-riffle", "times", "1")
                .step("find-order-card");

        List<Sweep.Point> points =
                over(order, Unknown.Kind.STEP, "s2", "times", 3).points();

        // The tile has a sum of its own, for each number.
        for (int riffles = 1; riffles <= 3; riffles++) {
            double right = OrderUnderRiffles.byNumber(52, 12, riffles).stream()
                    .skip(1)
                    .mapToDouble(OrderUnderRiffles.Odds::share)
                    .average()
                    .orElseThrow();
            assertThat(points.get(riffles - 1).share()).isCloseTo(right, within(1e-12));
            assertThat(points.get(riffles - 1).exhaustive()).isTrue();
        }
    }

    @Test
    void a_sweep_that_is_cancelled_stops_and_says_so() {
        Script script = Script.deck(20).step("complete-cut", "depth", "3");

        Sweep sweep = Sweep.over(
                script.routine(), new Unknown(Unknown.Kind.STEP, "s1", "depth"), 19, AllMoves.CATALOGUE, () -> true);

        assertThat(sweep.stopped()).isTrue();
        assertThat(sweep.points()).hasSizeLessThan(19);
    }

    @Test
    void a_sweep_tells_after_each_value_how_far_it_is() {
        Told told = new Told();
        Script script = Script.deck(20).step("complete-cut", "depth", "3");

        Sweep.over(script.routine(), new Unknown(Unknown.Kind.STEP, "s1", "depth"), 4, AllMoves.CATALOGUE, told);

        assertThat(told.shares()).containsExactly(0.25, 0.5, 0.75, 1.0);
    }

    @Test
    void nothing_is_best_when_nothing_ever_holds() {
        Script script = Script.deck(8).key("K", "AS", 1).step("false-cut").claim("position", "role", "K", "nth", "3");

        assertThat(over(script, Unknown.Kind.CLAIM, "c1", "nth", 8).best()).hasValue(1);
        assertThat(over(script, Unknown.Kind.STEP, "nowhere", "depth", 8).best())
                .isEmpty();
    }

    /** Four cards, face up: which counts of four beats never show the third? By hand: the one that is taught does. */
    @Test
    void the_beats_that_hide_a_card_are_solved_for() {
        Script count = Script.deck(52)
                .extra("none", "2C JD 3C 4C")
                .pile("other-hand", "2C↑ JD↑ 3C↑ 4C↑")
                .step("count-beats", "beats", "peel peel peel peel")
                .claim("never-seen", "face", "3C");

        Sweep sweep = over(count, Unknown.Kind.BEATS, "s1", "beats", 1);

        assertThat(sweep.points()).allSatisfy(point -> assertThat(point.share()).isEqualTo(1));
        assertThat(sweep.points().stream().map(Sweep.Point::text))
                .contains("peel under-all-but peel peel")
                .doesNotContain("peel peel peel peel", "draw draw peel peel");
        assertThat(BeatLists.of(4)).hasSize(3 * 5 * 5 * 6).startsWith("peel peel peel peel");
    }

    @Test
    void beats_that_were_left_as_usual_are_solved_for_too() {
        Script count = Script.deck(52)
                .extra("none", "2C JD 3C 4C")
                .pile("other-hand", "2C↑ JD↑ 3C↑ 4C↑")
                .step("hidden-third")
                .claim("never-seen", "face", "3C");

        assertThat(over(count, Unknown.Kind.BEATS, "s1", "beats", 1).points().stream()
                        .map(Sweep.Point::text))
                .contains("peel under-all-but peel peel")
                .doesNotContain("peel peel peel peel");
    }

    /** Three cards anywhere after rough shuffles are too much together: each claim is exact, and both at once are a sample. */
    @Test
    void what_only_bounds_are_known_of_is_a_sample() {
        Script script = Script.deck(52);
        List.of("A", "B", "C").forEach(letter -> script.selection(letter, "Person " + letter));
        List.of("A", "B", "C").forEach(letter -> script.step("spread-pick", "role", letter, "at", "any"));
        List.of("A", "B", "C").forEach(letter -> script.step("return-on-lower", "role", letter, "at", "any"));
        Plan plan = script.step("overhand", "chunks", "8±2 8±2 8±2 8±2 8±2 8±2")
                .step("spectator-cut")
                .claim("position", "role", "A", "nth", "1-26")
                .claim("position", "role", "B", "nth", "1-26")
                .plan();
        SurveyOptions options = SurveyOptions.withDefaults().withSample(20_000, 3);
        Survey each = Surveyor.survey(plan, options);
        Survey both = Sweep.together(plan, options);

        assertThat(each.exhaustive()).isTrue();
        assertThat(each.allHeld()).isLessThan(each.allHeldAtMost());
        assertThat(both.exhaustive()).isFalse();
        assertThat((double) both.allHeld() / both.worlds())
                .isBetween((double) each.allHeld() / each.worlds(), (double) each.allHeldAtMost() / each.worlds());
    }
}
