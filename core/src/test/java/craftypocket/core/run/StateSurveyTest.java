package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.RandomRoutines;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

/** All worlds by their states, against the tree of worlds: the plain definition. */
class StateSurveyTest {

    private static final long MOST_WORLDS = 30_000;

    private static Tally tree(Plan plan) {
        SurveyOptions options = SurveyOptions.withDefaults().withWorkers(1).withExhaustiveUpTo(MOST_WORLDS);
        return new SurveyWorker(plan, options, 0, null, new AtomicBoolean(true)).everyWorld();
    }

    private static Optional<Tally> states(Plan plan) {
        return StateSurvey.of(plan, SurveyOptions.withDefaults());
    }

    private static void agree(String told, Plan plan, Tally tree, Tally states) {
        assertThat(states.worlds).as(told).isEqualTo(tree.worlds);
        assertThat(states.allHeld).as(told).isEqualTo(tree.allHeld);
        assertThat(states.failed).as(told).isEqualTo(tree.failed);
        assertThat(states.made).as(told).isDeepEqualTo(tree.made);
        for (int i = 0; i < tree.failed.length; i++) {
            assertThat(states.smallest[i])
                    .as("%s: %s", told, plan.conditions().get(i))
                    .isEqualTo(tree.smallest[i]);
            for (int choice = 0; choice < tree.made.length; choice++) {
                long[] mine = states.failedWith[i][choice];
                long[] theirs = tree.failedWith[i][choice];
                int most = tree.made[choice] == null ? 0 : tree.made[choice].length;
                for (int number = 0; number < most; number++) {
                    assertThat(mine == null ? 0 : mine[number])
                            .as("%s: %s", told, plan.conditions().get(i))
                            .isEqualTo(theirs == null ? 0 : theirs[number]);
                }
            }
        }
        if (tree.pictured == tree.worlds) {
            for (int at = 0; at < tree.at.length; at++) {
                for (int spot = 0; spot < tree.at[at].length; spot++) {
                    assertThat((double) states.at[at][spot] / states.pictured)
                            .as(told)
                            .isCloseTo((double) tree.at[at][spot] / tree.pictured, within(1e-5));
                }
            }
        }
    }

    @Test
    void states_and_worlds_agree_on_random_routines_of_the_whole_catalogue() {
        int compared = 0;
        int merged = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (long seed = 0; seed < 30; seed++) {
                Script script = seed % 2 == 0 ? RandomRoutines.small(move, seed) : RandomRoutines.with(move, seed);
                script.claim(ClaimSpec.of("position", "role", "A", "nth", "2-3"))
                        .claim(ClaimSpec.of("directly-below", "role", "A", "of", "K"))
                        .claim(ClaimSpec.of("place-known", "role", "K"))
                        .claim(ClaimSpec.of("never-seen", "face", "K"));
                Plan plan = script.plan();
                boolean chance = plan.choices().stream().anyMatch(Choice::isChance);
                if (chance) {
                    assertThat(states(plan)).isEmpty();
                    continue;
                }
                Tally tree = tree(plan);
                if (!tree.broughtToAnEnd || tree.worlds > MOST_WORLDS) {
                    continue;
                }
                Optional<Tally> states = states(plan);
                assertThat(states).as("%s, seed %d", move.id(), seed).isPresent();
                agree(move.id() + ", seed " + seed, plan, tree, states.get());
                compared++;
                merged += tree.worlds > 100 ? 1 : 0;
            }
        }
        assertThat(compared).isGreaterThan(1_500);
        assertThat(merged).isGreaterThan(100);
    }

    /** 52 · 51 … by hand: three cards are picked, one after another, and the first is returned below any number. */
    @Test
    void far_more_worlds_than_could_be_visited_are_counted() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .selection("B", "Bruno")
                .selection("C", "Orla")
                .step("spread-pick", "role", "A", "at", "any")
                .step("spread-pick", "role", "B", "at", "any")
                .step("spread-pick", "role", "C", "at", "any")
                .step("return-on-lower", "role", "A", "at", "any")
                .step("spectator-cut")
                .claim("position", "role", "A", "nth", "1");
        Survey survey = script.survey();

        // A cut brings A to the top by one number of 49, unless it lies on top already or at the bottom cannot be:
        // below 1 to 48.
        long ways = 52L * 51 * 50 * 48 * 49;
        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.worlds()).isEqualTo(ways);
        assertThat(survey.findings().get(0).held()).isEqualTo(ways / 49);
    }

    @Test
    void a_name_that_is_spelled_keeps_all_names_apart() {
        Script script = Script.deck(20)
                .selection("A", "Ines")
                .step("spread-pick", "at", "any")
                .step("return-on-lower", "at", "any")
                .step("spell-find-cut", "role", "A");

        agree(
                "spelled",
                script.plan(),
                tree(script.plan()),
                states(script.plan()).orElseThrow());
    }

    /** A selection and a key, free cuts, and an overhand shuffle of four chunks of about ten: the sample agrees. */
    @Test
    void what_hands_do_roughly_is_judged_over_all_that_they_may_do() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .key("K", "AS", 52)
                .step("spread-pick", "not", "bottom", "at", "any")
                .step("return-drop-key", "at", "any")
                .step("spectator-cut", "depth", "any")
                .step("overhand", "chunks", "10±2 10±2 10±2 rest")
                .step("spectator-cut", "depth", "any")
                .claim("directly-below", "role", "A", "of", "K", "deck", "circle")
                .claim("pile-size", "cards", "52");
        Survey survey = script.survey();

        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.worlds()).isEqualTo(51L * 50 * 51 * 125 * 51);
        assertThat(survey.findings().get(1).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        Survey sampled =
                Surveyor.survey(script.plan(), SurveyOptions.withDefaults().visiting());
        double share = (double) survey.findings().get(0).held() / survey.worlds();
        assertThat(share)
                .isBetween(
                        sampled.findings().get(0).low() - 0.002,
                        sampled.findings().get(0).high() + 0.002);
    }

    /** Where there is too much to count, it is sampled, and said to be. */
    @Test
    void too_many_states_are_sampled() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .key("K", "AS", 52)
                .step("spread-pick", "at", "any")
                .step("return-on-lower", "at", "any");
        for (int i = 0; i < 3; i++) {
            script.step("spectator-cut", "depth", "any").step("overhand", "chunks", "8±2 8±2 8±2 8±2 8±2 rest");
        }
        Survey survey = script.claim("pile-size", "cards", "52").survey();

        assertThat(survey.exhaustive()).isFalse();
        assertThat(survey.worlds()).isEqualTo(100_000);
    }
}
