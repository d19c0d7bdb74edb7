package craftypocket.core.invent;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.routine.Step;
import java.util.List;

/**
 * A procedure in which people choose freely, and the end is the same all the same.
 *
 * @param steps its steps in order
 * @param sentences the same in words
 * @param claim what is so in the end, in all ways
 * @param sentence the same as a sentence
 * @param choices how many free choices people make in it
 * @param ways in how many ways it can go, with those before it; all were judged
 * @param dealt how many cards are dealt or counted one by one at most
 * @param secret how many of its steps must not be noticed
 * @param difficulty of the hardest of them
 * @param distance how many steps there are after the last choice
 * @param slacks the fixed numbers in it that may be others
 * @param why where the card lies after each step; empty where it is no card of which that can be said
 * @param letters what the letters in it stand for
 * @param whyWays of how many ways {@code why} is read: of all, unless they are very many
 */
public record Invention(
        List<Step> steps,
        List<String> sentences,
        ClaimSpec claim,
        String sentence,
        int choices,
        long ways,
        int dealt,
        int secret,
        int difficulty,
        int distance,
        List<Slack> slacks,
        List<Line> why,
        List<Letter> letters,
        int whyWays) {

    /**
     * A fixed number that may be another.
     *
     * @param step the index of its step
     * @param low the least that does
     * @param high the most
     * @param stays whether what is claimed is so with all of them; otherwise the card lies at another place with another number
     */
    public record Slack(int step, int low, int high, boolean stays) {}

    /**
     * Where the card lies at a moment.
     *
     * @param place the pile, in words; empty where it can be one of many, or none
     * @param position from the top as a sum, such as {@code 13 − a}; empty where it is none
     * @param bottom whether it is counted from the bottom
     * @param or the same of the other piles in which it can lie
     */
    public record Line(String place, String position, boolean bottom, List<Line> or) {}

    /** A letter, and what was chosen in words with it: “they think of a”. */
    public record Letter(String letter, String meaning) {}

    public Invention {
        steps = List.copyOf(steps);
        sentences = List.copyOf(sentences);
        slacks = List.copyOf(slacks);
        why = List.copyOf(why);
        letters = List.copyOf(letters);
    }
}
