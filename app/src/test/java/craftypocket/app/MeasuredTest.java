package craftypocket.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Each section of the figures says when and of which state of the program they are, and which files they are about. Prints how often these
 * were changed since: figures of other code say nothing of this.
 */
class MeasuredTest {

    private static final Path ROOT = Path.of("..");

    private static final Pattern MEASURED =
            Pattern.compile("Measured on (\\d{4}-\\d\\d-\\d\\d) at `([0-9a-f]{7,40})`, of ((?:`[^`]+`(?:, )?)+)");

    private static final Pattern FILE = Pattern.compile("`([^`]+)`");

    private static List<String> sections() throws IOException {
        return Stream.of(Files.readString(ROOT.resolve("docs/performance.md")).split("(?m)^## "))
                .skip(1)
                .toList();
    }

    private static List<String> files(String section) {
        return MEASURED.matcher(section)
                .results()
                .flatMap(found -> FILE.matcher(found.group(3)).results())
                .map(found -> found.group(1))
                .toList();
    }

    @Test
    void every_section_says_when_it_was_measured_and_of_which_files() throws IOException {
        assertThat(sections()).hasSizeGreaterThan(3).allSatisfy(section -> {
            assertThat(MEASURED.matcher(section).results().count()).isOne();
            assertThat(files(section))
                    .isNotEmpty()
                    .allSatisfy(file -> assertThat(ROOT.resolve(file)).exists());
        });
    }

    @Test
    void what_was_changed_since_is_told() throws Exception {
        assumeThat(ROOT.resolve(".git")).exists();
        assumeThat(git("rev-parse", "--is-shallow-repository")).isEqualTo("false");
        int stated = 0;
        for (String section : sections()) {
            MatchResult measured =
                    MEASURED.matcher(section).results().findFirst().orElseThrow();
            boolean known = git("merge-base", measured.group(2), "HEAD").startsWith(measured.group(2));
            String[] count = Stream.concat(
                            Stream.of("rev-list", "--count", measured.group(2) + "..HEAD", "--"),
                            files(section).stream())
                    .toArray(String[]::new);
            System.out.printf(
                    "FIGURE | “%s” was measured on %s | %s | 0 changes%n",
                    section.lines().findFirst().orElse(""),
                    measured.group(1),
                    known ? git(count) + " changes of its files ago" : "of a state that is not known here");
            stated++;
        }
        assertThat(stated).isEqualTo(sections().size());
    }

    private static String git(String... words) throws IOException, InterruptedException {
        List<String> command = Stream.concat(Stream.of("git"), Stream.of(words)).toList();
        Process git = new ProcessBuilder(command).directory(ROOT.toFile()).start();
        String said = new String(git.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        git.waitFor();
        return said;
    }
}
