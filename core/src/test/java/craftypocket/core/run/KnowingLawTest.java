package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.RandomRoutines;
import craftypocket.core.read.Choice;
import craftypocket.core.routine.Step;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** What the performer is said to know is just what is the same in all worlds that look alike to him. */
class KnowingLawTest {

    private static final int MOST_WORLDS = 400;
    private static final int ROUTINES = 80;

    @Test
    void what_is_known_is_what_is_the_same_in_all_worlds_that_look_alike() {
        Map<String, String> wrong = new TreeMap<>();
        int looked = 0;
        int shown = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (long seed : Rounds.seeds(ROUTINES).toArray()) {
                String letter = seed % 2 == 0 ? "A" : "K";
                Script script = RandomRoutines.small(move, seed)
                        .step(Step.of("only", "false-cut")
                                .onlyIf(ClaimSpec.of("position", "role", letter, "nth", String.valueOf(1 + seed % 3))));
                if (script.plan().choices().stream().anyMatch(Choice::isChance)) {
                    continue;
                }
                Alike alike = new Alike(script.plan(), MOST_WORLDS);
                if (alike.worlds() < 2 || alike.tooMany()) {
                    continue;
                }
                looked++;
                long at = seed;
                for (Survey.Finding finding : script.survey().findings()) {
                    if (finding.otherwise() != null) {
                        shown++;
                        int step = finding.condition().step();
                        assertThat(alike.alike(step, finding.failing(), finding.otherwise()))
                                .as("%s seed %d: %s and %s", move.id(), seed, finding.failing(), finding.otherwise())
                                .isTrue();
                    }
                }
                Knowledge told = Knowledge.of(script.plan(), SurveyOptions.withDefaults())
                        .orElseThrow();
                alike.differs(told)
                        .ifPresent(said -> wrong.merge(
                                said.replaceAll("^after (\\S+).*", "$1"),
                                move.id() + " seed " + at + " "
                                        + script.routine().steps().stream()
                                                .map(s -> s.move() + s.settings())
                                                .toList() + ": " + said,
                                (one, other) -> one));
            }
        }
        assertThat(wrong).as("%d moves", wrong.size()).isEmpty();
        assertThat(looked).isGreaterThan(Rounds.of(ROUTINES) * 12);
        assertThat(shown).isGreaterThan(Rounds.of(ROUTINES));
    }
}
