package craftypocket.core.claims;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What people believe beside what is: worked out by hand from what they are shown. */
class BeliefTest {

    private static Script packet(String cards) {
        return Script.deck(52).extra("none", cards).pile("other-hand", cards);
    }

    /** The same, with things that people are led to believe. */
    private static Plan believing(Script script, RoutineClaim... beliefs) {
        Routine routine = script.routine();
        List<RoutineClaim> claims = new ArrayList<>(routine.claims());
        claims.addAll(List.of(beliefs));
        return PlanReader.read(
                new Routine(routine.setUp(), routine.roles(), routine.steps(), claims), AllMoves.CATALOGUE);
    }

    private static RoutineClaim believed(String id, String after, String kind, String... settings) {
        return new RoutineClaim(id, after, ClaimSpec.of(kind, settings), true);
    }

    private static List<String> told(Trace.Moment moment) {
        return moment.beliefs().stream()
                .map(belief -> belief.sentence() + (belief.so() ? "" : " (not so)"))
                .toList();
    }

    @Test
    void six_counted_as_four_are_taken_for_four_and_what_is_lifted_off_in_the_open_is_seen_to_go() {
        Script script = packet("AS AH AC AD KS KH")
                .step("block-count")
                .claim("believed-size", "cards", "4")
                .step("lift-packet", "pile", "other-hand", "count", "1", "to", "table:one")
                .claim("believed-size", "cards", "3")
                .claim("believed-size", "cards", "1", "pile", "table:one")
                .claim("beliefs-true")
                .step("lift-packet", "pile", "other-hand", "count", "5", "to", "table:rest")
                .claim("believed-size", "cards", "3", "pile", "table:rest")
                .step("show-sides", "pile", "table:rest", "count", "5")
                .claim("believed-size", "cards", "5", "pile", "table:rest")
                .claim("beliefs-true");
        Trace trace = script.trace();

        // Counted as four; one goes, then all the rest; spread in the open, they are five.
        assertThat(trace.outcomes().subList(0, 7)).containsExactly(true, true, true, false, true, true, true);
        assertThat(told(trace.moments().get(1))).containsExactly("The other hand is taken for 4 cards (not so)");
        assertThat(told(trace.end())).isEmpty();
    }

    @Test
    void what_is_palmed_and_what_is_laid_down_as_one_goes_unnoticed() {
        Script palmed = Script.deck(52)
                .step("palm-top", "count", "3")
                .claim("believed-size", "pile", "deck", "cards", "52")
                .claim("beliefs-true")
                .step("palm-replace")
                .claim("beliefs-true");
        Script double_ = Script.deck(52)
                .step("multiple-lift", "count", "2", "then", "aside", "to", "table:hers")
                .claim("believed-size", "pile", "table:hers", "cards", "1")
                .claim("believed-size", "pile", "deck", "cards", "51")
                .claim("beliefs-true");

        assertThat(palmed.trace().outcomes().subList(0, 3)).containsExactly(true, false, true);
        assertThat(double_.trace().outcomes().subList(0, 3)).containsExactly(true, true, false);
    }

    @Test
    void what_is_said_is_believed_until_something_else_is_said_of_the_same() {
        Script script = Script.deck(10)
                .selection("A", "Ines")
                .step("spread-pick", "at", "3")
                .step("return-on-lower", "at", "4")
                .step("overhand", "chunks", "4 rest");
        Plan plan = believing(
                script.claim("beliefs-true"),
                believed("b1", "s2", "position", "role", "A", "nth", "5"),
                believed("b2", "s3", "position", "role", "A", "nth", "10"));
        Trace trace = Tracer.trace(plan, World.USUAL);

        // Returned below four it is the fifth; four go under the others, and it is on top.
        assertThat(told(trace.moments().get(1))).isEmpty();
        assertThat(told(trace.moments().get(2))).containsExactly("Ines’s card is 5th from the top of the deck");
        assertThat(told(trace.end())).containsExactly("Ines’s card is 10th from the top of the deck (not so)");
        assertThat(trace.outcomes().get(0)).isFalse();
    }

    @Test
    void a_packet_is_said_to_have_four_from_the_beginning() {
        Plan plan = believing(
                packet("AS AH AC AD KS")
                        .step("lift-packet", "pile", "other-hand", "count", "1", "to", "table:one")
                        .claim("believed-size", "cards", "3"),
                believed("b", "", "pile-size", "pile", "other-hand", "cards", "4"));
        Trace trace = Tracer.trace(plan, World.USUAL);

        assertThat(told(trace.moments().get(0))).containsExactly("The other hand is taken for 4 cards (not so)");
        assertThat(trace.outcomes().get(0)).isTrue();
    }

    @Test
    void nobody_believes_in_nine_hundred_cards() {
        assertThatThrownBy(() -> believing(
                        packet("AS AH").step("false-cut"),
                        believed("b", "", "pile-size", "pile", "other-hand", "cards", "900")))
                .isInstanceOfSatisfying(ProblemsFound.class, found -> {
                    assertThat(found.problems().get(0).field()).isEqualTo("claims[0].claim.settings.cards");
                    assertThat(found.problems().get(0).value()).isEqualTo("900");
                });
    }
}
