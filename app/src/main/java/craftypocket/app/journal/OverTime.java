package craftypocket.app.journal;

import craftypocket.app.journal.OverTimeDocument.MarginDocument;
import craftypocket.app.journal.OverTimeDocument.MeasuredDocument;
import craftypocket.app.journal.OverTimeDocument.SeriesDocument;
import craftypocket.app.rehearsal.Practised;
import craftypocket.app.rehearsal.Practised.Measured;
import craftypocket.app.rehearsal.Runs;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.StepDocument;
import craftypocket.app.routines.RoutineService;
import craftypocket.core.rehearse.Evenness;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What practice came to over time. */
@Service
@Transactional(readOnly = true)
class OverTime {

    private static final double PER_CENT = 100;

    private final Practised practised;
    private final Runs runs;
    private final RoutineService routines;

    OverTime(Practised practised, Runs runs, RoutineService routines) {
        this.practised = practised;
        this.runs = runs;
        this.routines = routines;
    }

    /** @param routine of which the steps are told; null for none */
    OverTimeDocument of(UUID routine) {
        Map<String, List<Measured>> counts = practised.counts();
        return new OverTimeDocument(
                routine == null ? List.of() : steps(routine),
                series(counts, Measured::tempo),
                series(counts, measured -> PER_CENT * measured.variation()),
                practised.margins().stream()
                        .map(month -> new MarginDocument(month.month().toString(), month.margin(), month.guesses()))
                        .toList());
    }

    private List<SeriesDocument> steps(UUID routine) {
        Map<String, Map<LocalDate, List<Double>>> seconds = runs.secondsOfSteps(routine);
        List<StepDocument> steps =
                routines.onShelf(routine).map(RoutineDocument::steps).orElse(List.of());
        return IntStream.range(0, steps.size())
                .filter(i -> seconds.containsKey(steps.get(i).id()))
                .mapToObj(i -> new SeriesDocument(
                        steps.get(i).move(),
                        i + 1,
                        medians(seconds.get(steps.get(i).id()))))
                .toList();
    }

    private static List<SeriesDocument> series(Map<String, List<Measured>> counts, ToDoubleFunction<Measured> value) {
        return counts.entrySet().stream()
                .map(each -> new SeriesDocument(
                        each.getKey(),
                        0,
                        medians(each.getValue().stream()
                                .collect(Collectors.groupingBy(
                                        Measured::day,
                                        TreeMap::new,
                                        Collectors.mapping(value::applyAsDouble, Collectors.toList()))))))
                .toList();
    }

    private static List<MeasuredDocument> medians(Map<LocalDate, List<Double>> byDay) {
        return byDay.entrySet().stream()
                .map(day -> new MeasuredDocument(
                        day.getKey(),
                        Evenness.median(day.getValue().stream()
                                        .mapToDouble(value -> value)
                                        .toArray())
                                .orElse(0)))
                .toList();
    }
}
