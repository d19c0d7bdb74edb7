package craftypocket.app.journal;

import craftypocket.app.http.Constants;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.app.routines.RoutineService;
import craftypocket.core.evening.Method;
import craftypocket.core.evening.SeenBefore;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** What was performed, and what people have seen of it. */
@Service
public class Performances {

    /** As many are asked of one audience. */
    private static final int MOST_SEEN = 500;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final PerformanceRepository performances;
    private final AudienceRepository audiences;
    private final RoutineService routines;
    private final RoutineFiles files;
    private final JsonMapper json;

    Performances(
            PerformanceRepository performances,
            AudienceRepository audiences,
            RoutineService routines,
            RoutineFiles files,
            JsonMapper json) {
        this.performances = performances;
        this.audiences = audiences;
        this.routines = routines;
        this.files = files;
        this.json = json;
    }

    /** What an audience has seen, the newest first; nothing for new people. */
    public List<SeenBefore> seenBy(UUID audience) {
        return audience == null
                ? List.of()
                : of(audience).stream()
                        .map(done -> new SeenBefore(
                                done.title(),
                                done.method().isEmpty() ? null : Constants.read(Method.class, done.method()),
                                new HashSet<>(done.forced()),
                                DAY.format(done.doneAt().atZone(ZoneId.systemDefault()))))
                        .toList();
    }

    /** How people reacted to routines on the average, by routine; those of which nobody said anything are missing. */
    public Map<UUID, Double> reactions() {
        return performances.reactions().stream()
                .collect(Collectors.toMap(
                        PerformanceRepository.Reaction::routine, PerformanceRepository.Reaction::mean));
    }

    List<PerformanceDocument> of(UUID audience) {
        return performances.findByAudienceIdOrderByDoneAtDesc(audience, PageRequest.of(0, MOST_SEEN)).stream()
                .map(this::read)
                .toList();
    }

    private PerformanceDocument read(PerformanceEntity entity) {
        return json.readValue(entity.text(), PerformanceDocument.class);
    }

    boolean knows(UUID audience) {
        return audience == null || audiences.existsById(audience);
    }

    /** Keeps a performance; the same sent again is kept once. What it works by is read from the routine as it is now. */
    PerformanceDocument keep(UUID id, PerformanceDocument done) {
        PerformanceDocument known = Optional.ofNullable(done.routine())
                .flatMap(routines::onShelf)
                .map(routine -> {
                    Plan plan = files.plan(routine);
                    List<String> forced = plan.routine().roles().stream()
                            .filter(role -> role.kind() == RoleKind.FORCE
                                    && !role.card().isEmpty())
                            .map(Role::card)
                            .toList();
                    return done.with(Method.of(plan), forced);
                })
                .orElse(done);
        try {
            restore(id, known);
        } catch (DataIntegrityViolationException sentTwiceAtOnce) {
            if (!performances.existsById(id)) {
                throw sentTwiceAtOnce;
            }
        }
        return known;
    }

    /** Keeps a performance as it was written down. */
    void restore(UUID id, PerformanceDocument done) {
        if (!performances.existsById(id)) {
            performances.saveAndFlush(new PerformanceEntity(id, done, json.writeValueAsString(done)));
        }
    }
}
