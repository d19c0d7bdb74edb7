package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Advice names moves by their ids; what is read has their names. */
class AdviceTest {

    @Test
    void moves_are_named_in_the_sentence() {
        assertThat(Advice.of("Put {jog-card} or {hold-break} before it.", AllMoves.CATALOGUE))
                .isEqualTo(
                        new Advice("Put “Jog a card” or “Hold a break” before it.", List.of("jog-card", "hold-break")));
        assertThat(Advice.of("Choose a larger pile.", AllMoves.CATALOGUE).moves())
                .isEmpty();
        assertThatThrownBy(() -> Advice.of("Put {fly} before it.", AllMoves.CATALOGUE))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** In the sources of moves: whatever is advised is a move, and none is named by its words, which may become others. */
    @Test
    void all_that_is_advised_is_there() throws IOException {
        Pattern advised = Pattern.compile(
                "\"[^\"\\n]*(?:before this step|do(?:es)? that|ends with a break|Put [^\"]*before)[^\"\\n]*\"");
        int named = 0;
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/craftypocket/core/moves"))) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(".java")).toList()) {
                for (String text : advised.matcher(Files.readString(file))
                        .results()
                        .map(found -> found.group())
                        .toList()) {
                    named += Advice.of(text, AllMoves.CATALOGUE).moves().size();
                    assertThat(AllMoves.CATALOGUE.moves()).noneMatch(move -> text.contains("“" + move.name() + "”"));
                }
            }
        }
        assertThat(named).isGreaterThanOrEqualTo(6);
    }
}
