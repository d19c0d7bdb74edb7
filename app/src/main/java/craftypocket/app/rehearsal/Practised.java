package craftypocket.app.rehearsal;

import craftypocket.app.rehearsal.PracticeController.GuessDocument;
import craftypocket.app.rehearsal.PracticeController.TryDocument;
import craftypocket.app.rehearsal.PracticeNotes.Done;
import craftypocket.app.rehearsal.PracticeNotes.Kind;
import craftypocket.core.rehearse.Judgement;
import craftypocket.core.rehearse.Ladder;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What practice beside run-throughs came to, for other features. */
@Service
public class Practised {

    private final PracticeNotes notes;

    Practised(PracticeNotes notes) {
        this.notes = notes;
    }

    /** By the id of a move, the tempo at which it is even, in beats a minute. */
    public Map<String, Double> tempos() {
        Map<String, Double> tempos = new TreeMap<>();
        notes.of(Kind.BEATS, "", TryDocument.class).stream()
                .collect(Collectors.groupingBy(Done::subject))
                .forEach((move, tries) -> {
                    List<List<Double>> times =
                            tries.stream().map(done -> done.what().times()).toList();
                    Ladder ladder = PracticeController.ladder(times);
                    if (ladder != null) {
                        tempos.put(move, ladder.tempo());
                    }
                });
        return tempos;
    }

    /** How many cards must be added to a judged packet; 0 while there are too few tries to say. */
    public int margin() {
        Judgement judged = Judgement.of(notes.of(Kind.JUDGED, "", GuessDocument.class).stream()
                .map(done ->
                        new Judgement.Guess(done.what().cards(), done.what().said()))
                .toList());
        return judged.enough() ? judged.margin() : 0;
    }
}
