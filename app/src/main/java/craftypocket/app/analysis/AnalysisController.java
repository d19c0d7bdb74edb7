package craftypocket.app.analysis;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftypocket.app.computing.Computations;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Knowledge;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.seem.JudgedBySight;
import craftypocket.core.solve.Boundary;
import craftypocket.core.solve.Effort;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Computes from a routine that is sent along; nothing is stored. */
@RestController
@RequestMapping("/api")
@AnswersWithProblems
class AnalysisController {

    /** A routine and the numbers of one world; a choice without a number is as usual. */
    record TraceRequest(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = 2000, message = "at most 2000 choices")
            Map<String, @NotNull Integer> world) {

        TraceRequest {
            world = Objects.requireNonNullElse(world, Map.of());
        }
    }

    /** A world, and a name under which the work can be stopped; one of the same name that is under way is stopped; may be missing. */
    record KnownRequest(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = 2000, message = "at most 2000 choices")
            Map<String, @NotNull Integer> world,

            @Pattern(regexp = Computations.NAME, message = Computations.NAME_RULE)
            String computation) {

        KnownRequest {
            world = Objects.requireNonNullElse(world, Map.of());
        }
    }

    /** @param computation a name under which it can be stopped; one of the same name that is under way is stopped; may be missing */
    record SurveyRequest(
            @NotNull @Valid RoutineDocument routine,

            @Pattern(regexp = Computations.NAME, message = Computations.NAME_RULE)
            String computation) {}

    /**
     * @param finding which condition, by its number among the findings of the survey
     * @param choice the key of a choice
     * @param number what is chosen there
     */
    record FailingRequest(
            @NotNull @Valid RoutineDocument routine,
            @Min(0) int finding,
            @NotNull @Size(max = 100) String choice,
            int number) {}

    /** @param world the smallest in which it fails; missing when none was found */
    record FailingDocument(Map<String, Integer> world) {}

    /**
     * @param survey of the ways that were drawn until now; missing before the first
     * @param seconds about how long it takes until all ways are counted; missing where that is not known
     */
    record SoFarDocument(SurveyDocument survey, Integer seconds) {

        static SoFarDocument of(Glanced glanced, Duration spent) {
            Duration left =
                    glanced.lasts() == null ? Duration.ZERO : glanced.lasts().minus(spent);
            boolean worthTelling = left.toMillis() >= SHORTEST_WORTH_TELLING_MS;
            return new SoFarDocument(
                    glanced.survey(), worthTelling ? Math.round(left.toMillis() / MILLIS_OF_A_SECOND) : null);
        }
    }

    /**
     * @param survey of the ways that were drawn; null before the first
     * @param lasts how long the last one like it took until all ways were counted; null where that is not known
     */
    private record Glanced(SurveyDocument survey, Duration lasts) {}

    /** A survey by its name and the steps of its routine, as there are several of a routine with outs. */
    private record Asked(String name, List<String> steps) {}

    /** A routine, the numbers of one world, and the step that is taken hold of. */
    record BoundariesRequest(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = 2000, message = "at most 2000 choices")
            Map<String, @NotNull Integer> world,

            @NotNull @Size(max = 100) String step) {

        BoundariesRequest {
            world = Objects.requireNonNullElse(world, Map.of());
        }
    }

    /**
     * Where a step parts a pile, below {@code depth} cards, and what puts that elsewhere: a number of {@code choice}, or a text
     * of {@code setting}; the other one is empty. {@code least} is the first possible depth, {@code texts} what to take for it
     * and for each depth that follows.
     */
    record BoundaryDocument(
            @NotNull String place,
            @NotNull String placeLabel,
            int depth,
            @NotNull String choice,
            @NotNull String setting,
            @NotNull String label,
            int least,
            @NotNull List<String> texts) {

        static BoundaryDocument of(Boundary boundary) {
            return new BoundaryDocument(
                    boundary.place().text(),
                    boundary.place().label(),
                    boundary.depth(),
                    boundary.choice(),
                    boundary.setting(),
                    boundary.label(),
                    boundary.least(),
                    boundary.texts());
        }
    }

    /** As many as fit the shelf of somebody who has them all open; a survey is some hundred kilobytes at most. */
    private static final int MOST_REMEMBERED = 50;

    /** Each takes some hundred bytes. */
    private static final int MOST_HISTORIES = 200_000;

    /** The plan that is kept with what is known takes as much as so many histories: every edit makes another routine. */
    private static final int HISTORIES_OF_A_PLAN = 5_000;

    /** Each has a few kinds of work under way. */
    private static final int MOST_PAGES = 200;

    /** Others are to be glanced at, too. */
    private static final Duration LONGEST_GLANCE = Duration.ofMillis(250);

    private static final long SHORTEST_WORTH_TELLING_MS = 500;
    private static final float MILLIS_OF_A_SECOND = 1000;

    private final RoutineFiles files;
    private final Traces traces;
    private final Computations computations;

    /** Surveys by what they depend on, which titles and notes are not; the same question asked twice is computed once. */
    private final Cache<Routine, SurveyDocument> surveys =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    /** What is known of a routine in all ways: a slider shows another of them at once. */
    private final Cache<Routine, Knowledge> knowledge = Caffeine.newBuilder()
            .maximumWeight(MOST_HISTORIES)
            .weigher((Routine routine, Knowledge known) -> HISTORIES_OF_A_PLAN + known.size())
            .build();

    /** How long the last survey took that went over all ways: the next one of the same steps is much like it. */
    private final Cache<Asked, Duration> lasted =
            Caffeine.newBuilder().maximumSize(MOST_PAGES).build();

    AnalysisController(RoutineFiles files, Traces traces, Computations computations) {
        this.computations = computations;
        this.files = files;
        this.traces = traces;
    }

    /** What happens in one world. */
    @PostMapping("/trace")
    TraceDocument trace(@Valid @RequestBody TraceRequest request) {
        Plan plan = files.plan(request.routine());
        return traces.document(plan, Tracer.trace(plan, new World(request.world())));
    }

    /** The same, with what you know at each moment: what is the same in all ways that look alike to you, as far as there are not too many. */
    @PostMapping("/trace/known")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = TraceDocument.class)))
    ResponseEntity<?> known(@Valid @RequestBody KnownRequest request) {
        Routine routine = files.plan(request.routine()).routine();
        World world = new World(request.world());
        Knowledge found = knowledge.getIfPresent(routine);
        if (found != null) {
            return ResponseEntity.ok(traces.document(files.plan(routine), found.trace(world)));
        }
        return computations.answer(request.computation(), effort -> {
            Plan plan = files.plan(routine);
            SurveyOptions options =
                    SurveyOptions.withDefaults().with(effort::stopped).withHurry(effort::hurried);
            Optional<Knowledge> known = Knowledge.of(plan, options);
            known.ifPresent(all -> knowledge.put(routine, all));
            return traces.document(plan, known.map(all -> all.trace(world)).orElseGet(() -> Tracer.trace(plan, world)));
        });
    }

    /** The boundaries between the blocks of a step that can be put elsewhere. */
    @PostMapping("/trace/boundaries")
    List<BoundaryDocument> boundaries(@Valid @RequestBody BoundariesRequest request) {
        Plan plan = files.plan(request.routine());
        return Boundary.of(plan, new World(request.world()), request.step(), AllMoves.CATALOGUE).stream()
                .map(BoundaryDocument::of)
                .toList();
    }

    /** What holds over all worlds. */
    @PostMapping("/survey")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = SurveyDocument.class)))
    ResponseEntity<?> survey(@Valid @RequestBody SurveyRequest request) {
        Routine routine = files.plan(request.routine()).routine();
        SurveyDocument known = surveys.getIfPresent(routine);
        if (known != null) {
            return ResponseEntity.ok(known);
        }
        Asked asked = new Asked(
                Objects.requireNonNullElse(request.computation(), ""),
                routine.steps().stream().map(Step::id).toList());
        AtomicReference<SurveyDocument> glanced = new AtomicReference<>();
        // Hundreds may wait: a routine takes a hundredth of the memory of its plan, which is read again when it is its
        // turn.
        return computations.answer(
                request.computation(),
                (ways, effort) -> {
                    Survey seen = glance(files.plan(routine), ways, effort);
                    if (seen.worlds() > 0) {
                        glanced.set(SurveyDocument.of(seen, true));
                    }
                    return new Glanced(glanced.get(), lasted.getIfPresent(asked));
                },
                effort -> survey(routine, asked, glanced::get, effort));
    }

    private static Survey glance(Plan plan, int ways, Effort effort) {
        long until = System.nanoTime() + LONGEST_GLANCE.toNanos();
        BooleanSupplier ends = () -> effort.stopped() || System.nanoTime() > until;
        return Surveyor.glance(plan, SurveyOptions.withDefaults().with(ends), ways);
    }

    /** What is seen of a survey while it waits or is under way; nothing of one that is not. */
    @GetMapping("/survey/{computation}")
    SoFarDocument soFar(@PathVariable String computation) {
        return computations
                .soFar(computation)
                .filter(soFar -> soFar.glanced() instanceof Glanced)
                .map(soFar -> SoFarDocument.of((Glanced) soFar.glanced(), soFar.spent()))
                .orElse(new SoFarDocument(null, null));
    }

    /** A world in which a condition fails although, or because, a choice is made with this number. */
    @PostMapping("/survey/failing")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = FailingDocument.class)))
    ResponseEntity<?> failing(@Valid @RequestBody FailingRequest request) {
        Routine routine = files.plan(request.routine()).routine();
        return computations.answer(null, effort -> {
            Plan plan = files.plan(routine);
            SurveyOptions options = SurveyOptions.withDefaults()
                    .with(effort::stopped)
                    .withHurry(effort::hurried)
                    .withOnly(request.choice(), request.number());
            return Surveyor.survey(plan, options).findings().stream()
                    .skip(request.finding())
                    .findFirst()
                    .map(Survey.Finding::failing)
                    .map(world -> new FailingDocument(world.numbers()))
                    .orElse(new FailingDocument(null));
        });
    }

    /**
     * @param asked under which name it was asked for
     * @param glanced what was seen of it before, or null
     */
    private SurveyDocument survey(Routine routine, Asked asked, Supplier<SurveyDocument> glanced, Effort effort) {
        // Somebody else may have asked the same while this waited.
        SurveyDocument known = surveys.getIfPresent(routine);
        if (known != null) {
            return known;
        }
        Plan plan = files.plan(routine);
        SurveyOptions options =
                SurveyOptions.withDefaults().with(effort::stopped).withHurry(effort::hurried);
        long begun = System.nanoTime();
        Survey surveyed = JudgedBySight.of(plan, Surveyor.survey(plan, options), effort::stopped);
        SurveyDocument found = SurveyDocument.of(surveyed, false);
        SurveyDocument before = glanced.get();
        if (found.worlds() == 0 && before != null) {
            // It was stopped before it saw anything: what was glanced at is not nothing.
            return before.over();
        }
        if (!found.stopped() && !effort.stopped()) {
            surveys.put(routine, found);
        }
        if (found.exhaustive()) {
            lasted.put(asked, Duration.ofNanos(System.nanoTime() - begun));
        } else {
            lasted.invalidate(asked);
        }
        return found;
    }
}
