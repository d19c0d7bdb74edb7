package craftypocket.core.edit;

import craftypocket.core.routine.Routine;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import java.util.List;
import java.util.Map;

/**
 * What an edit leaves.
 *
 * @param routine the routine as it is then
 * @param selected the id of the step that it is about; empty for the set-up
 * @param says what was changed, in words: “Bruno is called Tom now, in 4 steps.”; or what it is that others speak of
 * @param words what is written beside the cards: by the id of a step, or empty for the set-up, what is added to its note; by the id
 *     of a new out, what they say
 * @param asks what speaks of what is to be taken out, in words, so that it would have to go too; nothing is changed until that is wanted
 */
public record Edited(Routine routine, String selected, String says, Map<String, String> words, List<String> asks) {

    public Edited {
        words = Map.copyOf(words);
        asks = List.copyOf(asks);
    }

    public Edited(Routine routine, String selected, String says) {
        this(routine, selected, says, Map.of(), List.of());
    }

    /** An edit that cannot be done as it was asked for. */
    static ProblemsFound refused(String field, String value, String rule, String cure) {
        return new ProblemsFound(List.of(new Problem(field, value, rule, cure)));
    }

    /** One step or several, in words. */
    static String steps(int number) {
        return number == 1 ? "1 step" : number + " steps";
    }
}
