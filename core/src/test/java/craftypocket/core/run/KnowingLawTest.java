package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.RandomRoutines;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** Worlds that look alike to the performer have the same answer to what he is said to know. */
class KnowingLawTest {

    private static final int MOST_WORLDS = 400;
    private static final int ROUTINES = 80;

    @Test
    void nothing_is_said_to_be_known_that_differs_between_worlds_alike_to_the_performer() {
        Map<String, String> wrong = new TreeMap<>();
        int looked = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (long seed : Rounds.seeds(ROUTINES).toArray()) {
                Script script = RandomRoutines.small(move, seed);
                Alike alike = new Alike(script.plan(), MOST_WORLDS);
                if (alike.worlds() < 2) {
                    continue;
                }
                looked++;
                long at = seed;
                alike.unsound()
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
    }
}
