package craftypocket.app.inventing;

import craftypocket.app.routines.RoutineDocument.SpecDocument;
import craftypocket.app.routines.RoutineDocument.StepDocument;
import craftypocket.core.invent.Invention;
import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A procedure in which people choose freely, and the end is the same all the same; the survey proved it.
 *
 * @param steps its steps
 * @param sentences the same in words
 * @param claim what is so in the end
 * @param sentence the same as a sentence
 * @param choices how many free choices people make in it
 * @param ways in how many ways it can go
 * @param dealt how many cards are counted one by one at most
 * @param secret how many of its steps must not be noticed
 * @param difficulty of the hardest, from 1 to 5
 * @param distance how many steps there are after the last choice
 * @param slacks the fixed numbers in it that may be others
 * @param why where the card lies at first and after each step; empty where there is no one card
 * @param letters what the letters in it stand for
 * @param whyWays of how many ways {@code why} is read
 */
record InventionDocument(
        @NotNull List<StepDocument> steps,
        @NotNull List<String> sentences,
        @NotNull SpecDocument claim,
        @NotNull String sentence,
        int choices,
        long ways,
        int dealt,
        int secret,
        int difficulty,
        int distance,
        @NotNull List<SlackDocument> slacks,
        @NotNull List<WhereDocument> why,
        @NotNull List<LetterDocument> letters,
        int whyWays) {

    /**
     * A fixed number of a step that may be any from {@code low} to {@code high}.
     *
     * @param stays whether the claim is so with all of them; otherwise the card lies at another place with another number
     */
    record SlackDocument(int step, int low, int high, boolean stays) {}

    /**
     * Where the card lies.
     *
     * @param place the pile in words; empty where it is one or another
     * @param position its place as a sum, such as {@code 13 − a}; empty where it is none
     * @param bottom whether it is counted from the bottom
     */
    /** Where the card lies; {@code or} is the same of the other piles in which it can lie. */
    record WhereDocument(
            @NotNull String place,
            @NotNull String position,
            boolean bottom,
            @NotNull List<WhereDocument> or) {

        static WhereDocument of(Invention.Line line) {
            return new WhereDocument(
                    line.place(),
                    line.position(),
                    line.bottom(),
                    line.or().stream().map(WhereDocument::of).toList());
        }
    }

    record LetterDocument(@NotNull String letter, @NotNull String meaning) {}

    static InventionDocument of(Invention found) {
        return new InventionDocument(
                found.steps().stream().map(StepDocument::of).toList(),
                found.sentences(),
                SpecDocument.of(found.claim()),
                found.sentence(),
                found.choices(),
                found.ways(),
                found.dealt(),
                found.secret(),
                found.difficulty(),
                found.distance(),
                found.slacks().stream()
                        .map(slack -> new SlackDocument(slack.step(), slack.low(), slack.high(), slack.stays()))
                        .toList(),
                found.why().stream().map(WhereDocument::of).toList(),
                found.letters().stream()
                        .map(letter -> new LetterDocument(letter.letter(), letter.meaning()))
                        .toList(),
                found.whyWays());
    }
}
