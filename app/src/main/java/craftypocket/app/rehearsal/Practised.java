package craftypocket.app.rehearsal;

import craftypocket.app.rehearsal.PracticeController.GuessDocument;
import craftypocket.app.rehearsal.PracticeController.TryDocument;
import craftypocket.app.rehearsal.PracticeNotes.Done;
import craftypocket.app.rehearsal.PracticeNotes.Kind;
import craftypocket.core.rehearse.Evenness;
import craftypocket.core.rehearse.Judgement;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Service;

/** What practice beside run-throughs came to, for other features. */
@Service
public class Practised {

    /** What was guessed before these is no longer how the eye judges. */
    private static final int LAST_GUESSES = 40;

    private final PracticeNotes notes;

    Practised(PracticeNotes notes) {
        this.notes = notes;
    }

    /**
     * A try of the beats of a count.
     *
     * @param tempo in beats a minute
     * @param variation how much the beats vary, in parts of a beat
     */
    public record Measured(LocalDate day, double tempo, double variation) {}

    /** All tries of the beats, by the id of the move, the earliest first. */
    public Map<String, List<Measured>> counts() {
        Map<String, List<Measured>> counts = new TreeMap<>();
        for (Done<TryDocument> done : notes.of(Kind.BEATS, "", TryDocument.class)) {
            Evenness.Try judged =
                    Evenness.of(List.of(done.what().times()), 0).tries().get(0);
            counts.computeIfAbsent(done.subject(), move -> new ArrayList<>())
                    .add(new Measured(done.day(), judged.tempo(), judged.variation()));
        }
        return counts;
    }

    /** How well packets were judged by the end of a month. */
    public record MonthOfGuesses(YearMonth month, int margin, int guesses) {}

    /** By month, as far as there were enough guesses to say; of so many of the last ones as one remembers. */
    public List<MonthOfGuesses> margins() {
        List<Judgement.Guess> guesses = new ArrayList<>();
        TreeMap<YearMonth, MonthOfGuesses> months = new TreeMap<>();
        for (Done<GuessDocument> done : notes.of(Kind.JUDGED, "", GuessDocument.class)) {
            guesses.add(new Judgement.Guess(done.what().cards(), done.what().said()));
            List<Judgement.Guess> last = guesses.subList(Math.max(0, guesses.size() - LAST_GUESSES), guesses.size());
            Judgement judged = Judgement.of(last);
            if (judged.enough()) {
                YearMonth month = YearMonth.from(done.day());
                months.put(month, new MonthOfGuesses(month, judged.margin(), last.size()));
            }
        }
        return List.copyOf(months.values());
    }
}
