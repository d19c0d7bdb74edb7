package craftypocket.core.moves;

import java.util.List;

/**
 * The words of a move.
 *
 * @param says the step as a sentence with {@link craftypocket.core.settings.Sentence} slots
 * @param effect what it does to the cards
 * @param attention where to look, and on or off the beat
 * @param watch what to inspect while practising
 */
public record Words(String says, String effect, String attention, List<String> watch) {

    public Words {
        watch = List.copyOf(watch);
    }
}
