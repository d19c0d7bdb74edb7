package craftypocket.core.jot;

import craftypocket.core.routine.Occasion;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A line of notes and what it may mean.
 *
 * @param from the index of its first letter in the text it was read from
 * @param to the index after its last
 * @param text the line
 * @param readings what it may mean, the likeliest first; none for a line that is no move, which is a note
 * @param when under what it is done; empty for a plain line
 */
public record Jotted(int from, int to, String text, List<Reading> readings, Optional<When> when) {

    public Jotted {
        readings = List.copyOf(readings);
    }

    /** How sure a reading is. */
    public enum Sureness {
        /** No other move is called so, and nearly all words of the line are its own. */
        SURE,
        /** Most of the words fit, or another move is called nearly so. */
        LIKELY,
        /** A few of the words fit. */
        UNSURE
    }

    /**
     * A move that the line may mean.
     *
     * @param move its id
     * @param settings what the line states, as the texts of its settings; the others are as usual
     * @param times how often it is done, one after another
     * @param person whose card it is about; empty when nobody is named
     * @param quoted what is said meanwhile, from between quotation marks; empty when nothing is
     * @param left the words and numbers of the line that this reading leaves out
     */
    public record Reading(
            String move,
            Map<String, String> settings,
            int times,
            String person,
            String quoted,
            Sureness sureness,
            List<String> left) {

        public Reading {
            settings = Map.copyOf(settings);
            left = List.copyOf(left);
        }
    }

    /**
     * What the line waits for, from “if” to “then”. Either something that comes up, for which an out is kept ready, or how a card
     * lies, on which the step depends.
     *
     * @param from the index of its first letter; lines of one such clause have the same
     * @param words the clause without its “if”
     * @param occasion what comes up; empty when it is about a card
     * @param end {@code top} or {@code bottom}, where the card must lie; empty when something comes up
     * @param key whether the card is the key, and not the selection
     */
    public record When(int from, String words, Optional<Occasion> occasion, String end, boolean key) {}
}
