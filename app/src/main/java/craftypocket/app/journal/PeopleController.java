package craftypocket.app.journal;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.EditId;
import craftypocket.app.http.Refusal;
import craftypocket.app.http.Visible;
import craftypocket.core.settings.Problem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** The people that something was performed for, and what was. */
@RestController
@RequestMapping("/api")
@AnswersWithProblems
@StoresData
class PeopleController {

    private static final int MOST_AUDIENCES = 2000;

    private final AudienceRepository audiences;
    private final Performances performances;
    private final JsonMapper json;

    PeopleController(AudienceRepository audiences, Performances performances, JsonMapper json) {
        this.audiences = audiences;
        this.performances = performances;
        this.json = json;
    }

    /** A table, a party, a client; the name is made up by the performer. */
    record AudienceDocument(
            @Visible @Size(max = 80, message = "at most 80 letters")
            String name,

            @NotNull @Size(max = 1000, message = "at most 1000 letters")
            String note) {

        AudienceDocument {
            note = Objects.requireNonNullElse(note, "");
        }
    }

    /** People that are kept. */
    record StoredAudience(@NotNull UUID id, @NotNull AudienceDocument audience) {}

    /** All people, by name. */
    @GetMapping("/audiences")
    List<StoredAudience> audiences() {
        return audiences.findByOrderByName().stream().map(this::stored).toList();
    }

    /** Keeps new people. The same sent again is kept once. */
    @PostMapping("/audiences")
    @ResponseStatus(HttpStatus.CREATED)
    StoredAudience keepAudience(
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody AudienceDocument audience) {
        UUID id = EditId.orNew(edit);
        if (audiences.count() >= MOST_AUDIENCES) {
            throw new Refusal(HttpStatus.CONFLICT, "Too many people", "Delete some that you will not meet again.");
        }
        try {
            return stored(audiences.findById(id).orElseGet(() -> write(new AudienceEntity(id), audience)));
        } catch (DataIntegrityViolationException sentTwiceAtOnce) {
            return stored(existing(id));
        }
    }

    /** Calls people something else, or writes something down of them. */
    @PutMapping("/audiences/{id}")
    StoredAudience changeAudience(@PathVariable UUID id, @Valid @RequestBody AudienceDocument audience) {
        return stored(write(existing(id), audience));
    }

    /** Forgets people; what was performed stays in the journal. */
    @DeleteMapping("/audiences/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteAudience(@PathVariable UUID id) {
        audiences.delete(existing(id));
    }

    /** What these people have seen, the newest first. */
    @GetMapping("/audiences/{id}/seen")
    List<PerformanceDocument> seen(@PathVariable UUID id) {
        existing(id);
        return performances.of(id);
    }

    /** Keeps what was performed. The same sent again is kept once. */
    @PostMapping("/performances")
    @ResponseStatus(HttpStatus.CREATED)
    PerformanceDocument keepPerformance(
            @RequestHeader(name = EditId.HEADER, required = false) UUID edit,
            @Valid @RequestBody PerformanceDocument done) {
        if (!performances.knows(done.audience())) {
            Problem problem = new Problem(
                    "audience", done.audience().toString(), "there are no such people", "Choose others, or none");
            throw Refusal.of("Nobody knows these people", problem);
        }
        return performances.keep(EditId.orNew(edit), done);
    }

    private AudienceEntity write(AudienceEntity entity, AudienceDocument audience) {
        entity.write(audience.name(), json.writeValueAsString(audience));
        return audiences.saveAndFlush(entity);
    }

    private AudienceEntity existing(UUID id) {
        return audiences
                .findById(id)
                .orElseThrow(() -> new Refusal(
                        HttpStatus.NOT_FOUND, "No such people", "They may have been deleted. Choose others."));
    }

    private StoredAudience stored(AudienceEntity entity) {
        return new StoredAudience(entity.id(), json.readValue(entity.text(), AudienceDocument.class));
    }
}
