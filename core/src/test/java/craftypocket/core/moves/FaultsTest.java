package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Demos;
import craftypocket.core.layout.Hold;
import craftypocket.core.read.Plan;
import craftypocket.core.run.Trace;
import java.io.IOException;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What goes wrong in moves, as it is offered after a slip (common practice). */
class FaultsTest {

    /** What no hand has to keep. */
    private static final Set<Hold.Kind> STAYS_BY_ITSELF = Set.of(Hold.Kind.BEND, Hold.Kind.SEPARATION);

    @Test
    void every_move_has_faults_of_its_own_that_a_run_can_keep() {
        for (Move move : AllMoves.CATALOGUE.moves()) {
            assertThat(move.faults())
                    .as(move.id())
                    .hasSizeGreaterThanOrEqualTo(2)
                    .doesNotHaveDuplicates()
                    .allSatisfy(fault -> assertThat(fault).hasSizeBetween(3, 60));
        }
    }

    @Test
    void hands_lose_a_jog_and_people_deal_one_too_many_behind_your_back() {
        assertThat(faults("jog-control")).contains("jog lost", "took two").doesNotContain("they took one too many");
        for (String held :
                List.of("hold-break", "pass-break", "pass", "cut-to-break", "half-pass", "double-undercut")) {
            assertThat(faults(held)).as(held).contains("break lost");
        }
        assertThat(faults("deal-to-number")).contains("they took one too many", "they took one too few");
        assertThat(faults("say")).contains("wrong words").doesNotContain("flash");
        assertThat(faults("multiple-lift")).contains("flash");
        // Words of a move may speak of a break that is none of its own.
        assertThat(faults("let-go")).doesNotContain("break lost", "jog lost");
    }

    @Test
    void what_a_step_of_a_demo_takes_in_hand_can_be_lost_in_it() throws IOException {
        for (Demos.Demo demo : Demos.all()) {
            assertThatHoldsCanBeLost(demo.script().plan(), demo.script().trace());
        }
    }

    /** Whoever takes a break or jogs a card in a step can lose it there. */
    static void assertThatHoldsCanBeLost(Plan plan, Trace trace) {
        for (int moment = 1; moment < trace.moments().size(); moment++) {
            Move move = plan.steps().get(moment - 1).move();
            List<Hold> before = trace.moments().get(moment - 1).layout().holds();
            for (Hold held : trace.moments().get(moment).layout().holds()) {
                boolean taken = before.stream().noneMatch(each -> each.kind() == held.kind());
                if (!taken
                        || move.profile().actor() == Profile.Actor.SPECTATOR
                        || STAYS_BY_ITSELF.contains(held.kind())) {
                    continue;
                }
                assertThat(move.faults())
                        .as("%s takes %s", move.id(), held)
                        .contains(held.kind().ofCards() ? "jog lost" : "break lost");
            }
        }
    }

    private static List<String> faults(String id) {
        return AllMoves.CATALOGUE.find(id).orElseThrow().faults();
    }
}
