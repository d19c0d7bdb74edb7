package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Demos;
import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What performers vary is judged over all ways, not over a sample; how long that takes is printed with all rounds. */
class ProofTest {

    /** An order that is riffled in one step after another, and more chunks than can be gone through. */
    private static final Set<String> SAMPLED = Set.of("31-order-under-riffles, twice", "32-key-thrown-beside, wider");

    private static final int WARM = 3;

    private record Proof(String told, Script script) {

        @Override
        public String toString() {
            return told;
        }
    }

    private static Script picked(String back) {
        return Script.deck(52)
                .selection("A", "Ines")
                .step("spread-pick", "role", "A", "at", "any")
                .step("return-on-lower", "role", "A", "at", back, "keep", "break");
    }

    private static Script withKey() {
        return picked("any").key("K", "AS", 52).claim("directly-below", "role", "A", "of", "K");
    }

    private static Script six(Script script) {
        for (int time = 0; time < 6; time++) {
            script.step("overhand", "chunks", "3-7 until gone");
        }
        return script;
    }

    private static Script upper(Script script) {
        return script.claim("position", "role", "A", "nth", "1-26");
    }

    private static Script three() {
        Script script = Script.deck(52);
        List.of("A", "B", "C").forEach(letter -> script.selection(letter, "Person " + letter));
        List.of("A", "B", "C").forEach(letter -> script.step("spread-pick", "role", letter, "at", "any"));
        List.of("A", "B", "C").forEach(letter -> script.step("return-on-lower", "role", letter, "at", "any"));
        for (int time = 0; time < 6; time++) {
            script.step("overhand", "chunks", "8±2 8±2 8±2 8±2 8±2 8±2");
        }
        return script.step("spectator-cut")
                .step("spectator-cut")
                .claim("position", "role", "A", "nth", "1")
                .claim("directly-below", "role", "A", "of", "B");
    }

    static List<Proof> varied() {
        return List.of(
                new Proof(
                        "messy, 3 to 5 at a time",
                        upper(picked("15-35").step("cut-to-break").step("messy", "blocks", "3-5 until gone"))),
                new Proof(
                        "packets of about 10, 9 and 8", withKey().step("packets-to-table", "packets", "10±3 9±3 8±3")),
                new Proof(
                        "packets of 5 to 12 down to the break",
                        withKey().step("packets-to-table", "packets", "5-12 to break")),
                new Proof("six overhand shuffles, one card", six(upper(picked("any")))),
                new Proof("six overhand shuffles, two cards", six(withKey())),
                new Proof(
                        "up to four overhand shuffles of theirs", withKey().step("spectator-overhand", "times", "1-4")),
                new Proof("up to four riffles of theirs", withKey().step("spectator-riffle", "times", "1-4")),
                new Proof(
                        "unequal packets, left unsquared",
                        upper(picked("any")).step("lopsided-riffle", "square", "you")),
                new Proof("three cards back anywhere, six overhand shuffles and two cuts", three()),
                new Proof(
                        "a stock kept, chunks by feel",
                        withKey()
                                .step(
                                        "jog-keep-stock",
                                        "stock",
                                        "5",
                                        "chunks",
                                        "5-9 until gone",
                                        "again",
                                        "5-9 until gone")));
    }

    @ParameterizedTest
    @MethodSource("varied")
    void what_hands_vary_is_proved_and_a_sample_says_the_same(Proof proof) {
        Plan plan = proof.script().plan();
        Survey survey = timed(proof.told(), plan);
        SurveyOptions drawn = SurveyOptions.withDefaults()
                .visiting()
                .withExhaustiveUpTo(0)
                .withSample(Rounds.all() ? 1_000_000 : 40_000, 5);
        Survey sample = Surveyor.survey(plan, drawn);

        assertThat(survey.exhaustive()).as(survey.sampledBecause()).isTrue();
        assertThat(sample.exhaustive()).isFalse();
        for (int i = 0; i < plan.conditions().size(); i++) {
            double share = share(survey, i);
            double deviation = Math.sqrt(share * (1 - share) / sample.worlds());
            assertThat(share(sample, i)).isCloseTo(share, within(4.5 * deviation + 1e-12));
        }
    }

    private static double share(Survey survey, int condition) {
        return (double) survey.findings().get(condition).held() / survey.worlds();
    }

