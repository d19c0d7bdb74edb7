package craftypocket.app.journal;

import craftypocket.app.journal.JournalDocument.CountDocument;
import craftypocket.app.journal.JournalDocument.EntryDocument;
import craftypocket.app.journal.JournalDocument.FiguresDocument;
import craftypocket.app.journal.JournalDocument.MonthDocument;
import craftypocket.app.journal.JournalDocument.RoutineFigures;
import craftypocket.app.rehearsal.Practised;
import craftypocket.app.rehearsal.RehearsalDocument;
import craftypocket.app.rehearsal.Runs;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.StepDocument;
import craftypocket.app.routines.RoutineService;
import craftypocket.core.rehearse.Evenness;
import java.time.Instant;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Everything that was rehearsed and performed, on one time line. */
@Service
class Journal {

    static final String REHEARSAL = "rehearsal";
    static final String PERFORMANCE = "performance";

    /** Ten years of three runs a day. */
    static final int MOST_ENTRIES = 12_000;

    private static final int MOST_COUNTED = 8;
    private static final int MILLIS = 1000;

    /** What is looked at: kind and routine empty or null for all. */
    record Wanted(String kind, UUID routine, Instant from, Instant until) {}

    private final Runs runs;
    private final Performances performances;
    private final AudienceRepository audiences;
    private final RoutineService routines;
    private final Practised practised;

    Journal(
            Runs runs,
            Performances performances,
            AudienceRepository audiences,
            RoutineService routines,
            Practised practised) {
        this.runs = runs;
        this.performances = performances;
        this.audiences = audiences;
        this.routines = routines;
        this.practised = practised;
    }

    /** Everything that is wanted, the newest first. */
    List<EntryDocument> entries(Wanted wanted) {
        return entries(wanted, MOST_ENTRIES);
    }

    /** The newest ones that are wanted, at most so many. */
    List<EntryDocument> entries(Wanted wanted, int most) {
        Map<UUID, String> titles = routines.titles();
        Map<UUID, String> people =
                audiences.findAll().stream().collect(Collectors.toMap(AudienceEntity::id, AudienceEntity::name));
        return Stream.concat(
                        ran(wanted, most).stream().map(ran -> entry(ran, titles)),
                        performed(wanted, most).stream().map(done -> entry(done, people)))
                .sorted(Comparator.comparing(EntryDocument::at).reversed())
                .limit(most)
                .toList();
    }

    /** How many are wanted. */
    int count(Wanted wanted) {
        int rehearsed =
                wanted.kind().equals(PERFORMANCE) ? 0 : runs.count(wanted.routine(), wanted.from(), wanted.until());
        int performed = wanted.kind().equals(REHEARSAL)
                ? 0
                : performances.count(wanted.routine(), wanted.from(), wanted.until());
        return rehearsed + performed;
    }

    private List<Runs.Ran> ran(Wanted wanted, int most) {
        return wanted.kind().equals(PERFORMANCE)
                ? List.of()
                : runs.between(wanted.routine(), wanted.from(), wanted.until(), most);
    }

    private List<PerformanceDocument> performed(Wanted wanted, int most) {
        return wanted.kind().equals(REHEARSAL)
                ? List.of()
                : performances.between(wanted.routine(), wanted.from(), wanted.until(), most);
    }

    private static EntryDocument entry(Runs.Ran ran, Map<UUID, String> titles) {
        RehearsalDocument run = ran.run();
        return new EntryDocument(
                run.startedAt(),
                REHEARSAL,
                ran.routineId(),
                titles.getOrDefault(ran.routineId(), "A deleted routine"),
                "",
                run.cameOut(),
                run.slips(),
                run.steps().stream()
                        .flatMap(step -> step.reasons().stream())
                        .distinct()
                        .toList(),
                run.totalMillis() / MILLIS,
                0,
                "",
                run.notes());
    }

    private static EntryDocument entry(PerformanceDocument done, Map<UUID, String> people) {
        return new EntryDocument(
                done.doneAt(),
                PERFORMANCE,
                done.routine(),
                done.title(),
                done.audience() == null ? "" : people.getOrDefault(done.audience(), ""),
                done.cameOut(),
                done.slippedAt().isEmpty() ? 0 : 1,
                List.of(),
                0,
                done.reaction(),
                done.out(),
                done.note());
    }

