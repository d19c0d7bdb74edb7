package craftypocket.core.routine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.PlanReader;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LineTest {

    static List<String> table() throws IOException {
        return Files.readAllLines(Path.of("src/test/resources/lines.txt")).stream()
                .filter(line -> !line.startsWith("#"))
                .toList();
    }

    private static List<Step> steps(String ids) {
        return Arrays.stream(ids.trim().split(" "))
                .filter(id -> !id.isEmpty())
                .map(id -> Step.of(id, "false-cut"))
                .toList();
    }

    private static Out out(String text) {
        String[] parts = text.trim().split("[ >:]", 4);
        return new Out(parts[0], Occasion.OTHER, parts[1], steps(parts[3]), parts[2]);
    }

    private static Routine routine(String main, List<Out> outs, RoutineClaim... claims) {
        SetUp setUp = SetUp.of("52", List.of());
        return new Routine(setUp, List.of(), steps(main), List.of(claims), List.of(), outs);
    }

    private static List<String> ids(Line line) {
        return line.routine().steps().stream().map(Step::id).toList();
    }

    @ParameterizedTest
    @MethodSource("table")
    void an_out_leaves_a_line_and_rejoins_it(String row) {
        String[] cells = Arrays.stream(row.split("\\|")).map(String::trim).toArray(String[]::new);
        List<Out> outs = Arrays.stream(cells[1].split(";")).map(LineTest::out).toList();
        Routine whole = routine(cells[0], outs);
        Out taken =
                outs.stream().filter(o -> o.id().equals(cells[2])).findFirst().orElseThrow();

        if (cells[3].startsWith("outs[")) {
            ProblemsFound found = catchThrowableOfType(ProblemsFound.class, () -> Line.along(whole, taken));
            assertThat(found.problems()).extracting(Problem::field).containsExactly(cells[3]);
        } else {
            assertThat(ids(Line.along(whole, taken))).containsExactly(cells[3].split(" "));
        }
        assertThat(ids(Line.main(whole))).containsExactly(cells[0].split(" "));
    }

    @Test
    void a_line_has_the_claims_that_stand_on_it_and_those_of_the_end() {
        ClaimSpec spec = ClaimSpec.of("pile-size", "cards", "52");
        Routine whole = routine(
                "a b c",
                List.of(out("x a>c: p")),
                new RoutineClaim("onA", "a", spec),
                new RoutineClaim("onB", "b", spec),
                new RoutineClaim("onP", "p", spec),
                new RoutineClaim("atEnd", "", spec),
                new RoutineClaim("nowhere", "zzz", spec));

        assertThat(Line.main(whole).routine().claims())
                .extracting(RoutineClaim::id)
                .containsExactly("onA", "onB", "atEnd", "nowhere");
        assertThat(Line.along(whole, whole.outs().get(0)).routine().claims())
                .extracting(RoutineClaim::id)
                .containsExactly("onA", "onP", "atEnd");
    }

    @Test
    void a_problem_of_a_line_is_told_of_the_place_where_it_is_written() {
        ClaimSpec spec = ClaimSpec.of("pile-size", "cards", "52");
        Routine whole = routine(
                "a b c",
                List.of(out("x a>c: p q")),
                new RoutineClaim("onB", "b", spec),
                new RoutineClaim("onP", "p", spec));
        Line line = Line.along(whole, whole.outs().get(0));

        assertThat(List.of(
                        "steps[0].move", "steps[2].settings.depth", "steps[3]", "claims[0].claim.kind", "setUp.pack"))
                .extracting(
                        field -> line.inWhole(new Problem(field, "v", "r", "c")).field())
                .containsExactly(
                        "steps[0].move",
                        "outs[0].steps[1].settings.depth",
                        "steps[2]",
                        "claims[1].claim.kind",
                        "setUp.pack");
    }

    /** Backs alone are seen since b; the out leaves b out, and begins after a. */
    @Test
    void what_counts_from_a_step_that_an_out_leaves_out_counts_from_where_the_out_begins() {
        ClaimSpec since = ClaimSpec.of("only-backs", "since", "b").or(ClaimSpec.of("only-backs", "since", "a"));
        Routine whole = routine("a b c", List.of(out("x a>c: p")), new RoutineClaim("end", "", since));

        ClaimSpec along =
                Line.along(whole, whole.outs().get(0)).routine().claims().get(0).claim();

        assertThat(along)
                .isEqualTo(ClaimSpec.of("only-backs", "since", "a").or(ClaimSpec.of("only-backs", "since", "a")));
        assertThat(Line.main(whole).routine().claims().get(0).claim()).isEqualTo(since);
        assertThat(PlanReader.read(whole, AllMoves.CATALOGUE).steps()).hasSize(3);
    }
}
