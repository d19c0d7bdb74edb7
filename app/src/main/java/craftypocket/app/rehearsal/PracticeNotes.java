package craftypocket.app.rehearsal;

import craftypocket.app.http.Constants;
import craftypocket.app.http.EditId;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what is practised, and gives it back in the order in which it was done. */
@Service
class PracticeNotes {

    /** As many as judgement needs; older ones stay stored. */
    private static final int MOST_READ = 500;

    /** What is kept apart. */
    enum Kind {
        BEATS,
        JUDGED,
        RECALL,
        DRILL;

        private String stored() {
            return Constants.word(this);
        }
    }

    /** One of them, with its day. */
    record Done<T>(LocalDate day, String subject, T what) {}

    private final PracticeRepository repository;
    private final JsonMapper json;
    private final Clock clock;

    PracticeNotes(PracticeRepository repository, JsonMapper json, Clock clock) {
        this.repository = repository;
        this.json = json;
        this.clock = clock;
    }

    LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    /** Keeps something; the same sent again is kept once. */
    void keep(UUID edit, Kind kind, String subject, Object what) {
        UUID id = EditId.orNew(edit);
        try {
            if (!repository.existsById(id)) {
                restore(id, kind.stored(), subject, clock.instant(), what);
            }
        } catch (DataIntegrityViolationException sentTwiceAtOnce) {
            if (!repository.existsById(id)) {
                throw sentTwiceAtOnce;
            }
        }
    }

    /** Keeps what was done at another time. */
    void restore(UUID id, String kind, String subject, Instant doneAt, Object what) {
        repository.saveAndFlush(new PracticeEntity(id, kind, subject, doneAt, json.writeValueAsString(what)));
    }

    /** What was done of a subject, the earliest first; of all subjects when it is empty. */
    <T> List<Done<T>> of(Kind kind, String subject, Class<T> type) {
        List<PracticeEntity> found = subject.isEmpty()
                ? repository.findByKindOrderByDoneAtDesc(kind.stored(), Limit.of(MOST_READ))
                : repository.findByKindAndSubjectOrderByDoneAtDesc(kind.stored(), subject, Limit.of(MOST_READ));
        List<Done<T>> done = new ArrayList<>(found.stream()
                .map(entity -> new Done<>(
                        LocalDate.ofInstant(entity.doneAt(), ZoneId.systemDefault()),
                        entity.subject(),
                        json.readValue(entity.text(), type)))
                .toList());
        Collections.reverse(done);
        return done;
    }
}