    FiguresDocument figures(Wanted wanted) {
        List<EntryDocument> entries = entries(wanted);
        return new FiguresDocument(
                months(entries),
                byRoutine(entries),
                moves(wanted),
                counts(entries.stream().flatMap(entry -> entry.reasons().stream())),
                practised.tempos(),
                practised.margin());
    }

    private static List<MonthDocument> months(List<EntryDocument> entries) {
        Map<YearMonth, List<EntryDocument>> months = new TreeMap<>(entries.stream()
                .collect(
                        Collectors.groupingBy(entry -> YearMonth.from(entry.at().atZone(ZoneId.systemDefault())))));
        return months.entrySet().stream()
                .map(month -> new MonthDocument(
                        month.getKey().toString(),
                        count(month.getValue(), REHEARSAL),
                        count(month.getValue(), PERFORMANCE),
                        (int) month.getValue().stream()
                                .filter(EntryDocument::cameOut)
                                .count()))
                .toList();
    }

    private static int count(List<EntryDocument> entries, String kind) {
        return (int) entries.stream().filter(entry -> entry.kind().equals(kind)).count();
    }

    private static List<RoutineFigures> byRoutine(List<EntryDocument> entries) {
        Map<UUID, List<EntryDocument>> all = entries.stream()
                .collect(Collectors.groupingBy(EntryDocument::routine, LinkedHashMap::new, Collectors.toList()));
        return all.values().stream()
                .map(Journal::figures)
                .sorted(Comparator.comparingInt((RoutineFigures each) -> -each.runs() - each.performed())
                        .thenComparing(RoutineFigures::title))
                .toList();
    }

    private static RoutineFigures figures(List<EntryDocument> of) {
        double[] seconds = of.stream()
                .filter(entry -> entry.seconds() > 0)
                .mapToDouble(EntryDocument::seconds)
                .toArray();
        return new RoutineFigures(
                of.get(0).routine(),
                of.get(0).title(),
                count(of, REHEARSAL),
                count(of, PERFORMANCE),
                (int) of.stream().filter(EntryDocument::cameOut).count(),
                of.stream().mapToInt(EntryDocument::slips).sum(),
                (int) Math.round(Evenness.median(seconds).orElse(0)),
                of.stream()
                        .filter(entry -> entry.reaction() > 0)
                        .mapToInt(EntryDocument::reaction)
                        .average()
                        .orElse(0),
                counts(of.stream().flatMap(entry -> entry.reasons().stream())),
                counts(of.stream().map(EntryDocument::out).filter(out -> !out.isEmpty())));
    }

    private static List<CountDocument> counts(Stream<String> all) {
        return most(all.collect(Collectors.groupingBy(each -> each, Collectors.summingInt(each -> 1))));
    }

    private static List<CountDocument> most(Map<String, Integer> counts) {
        return counts.entrySet().stream()
                .map(each -> new CountDocument(each.getKey(), each.getValue()))
                .sorted(Comparator.comparingInt((CountDocument each) -> -each.times())
                        .thenComparing(CountDocument::what))
                .limit(MOST_COUNTED)
                .toList();
    }

    /** By move, how often it slipped: each step is one of the routine as it is now. */
    private List<CountDocument> moves(Wanted wanted) {
        Map<UUID, Map<String, String>> steps = new HashMap<>();
        Map<String, Integer> slips = new HashMap<>();
        for (Runs.Ran ran : ran(wanted, MOST_ENTRIES)) {
            ran.run().steps().stream()
                    .filter(step -> step.slips() > 0)
                    .forEach(step -> Optional.ofNullable(steps.computeIfAbsent(ran.routineId(), this::movesOf)
                                    .get(step.stepId()))
                            .ifPresent(move -> slips.merge(move, step.slips(), Integer::sum)));
        }
        return most(slips);
    }

    private Map<String, String> movesOf(UUID routine) {
        List<StepDocument> all = new ArrayList<>();
        routines.onShelf(routine).ifPresent((RoutineDocument document) -> {
            all.addAll(document.steps());
            document.outs().forEach(out -> all.addAll(out.steps()));
        });
        return all.stream().collect(Collectors.toMap(StepDocument::id, StepDocument::move, (a, b) -> a));
    }
}
