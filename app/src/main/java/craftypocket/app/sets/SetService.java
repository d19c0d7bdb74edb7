package craftypocket.app.sets;

import craftypocket.app.http.Refusal;
import craftypocket.app.versions.Versions;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps sets. */
@Service
@Transactional
class SetService {

    /** More sets than evenings in some years. */
    private static final int MOST_SETS = 1000;

    private final SetRepository sets;
    private final Versions versions;
    private final JsonMapper json;
    private final Clock clock;

    SetService(SetRepository sets, Versions versions, JsonMapper json, Clock clock) {
        this.sets = sets;
        this.versions = versions;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<StoredSet> all() {
        return sets.findByOrderByTitle().stream().map(this::stored).toList();
    }

    @Transactional(readOnly = true)
    StoredSet find(UUID id) {
        return stored(existing(id));
    }

    /** Keeps a new set; one of this id that is there already stays as it is. */
    StoredSet create(UUID id, SetDocument set) {
        Optional<SetEntity> known = sets.findById(id);
        if (known.isPresent()) {
            return stored(known.get());
        }
        if (sets.count() >= MOST_SETS) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    "Too many sets",
                    "There are " + MOST_SETS + " sets already. Delete some first.");
        }
        return write(new SetEntity(id), id, set);
    }

    /** @param edit the id that whoever asks gave it: asking again changes nothing more */
    StoredSet edit(UUID id, String version, UUID edit, SetDocument set) {
        SetEntity entity = existing(id);
        Optional<StoredSet> done = done(id, edit);
        if (done.isPresent()) {
            return done.get();
        }
        versions.requireCurrent(id, entity.stamp(), version);
        return write(entity, edit, set);
    }

    /** What an edit led to, if it is one of the last ones. */
    @Transactional(readOnly = true)
    Optional<StoredSet> done(UUID id, UUID edit) {
        StoredSet now = find(id);
        return versions.after(id, edit).map(stamp -> new StoredSet(id, stamp, now.set()));
    }

    void delete(UUID id) {
        existing(id);
        sets.forget(id);
        versions.forget(id);
    }

    private StoredSet write(SetEntity entity, UUID edit, SetDocument set) {
        entity.write(set.title(), json.writeValueAsString(set), clock.instant());
        StoredSet led = stored(sets.saveAndFlush(entity));
        versions.led(led.id(), edit, led.version());
        return led;
    }

    private SetEntity existing(UUID id) {
        return sets.findById(id)
                .orElseThrow(() -> new Refusal(
                        HttpStatus.NOT_FOUND, "No such set", "It may have been deleted. Go back to Tonight."));
    }

    private StoredSet stored(SetEntity entity) {
        return new StoredSet(entity.id(), entity.stamp(), json.readValue(entity.text(), SetDocument.class));
    }
}
