package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Plan;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** Shuffles in chunks as hands take them, chunk by chunk and all at once, against nothing but every way put one by one. */
class ChunksTest {

    private static final List<String> CHUNKS = List.of(
            "1-2 until gone",
            "2-3 until gone",
            "1-3 1-2 rest",
            "2±1 2±1 2±1",
            "any rest",
            "1 1-3 until gone",
            "2-4",
            "1-2 to break",
            "3±1 1-2 to break");

    private static final long MOST_WORLDS = 20_000;
    /** Of each move. */
    private static final int ROUTINES = 120;

    private static Script routine(Move move, ChunksSetting setting, Random random) {
        int cards = 4 + random.nextInt(5);
        Script script = Script.deck(cards).selection("A", "Ines").key("K", "AS", 1 + random.nextInt(cards));
        if (random.nextInt(4) == 0) {
            script.step("turn-card", "at", String.valueOf(1 + random.nextInt(cards)));
        }
        script.step("spread-pick", "role", "A", "at", random.nextBoolean() ? "any" : "2");
        script.step(
                "return-on-lower",
                "role",
                "A",
                "at",
                random.nextBoolean() ? "any" : "2",
                "keep",
                random.nextBoolean() ? "break" : "nothing");
        script.step(move.id(), setting.name(), CHUNKS.get(random.nextInt(CHUNKS.size())));
        if (random.nextBoolean()) {
            script.step("overhand", "chunks", CHUNKS.get(random.nextInt(5)));
        }
        return script.claim("position", "role", "A", "nth", "1-2")
                .claim("directly-below", "role", "A", "of", "K")
                .claim("only-face-up", "role", "A")
                .claim("never-seen", "face", "K");
    }

    @Test
    void every_move_in_chunks_is_as_all_its_ways_one_by_one() {
        int compared = 0;
        int atOnce = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (ChunksSetting setting : move.settings().all().stream()
                    .filter(ChunksSetting.class::isInstance)
                    .map(ChunksSetting.class::cast)
                    .toList()) {
                for (long seed : Rounds.seeds(ROUTINES).toArray()) {
                    Plan plan;
                    try {
                        plan = routine(move, setting, new Random(seed)).plan();
                    } catch (ProblemsFound found) {
                        continue;
                    }
                    Tally tree = StateSurveyTest.tree(plan);
                    if (!tree.broughtToAnEnd || tree.ways > MOST_WORLDS) {
                        continue;
                    }
                    String told = move.id() + ", seed " + seed + " "
                            + plan.steps().stream()
                                    .map(step -> step.step().settings())
                                    .toList();
                    StateSurveyTest.agree(told, plan, tree, states(plan, SurveyOptions.withDefaults()));
                    compared++;
                    SurveyOptions few = SurveyOptions.withDefaults().withChunks(0);
                    Tally once = states(plan, few);
                    once.ways = tree.ways;
                    Plan here = plan;
                    StateSurveyTest.agree(
                            told + ", at once",
                            plan,
                            tree,
                            once,
                            choice -> !(here.choices().get(choice).setting() instanceof ChunksSetting));
                    atOnce += IntStream.range(0, plan.choices().size())
                                    .anyMatch(
                                            choice -> here.choices().get(choice).setting() instanceof ChunksSetting
                                                    && LongStream.of(once.made[choice])
                                                                    .sum()
                                                            == 0)
                            ? 1
                            : 0;
                }
            }
        }
        assertThat(compared).isGreaterThan(6 * Rounds.of(ROUTINES));
        assertThat(atOnce).isGreaterThan(compared / 3);
    }

    private static Amount range(int low, int high) {
        return new Amount(Amount.Kind.RANGE, low, high, null);
    }

    private static Tally states(Plan plan, SurveyOptions options) {
        Optional<Tally> tally = StateSurvey.of(plan, options).tally();
        assertThat(tally).as(plan.steps().toString()).isPresent();
        return tally.orElseThrow();
    }

    // ---- where cards come to lie --------------------------------------------------------------------------------

    /** Chunks of one or two cards until six are gone: each way by hand, 13 of them. */
    @Test
    void places_of_two_cards_are_those_of_every_way() {
        for (List<Amount> amounts : List.of(
                Collections.nCopies(6, range(1, 2)),
                List.of(range(1, 4), range(0, 3), Amount.REST),
                List.of(range(2, 3), range(1, 2), range(1, 6)))) {
            for (boolean weighed : new boolean[] {false, true}) {
                List<Integer> all = Collections.nCopies(amounts.size(), Choice.ALL);
                ChunkLaw law = new ChunkLaw(new ChunkLaw.Chunks(amounts, all, weighed, 6, false, false));
                for (int first = 0; first < 6; first++) {
                    for (int second = first + 1; second < 6; second++) {
                        int[] places = {first, second};
                        Map<Integer, Double> ways = new TreeMap<>();
                        each(law, amounts.size(), List.of(0, 1, 2, 3, 4, 5), List.of(), 0, 1, places, ways);
                        ChunkLaw.Row row = law.row(places);
                        assertThat(IntStream.of(row.cells()).boxed().toList()).isEqualTo(List.copyOf(ways.keySet()));
                        for (int i = 0; i < row.cells().length; i++) {
                            assertThat(row.ways()[i]).isCloseTo(ways.get(row.cells()[i]), within(1e-12));
                        }
                    }
                }
            }
        }
        ChunkLaw ones = new ChunkLaw(new ChunkLaw.Chunks(
                Collections.nCopies(6, range(1, 2)), Collections.nCopies(6, Choice.ALL), false, 6, false, false));
        assertThat(IntStream.range(0, ones.row(new int[] {0}).cells().length)
                        .mapToDouble(i -> ones.row(new int[] {0}).ways()[i])
                        .sum())
                .isEqualTo(13);
    }

    /** Cards as they lie, those taken so far on the other pile: nothing but lists. */
    private static void each(
            ChunkLaw law,
            int chunks,
            List<Integer> left,
            List<Integer> taken,
            int chunk,
            double weight,
            int[] places,
            Map<Integer, Double> ways) {
        if (chunk == chunks) {
            ways.merge(taken.indexOf(places[0]) + 6 * taken.indexOf(places[1]), weight, Double::sum);
            return;
        }
        ChunkLaw.Taken can = law.taken(chunk, taken.size());
        for (int takes : can.takes()) {
            List<Integer> pile = new ArrayList<>(left.subList(0, takes));
            pile.addAll(taken);
            each(law, chunks, left.subList(takes, left.size()), pile, chunk + 1, weight * can.weight(), places, ways);
        }
    }
}
