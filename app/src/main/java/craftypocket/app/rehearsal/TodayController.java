package craftypocket.app.rehearsal;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.rehearsal.PracticeController.DrillSetDocument;
import craftypocket.app.rehearsal.PracticeNotes.Done;
import craftypocket.app.rehearsal.PracticeNotes.Kind;
import craftypocket.app.routines.RoutineService;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.rehearse.Drill;
import craftypocket.core.rehearse.Evenness;
import craftypocket.core.rehearse.Readiness;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is due, and how ready everything is. */
@RestController
@RequestMapping("/api/today")
@AnswersWithProblems
class TodayController {

    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final RehearsalRepository rehearsals;
    private final RoutineService routines;
    private final PracticeNotes notes;

    TodayController(RehearsalRepository rehearsals, RoutineService routines, PracticeNotes notes) {
        this.rehearsals = rehearsals;
        this.routines = routines;
        this.notes = notes;
    }

    /**
     * Something that was rehearsed. {@code kind} is {@code routine} or {@code drill}; {@code readiness} is from 0 to 1; {@code late} says by
     * how many days it is due, negative for days to come; {@code millis} how long it will take, by its own times.
     */
    record TodayDocument(
            @NotNull String kind,
            @NotNull String id,
            @NotNull String title,
            double readiness,
            @NotNull LocalDate due,
            long late,
            long millis) {}

    /** Everything that was rehearsed: what is due first, of that the least ready; then what will be due, the next first. */
    @GetMapping
    List<TodayDocument> today() {
        LocalDate today = notes.today();
        List<TodayDocument> all = new ArrayList<>();
        Map<UUID, String> titles = routines.titles();
        Map<UUID, List<RunSummary>> runs =
                rehearsals.summaries().stream().collect(Collectors.groupingBy(RunSummary::routineId));
        runs.forEach((id, of) -> {
            if (titles.containsKey(id)) {
                Readiness readiness = Readiness.of(
                        of.stream()
                                .map(run -> new Readiness.Run(
                                        LocalDate.ofInstant(run.startedAt(), ZoneId.systemDefault()),
                                        run.cameOut(),
                                        run.slips()))
                                .toList(),
                        today);
                all.add(entry(
                        "routine",
                        id.toString(),
                        titles.get(id),
                        readiness,
                        today,
                        typical(of, RunSummary::totalMillis)));
            }
        });
        notes.of(Kind.DRILL, "", DrillSetDocument.class).stream()
                .collect(Collectors.groupingBy(Done::subject))
                .forEach((id, done) -> name(id).ifPresent(name -> all.add(entry(
                        "drill",
                        id,
                        name,
                        PracticeController.readiness(done, today),
                        today,
                        typical(done, d -> d.what().millis())))));
        all.sort(Comparator.comparing((TodayDocument each) -> each.late() < 0)
                .thenComparing(each -> each.late() < 0 ? each.due().toEpochDay() : each.readiness())
                .thenComparing(TodayDocument::title));
        return all;
    }

    private static TodayDocument entry(
            String kind, String id, String title, Readiness readiness, LocalDate today, long millis) {
        long late = today.toEpochDay() - readiness.due().toEpochDay();
        return new TodayDocument(kind, id, title, readiness.share(), readiness.due(), late, millis);
    }

    private static Optional<String> name(String drill) {
        return Drill.ALL.stream()
                .filter(each -> each.id().equals(drill))
                .map(Drill::name)
                .findFirst()
                .or(() -> AllMoves.CATALOGUE.find(drill).map(Move::name));
    }

    /** The median. */
    private static <T> long typical(List<T> all, ToLongFunction<T> millis) {
        return Math.round(
                Evenness.median(all.stream().mapToDouble(millis::applyAsLong).toArray())
                        .orElse(0));
    }

    /** The same as a calendar (RFC 5545), an event of a whole day for each. */
    @GetMapping(value = "/plan.ics", produces = "text/calendar")
    ResponseEntity<String> plan() {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Crafty Pocket//Rehearsals//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (TodayDocument each : today()) {
            LocalDate day = each.late() > 0 ? notes.today() : each.due();
            VEvent event = new VEvent(day, "Rehearse: " + each.title());
            event.add(new Uid(each.kind() + "-" + each.id() + "@crafty-pocket"));
            calendar.add(event);
        }
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"rehearsals.ics\"")
                .body(calendar.toString());
    }
}
