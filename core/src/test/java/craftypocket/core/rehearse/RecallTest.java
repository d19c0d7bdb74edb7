package craftypocket.core.rehearse;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RecallTest {

    private static final Plan PLAN = dropped("31-37", "10-40").plan();

    private static final Map<String, String> SAYS = Map.of("s1", "Take any.", "s2", "Put it back.");

    private static Optional<RecallQuestion> question(List<RecallQuestion> all, String id) {
        return all.stream().filter(q -> q.id().equals(id)).findFirst();
    }

    private static Script dropped(String at, String depth) {
        return Script.deck(52)
                .selection("A", "Ines")
                .key("K", "KC", 52)
                .step("spread-pick", "not", "bottom")
                .step("return-drop-key", "way", "hindu", "at", at)
                .step("complete-cut", "depth", depth);
    }

    /** By hand: 31 of the 51 cards are drawn off, the other 20, the key lowest, fall on the card; ten of them are cut off. */
    @Test
    void places_are_asked_as_they_are_in_that_world() {
        Plan counted = dropped("31", "10").plan();
        List<RecallQuestion> all = Recall.questions(counted, World.USUAL, List.of(), SAYS, AllMoves.CATALOGUE, 1);

        RecallQuestion key = question(all, "where.s3.K").orElseThrow();
        RecallQuestion card = question(all, "where.s3.A").orElseThrow();
        assertThat(key.right()).isEqualTo(10);
        assertThat(card.right()).isEqualTo(11);
        assertThat(card.words()).contains("A, Ines’s card");
        assertThat(card.pile()).isEqualTo("deck");
        assertThat(question(all, "where.set-up.A")).isEmpty();
        assertThat(question(all, "bottom.set-up").orElseThrow().told()).contains("key");
        assertThat(question(all, "next.set-up").orElseThrow().told())
                .isEqualTo(counted.steps().get(0).sentence());
        assertThat(question(all, "next.s2").orElseThrow().told()).contains("10");
        assertThat(question(all, "next.s3")).isEmpty();
        assertThat(question(all, "say.s2").orElseThrow().told()).isEqualTo("Put it back.");
        assertThat(question(all, "say.s3")).isEmpty();
    }

    /** They stop anywhere from 31 to 37, and nobody counts a free cut: that the card is 43rd afterwards is not to be asked. */
    @Test
    void what_cannot_be_known_is_not_asked() {
        List<RecallQuestion> all = Recall.questions(PLAN, World.USUAL, List.of(), SAYS, AllMoves.CATALOGUE, 1);

        assertThat(question(all, "where.s1.K").orElseThrow().right()).isEqualTo(51);
        assertThat(question(all, "where.s2.K")).isEmpty();
        assertThat(question(all, "where.s2.A")).isEmpty();
        assertThat(question(all, "where.s3.K")).isEmpty();
        assertThat(question(all, "side.s3.K").orElseThrow().told()).isEqualTo("its back");
    }

    /** A key that nobody placed is asked for only once it is known where it lies. */
    @Test
    void where_nobody_said_a_card_lies_is_not_asked() {
        Plan plan = Script.anyDeck(52)
                .role("K", RoleKind.KEY, "", "7C")
                .step("turn-over")
                .step("take-found", "role", "K", "to", "table:found")
                .plan();
        List<RecallQuestion> all = Recall.questions(plan, World.USUAL, List.of(), Map.of(), AllMoves.CATALOGUE, 1);

        assertThat(question(all, "where.set-up.K")).isEmpty();
        assertThat(question(all, "where.s1.K")).isEmpty();
        assertThat(question(all, "where.s2.K").orElseThrow().pile()).isEqualTo("table:found");
    }

    /** The cut is not needed, for the key lies on top: after the pick comes the shuffle. */
    @Test
    void a_step_that_is_not_needed_does_not_come_next() {
        Plan plan = Script.deck(52)
                .selection("A", "Ines")
                .key("K", "KC", 1)
                .step("spread-pick", "at", "20")
                .step(new Step(
                        "s2",
                        "complete-cut",
                        Map.of("depth", "20"),
                        Optional.of(ClaimSpec.of("position", "role", "K", "nth", "5"))))
                .step("false-shuffle")
                .plan();

        for (long seed = 0; seed < 8; seed++) {
            List<RecallQuestion> all =
                    Recall.questions(plan, World.USUAL, List.of(), Map.of(), AllMoves.CATALOGUE, seed);
            assertThat(question(all, "next.s1").orElseThrow().told())
                    .isEqualTo(plan.steps().get(2).sentence());
        }
    }

    /** Whatever world: each answer agrees with the trace, and is one of those offered. */
    @Test
    void what_is_right_is_right_in_a_hundred_worlds() {
        for (long seed = 0; seed < 100; seed++) {
            World world = Recall.world(PLAN, seed);
            Trace trace = Tracer.trace(PLAN, world);
            List<RecallQuestion> all = Recall.questions(PLAN, world, List.of(), SAYS, AllMoves.CATALOGUE, seed);

            assertThat(all.stream().map(RecallQuestion::id).collect(Collectors.toSet()))
                    .hasSameSizeAs(all);
            for (RecallQuestion question : all) {
                if (question.answers().isEmpty()) {
                    int role = question.id().endsWith("A") ? 0 : 1;
                    Trace.RoleState state =
                            trace.moments().get(question.moment()).roles().get(role);
                    assertThat(question.right()).isEqualTo(state.position());
                    assertThat(question.pile()).isEqualTo(state.place().text());
                } else {
                    assertThat(question.answers().get(question.right())).isEqualTo(question.told());
                    assertThat(question.answers()).doesNotHaveDuplicates();
                }
            }
        }
    }

    @Test
    void a_world_is_drawn_from_all_that_is_possible_and_the_same_for_the_same_seed() {
        List<Integer> cuts = java.util.stream.LongStream.range(0, 300)
                .mapToObj(seed -> Recall.world(PLAN, seed).numbers().get("s3.depth"))
                .toList();

        assertThat(cuts).contains(10, 40).allMatch(cut -> cut >= 10 && cut <= 40);
        assertThat(Recall.world(PLAN, 7)).isEqualTo(Recall.world(PLAN, 7));
    }
}
