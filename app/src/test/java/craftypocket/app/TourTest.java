package craftypocket.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The tour for the next developer leads past files that there are. */
class TourTest {

    private static final Path ROOT = Path.of("..");

    @Test
    void every_file_of_the_tour_exists() throws IOException {
        String tour = Files.readString(ROOT.resolve("docs/tour.md"));
        List<String> named = Pattern.compile("`((?:core|app|web|e2e|bench|docs)/[^`]+)`")
                .matcher(tour)
                .results()
                .map(found -> found.group(1))
                .toList();

        assertThat(named).hasSizeGreaterThan(20);
        assertThat(named).allSatisfy(file -> assertThat(ROOT.resolve(file)).exists());
    }
}
