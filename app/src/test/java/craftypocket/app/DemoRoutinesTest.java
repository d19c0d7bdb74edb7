package craftypocket.app;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.app.routines.RoutineDocument;
import craftypocket.core.cards.CardText;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every routine that ships: where its cards are at every step, and what holds over all choices. The traces in
 * {@code demo-traces} were written out by the program, in a world where every choice is as usual, and then read against the
 * definitions of the moves: places of the roles, sizes of the piles, what is seen.
 */
class DemoRoutinesTest {

    static List<String> demos() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/demo"))) {
            return files.map(f -> f.getFileName().toString().replace(".json", ""))
                    .sorted()
                    .toList();
        }
    }

    private static Routine routine(Path file) throws IOException {
        return RunningApplication.JSON
                .readValue(Files.readString(file), RoutineDocument.class)
                .toCore();
    }

    @ParameterizedTest
    @MethodSource("demos")
    void every_step_and_every_verdict_is_as_worked_out(String demo) throws IOException {
        List<String> found = found(routine(Path.of("src/main/resources/demo", demo + ".json")));
        Path expected = Path.of("src/test/resources/demo-traces", demo + ".txt");
        if (Boolean.getBoolean("demos.write")) {
            Files.write(expected, found);
        }

        assertThat(found).isEqualTo(Files.readAllLines(expected));
    }

    /** Those that later versions replaced; all others are still read as they were then by the test above. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "01-deal-past",
                "02-stop-when-they-think",
                "04-messy-deck",
                "21-four-kings",
                "26-three-people",
                "29-one-reversed",
                "30-hindu-basics",
                "32-key-thrown-beside"
            })
    void what_shipped_earlier_opens_and_means_the_same(String demo) throws IOException {
        Path folder = Path.of("src/test/resources/earlier-demos");

        assertThat(found(routine(folder.resolve(demo + ".json"))))
                .isEqualTo(Files.readAllLines(folder.resolve(demo + ".txt")));
    }

    /** What a new routine can begin with holds: whoever begins with it has changed it when it fails. */
    @ParameterizedTest
    @ValueSource(strings = {"found", "forced"})
    void beginnings_hold(String name) throws IOException {
        Routine routine = routine(Path.of("src/main/resources/beginnings", name + ".json"));
        Survey survey = Surveyor.survey(PlanReader.read(routine, AllMoves.CATALOGUE), SurveyOptions.withDefaults());

        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.findings()).allMatch(f -> f.verdict() == Survey.Verdict.ALWAYS);
    }

    private static List<String> found(Routine routine) {
        Plan plan = PlanReader.read(routine, AllMoves.CATALOGUE);
        List<String> found = new ArrayList<>(trace(plan));
        found.addAll(verdicts(plan));
        for (Out out : routine.outs()) {
            Plan line = PlanReader.readAlong(routine, out, AllMoves.CATALOGUE);
            found.add("out " + out.id());
            found.addAll(trace(line));
            found.addAll(verdicts(line));
        }
        return found;
    }

    /** A line a moment: the roles with place and position (an arrow: face up), the sizes of the piles, what all see. */
    private static List<String> trace(Plan plan) {
        List<String> lines = new ArrayList<>();
        List<Trace.Moment> moments = Tracer.trace(plan, World.USUAL).moments();
        for (int i = 0; i < moments.size(); i++) {
            Trace.Moment moment = moments.get(i);
            String id = i == 0 ? "set-up" : plan.steps().get(i - 1).step().id();
            List<String> roles = new ArrayList<>();
            for (int role = 0; role < moment.roles().size(); role++) {
                Trace.RoleState state = moment.roles().get(role);
                if (state.place() != null && state.chosen()) {
                    roles.add(plan.cast().part(role).letter() + " "
                            + state.place().text() + " " + state.position() + (state.faceUp() ? "↑" : ""));
                }
            }
            String piles = moment.layout().piles().stream()
                    .map(pile -> pile.place().text() + " " + pile.size())
                    .collect(Collectors.joining(", "));
            String shown = moment.shown().stream()
                    .filter(s -> !s.onlyPerformer())
                    .map(s -> CardText.sign(plan.pack().card(s.card()).side(s.front())))
                    .collect(Collectors.joining(" "));
            String broken = moment.broken().map(o -> " BROKEN " + o.reason()).orElse("");
            lines.add(id + (moment.skipped() ? " (skipped)" : "") + " | " + String.join(", ", roles) + " | " + piles
                    + (shown.isEmpty() ? "" : " | " + shown) + broken);
        }
        return lines;
    }

    private static List<String> verdicts(Plan plan) {
        Survey survey = Surveyor.survey(plan, SurveyOptions.withDefaults().withSample(20_000, 1));
        List<String> lines = new ArrayList<>();
        lines.add(
                !survey.exhaustive()
                        ? "sampled"
                        : survey.ways() > 0 ? survey.ways() + " worlds" : "all worlds, weighed");
        survey.findings().stream()
                .map(finding -> finding.condition().id() + " "
                        + finding.condition().kind().name().toLowerCase(Locale.ROOT) + " "
                        + finding.verdict().name().toLowerCase(Locale.ROOT))
                .filter(line -> line.contains(" claim ") || !line.endsWith(" always"))
                .forEach(lines::add);
        return lines;
    }
}
