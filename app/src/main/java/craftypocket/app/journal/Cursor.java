package craftypocket.app.journal;

import craftypocket.app.http.Refusal;
import craftypocket.app.journal.JournalDocument.EntryDocument;
import craftypocket.core.settings.Problem;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/** An entry of the journal after which the next ones come, however many are added before it. */
record Cursor(Instant at, UUID id) {

    static Cursor of(EntryDocument entry) {
        return new Cursor(entry.at(), entry.id());
    }

    /** Empty for the beginning. */
    static Optional<Cursor> read(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        int gap = text.indexOf('_');
        try {
            return Optional.of(new Cursor(
                    Instant.parse(text.substring(0, Math.max(0, gap))), UUID.fromString(text.substring(gap + 1))));
        } catch (DateTimeException | IllegalArgumentException wrong) {
            Problem problem = new Problem(
                    "after", text, "it must be what an answer said in “next”", "Leave it out to begin at the newest");
            throw Refusal.of("No such place in the journal", problem);
        }
    }

    @Override
    public String toString() {
        return at + "_" + id;
    }
}