    /** Prints how long it takes once it was done before. */
    private static Survey timed(String told, Plan plan) {
        Survey survey = Surveyor.survey(plan, SurveyOptions.withDefaults());
        long best = Long.MAX_VALUE;
        for (int time = 0; time < (Rounds.all() ? WARM : 0); time++) {
            long begun = System.nanoTime();
            survey = Surveyor.survey(plan, SurveyOptions.withDefaults());
            best = Math.min(best, System.nanoTime() - begun);
        }
        if (Rounds.all()) {
            System.out.printf(
                    Locale.ROOT,
                    "FIGURE | %s | %d ms | %s%n",
                    told,
                    best / 1_000_000,
                    survey.exhaustive() ? "all ways" : "a sample: " + survey.sampledBecause());
        }
        return survey;
    }

    // ---- the demo routines, varied ---------------------------------------------------------------------------------

    private static final Set<String> CHUNKED = Set.of("chunks", "blocks", "packets", "again", "over", "back", "before");
    private static final Pattern ABOUT = Pattern.compile("(\\d+)±(\\d+)");
    private static final Pattern RANGE = Pattern.compile("\\b(\\d+)-(\\d+)\\b");
    private static final Pattern EXACT = Pattern.compile("(?<![\\d±-])([4-9]|\\d\\d)(?![\\d±-])");

    private static String wider(String text) {
        String about = ABOUT.matcher(text).replaceAll(found -> found.group(1) + "±" + (number(found, 2) + 1));
        return RANGE.matcher(about)
                .replaceAll(found -> Math.max(1, number(found, 1) - 2) + "-" + (number(found, 2) + 2));
    }

    private static int number(MatchResult found, int group) {
        return Integer.parseInt(found.group(group));
    }

    private static String rougher(String text) {
        return EXACT.matcher(text).replaceAll("$1±2");
    }

    private static boolean shuffles(Step step) {
        return List.of(
                        "overhand",
                        "spectator-overhand",
                        "spectator-riffle",
                        "spectator-cut",
                        "complete-cut",
                        "messy",
                        "milk-keep")
                .contains(step.move());
    }

    private static List<Step> varied(List<Step> steps, String way) {
        List<Step> varied = new ArrayList<>();
        for (Step step : steps) {
            Map<String, String> settings = new HashMap<>(step.settings());
            UnaryOperator<String> change = way.equals("wider") ? ProofTest::wider : ProofTest::rougher;
            settings.replaceAll((name, text) -> {
                boolean changes =
                        way.equals("wider") ? !name.equals("nth") && !name.equals("times") : CHUNKED.contains(name);
                return changes && !way.equals("twice") ? change.apply(text) : text;
            });
            varied.add(step.with(settings));
            if (way.equals("twice") && shuffles(step)) {
                varied.add(new Step(step.id() + "again", step.move(), step.settings(), step.onlyIf()));
            }
        }
        return varied;
    }

    /** Wider ranges, rougher chunks, each shuffle and cut twice: each routine in one of these ways here, in all of them with all rounds. */
    @Test
    void the_demo_routines_are_proved_however_their_numbers_vary() throws IOException {
        List<String> ways = List.of("wider", "rougher", "twice");
        List<Demos.Demo> demos = Demos.all();
        int proved = 0;
        int all = 0;
        for (int at = 0; at < demos.size(); at++) {
            Demos.Demo demo = demos.get(at);
            String name = demo.file().replace(".json", "");
            for (String way : Rounds.all() ? ways : List.of(ways.get(at % ways.size()))) {
                all++;
                Routine routine = Demos.script(demo.json(), "").routine();
                List<Step> steps = varied(routine.steps(), way);
                Plan plan = PlanReader.read(
                        new Routine(routine.setUp(), routine.roles(), steps, routine.claims()), AllMoves.CATALOGUE);
                Survey survey = timed(name + ", " + way, plan);
                boolean told = SAMPLED.contains(name + ", " + way);
                assertThat(survey.exhaustive() || told)
                        .as("%s, %s: %s", name, way, survey.sampledBecause())
                        .isTrue();
                assertThat(survey.exhaustive())
                        .isEqualTo(survey.sampledBecause().isEmpty());
                proved += survey.exhaustive() ? 1 : 0;
            }
        }
        assertThat(proved).isGreaterThanOrEqualTo(all - 2);
    }
}
