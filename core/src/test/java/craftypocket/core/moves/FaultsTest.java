package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** What goes wrong in moves, as it is offered after a slip (common practice). */
class FaultsTest {

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
    }

    private static List<String> faults(String id) {
        return AllMoves.CATALOGUE.find(id).orElseThrow().faults();
    }
}
