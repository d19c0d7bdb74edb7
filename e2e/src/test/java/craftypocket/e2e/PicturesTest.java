package craftypocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The pictures of the README show what the program looks like now. */
class PicturesTest {

    @Test
    void no_picture_is_older_than_its_view() {
        List<String> old = Pictures.shows().keySet().stream()
                .filter(picture ->
                        !Pictures.digest(picture).equals(Pictures.taken().get(picture)))
                .toList();

        assertThat(old).as("run ./screenshots, and look at these").isEmpty();
    }

    @Test
    void every_picture_is_listed_and_shown_in_the_readme() throws IOException {
        List<String> there;
        try (Stream<Path> files = Files.list(Pictures.FOLDER)) {
            there = files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(".png"))
                    .map(name -> name.replace(".png", ""))
                    .sorted()
                    .toList();
        }
        String readme = Files.readString(Pictures.FOLDER.resolve("../../README.md"));

        assertThat(there)
                .hasSizeLessThan(20)
                .containsExactlyElementsOf(Pictures.shows().keySet());
        assertThat(there).allSatisfy(name -> assertThat(readme).contains("docs/screenshots/" + name + ".png"));
    }
}
