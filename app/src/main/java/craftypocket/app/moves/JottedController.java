package craftypocket.app.moves;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import craftypocket.app.performer.PerformerNotes;
import craftypocket.core.cards.Pack;
import craftypocket.core.jot.Jotted;
import craftypocket.core.jot.Notes;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reads routines as performers jot them down. */
@RestController
@RequestMapping("/api/jotted")
@AnswersWithProblems
class JottedController {

    private final PerformerNotes notes;

    JottedController(PerformerNotes notes) {
        this.notes = notes;
    }

    /** @param deck how many cards “a third” is of */
    record JottedRequest(
            @NotNull
            @Size(
                    max = Notes.LONGEST_TEXT,
                    message = "at most " + Notes.LONGEST_TEXT + " letters: read the rest after these")
            String text,

            @Min(1) @Max(Pack.MOST_CARDS) int deck) {}

    record JottedDocument(@NotNull List<JottedLine> lines) {}

    /**
     * A line, and what it may mean.
     *
     * @param from the index of its first letter in the text that was sent
     * @param to the index after its last
     * @param readings the likeliest first; none for a note
     * @param when what it waits for; left out for a plain line
     */
    record JottedLine(
            int from, int to, @NotNull String text, @NotNull List<ReadingDocument> readings, JottedWhen when) {}

    /**
     * A move that a line may mean.
     *
     * @param settings what the line states; the others are as usual
     * @param times how often it is done
     * @param person whose card it is about; empty when nobody is named
     * @param quoted what is said meanwhile
     * @param sureness {@code sure}, {@code likely} or {@code unsure}
     * @param left the words and numbers that this reading leaves out
     */
    record ReadingDocument(
            @NotNull String move,
            @NotNull Map<String, String> settings,
            int times,
            @NotNull String person,
            @NotNull String quoted,
            @NotNull String sureness,
            @NotNull List<String> left) {}

    /**
     * What a line waits for. Lines with the same {@code from} wait together.
     *
     * @param words what stands between “if” and “then”
     * @param occasion what comes up, for which an out is kept ready; empty when it is about how a card lies
     * @param end {@code top} or {@code bottom}, where the card must lie; otherwise empty
     * @param key whether the card is the key, and not the selection
     */
    record JottedWhen(
            int from,
            @NotNull String words,
            @NotNull String occasion,
            @NotNull String end,
            boolean key) {}

    /** Reads a routine as it was jotted down: a move a line, or several with dots between them. */
    @PostMapping("/read")
    JottedDocument readNotes(@Valid @RequestBody JottedRequest request) {
        return new JottedDocument(notes.reader(request.deck()).read(request.text()).stream()
                .map(JottedController::line)
                .toList());
    }

    private static JottedLine line(Jotted line) {
        return new JottedLine(
                line.from(),
                line.to(),
                line.text(),
                line.readings().stream()
                        .map(reading -> new ReadingDocument(
                                reading.move(),
                                reading.settings(),
                                reading.times(),
                                reading.person(),
                                reading.quoted(),
                                Constants.word(reading.sureness()),
                                reading.left()))
                        .toList(),
                line.when()
                        .map(when -> new JottedWhen(
                                when.from(),
                                when.words(),
                                when.occasion().map(Constants::word).orElse(""),
                                when.end(),
                                when.key()))
                        .orElse(null));
    }
}
