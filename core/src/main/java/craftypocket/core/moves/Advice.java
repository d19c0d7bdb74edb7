package craftypocket.core.moves;

import java.util.List;
import java.util.regex.Pattern;

/**
 * What would help, and by which moves. It is written with the ids of moves in braces, such as “Put {hold-break} before this step.”, so
 * that a move may be called otherwise, and nobody has to look for its name in a sentence.
 *
 * @param text the sentence, with the names of the moves
 * @param moves the ids of the moves that would help, in the order in which they are named
 */
public record Advice(String text, List<String> moves) {

    private static final Pattern MOVE = Pattern.compile("\\{([a-z-]+)}");

    /** @throws IllegalArgumentException when it names a move that there is not */
    public static Advice of(String written, Catalogue catalogue) {
        String text = MOVE.matcher(written)
                .replaceAll(named -> "“"
                        + catalogue
                                .find(named.group(1))
                                .orElseThrow(() -> new IllegalArgumentException(
                                        "“" + written + "” names no move: write the id of one"))
                                .name()
                        + "”");
        List<String> moves =
                MOVE.matcher(written).results().map(named -> named.group(1)).toList();
        return new Advice(text, moves);
    }
}
