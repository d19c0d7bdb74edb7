package craftypocket.app.solving;

import craftypocket.app.computing.Computations;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import craftypocket.app.performer.PerformerNotes;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.SpecDocument;
import craftypocket.app.routines.RoutineDocument.StepDocument;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.edit.Adding;
import craftypocket.core.edit.Edited;
import craftypocket.core.invent.Bridge;
import craftypocket.core.invent.BridgeFinder;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.World;
import craftypocket.core.solve.SlipDiagnosis;
import craftypocket.core.solve.Sweep;
import craftypocket.core.solve.Unknown;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

/** Answers what a number must be, and which moves lead somewhere. Nothing is stored; whatever takes long can be stopped. */
@RestController
@RequestMapping("/api")
@AnswersWithProblems
class SolvingController {

    /**
     * A number to be solved for.
     *
     * @param computation a name under which it can be stopped
     * @param kind {@code step}, {@code beats}, {@code claim}, {@code start} or {@code pile}
     * @param id the step, the claim, or the place of the pile
     * @param setting the setting, or the code of the card
     * @param most the last value to try
     */
    record SweepRequest(
            @NotNull @Pattern(regexp = Computations.NAME, message = Computations.NAME_RULE)
            String computation,

            @NotNull @Valid RoutineDocument routine,

            @NotNull
            @Pattern(regexp = "step|beats|claim|start|pile", message = "must be step, beats, claim, start or pile")
            String kind,

            @NotNull @Size(max = 60, message = "at most 60 letters")
            String id,

            @NotNull @Size(max = 60, message = "at most 60 letters")
            String setting,

            @Min(value = 1, message = "at least 1") @Max(value = 104, message = "at most 104")
            int most) {}

    /** {@code best} is 0 when nothing ever holds; {@code left} are claims that eyes decide, which were not looked at. */
    record SweepDocument(
            @NotNull List<PointDocument> points,
            int best,
            boolean stopped,
            @NotNull List<String> left) {}

    record PointDocument(
            int value,
            @NotNull String text,
            double share,
            double low,
            double high,
            long worlds,
            boolean exhaustive,
            @NotNull String because) {}

    /**
     * A claim to be reached.
     *
     * @param computation a name under which it can be stopped
     * @param after the step after which the bridge begins; empty for the set-up
     * @param onlyMine whether only moves that the performer marked as possible are used
     */
    record BridgeRequest(
            @NotNull @Pattern(regexp = Computations.NAME, message = Computations.NAME_RULE)
            String computation,

            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = 40, message = "at most 40 letters")
            String after,

            @NotNull @Valid SpecDocument goal,
            boolean onlyMine) {}

    /** {@code outcome} is found, none or stopped. */
    record BridgeDocument(
            @NotNull String outcome, @NotNull List<WayDocument> ways, int tried, int within, int moves, int leftOut) {}

    /**
     * Moves that lead there.
     *
     * @param routine the routine with them put in
     * @param last the last step of them in it
     * @param share in which part of all ways of the routine they do, and each move is what it should be
     * @param atLeast whether the share may be more: not all ways were gone through, or several things fail, each in some of them
     */
    record WayDocument(
            @NotNull RoutineDocument routine,
            @NotNull String last,
            @NotNull List<String> names,
            int difficulty,
            int secret,
            int oddity,
            double share,
            boolean atLeast) {}

    /**
     * A run that did not come out.
     *
     * @param computation a name under which it can be stopped
     * @param world the numbers of the run
     * @param seen what is really so in the end
     * @param slips by the id of a step, how often it went wrong before
     */
    record DiagnosisRequest(
            @NotNull @Pattern(regexp = Computations.NAME, message = Computations.NAME_RULE)
            String computation,

            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = 2000, message = "at most 2000 choices")
            Map<String, @NotNull Integer> world,

            @NotNull
            @Size(min = 1, max = SlipDiagnosis.MOST_SEEN, message = "1 to " + SlipDiagnosis.MOST_SEEN + " observations")
            List<@NotNull @Valid SpecDocument> seen,

            @NotNull @Size(max = 200, message = "at most 200 steps")
            Map<
                            String,
                            @NotNull @Min(value = 0, message = "at least 0")
                            @Max(value = 100_000, message = "at most 100000") Integer>
                    slips) {

        DiagnosisRequest {
            world = Objects.requireNonNullElse(world, Map.of());
            slips = Objects.requireNonNullElse(slips, Map.of());
        }
    }

    record DiagnosisDocument(
            boolean asPlanned, @NotNull List<ExplanationDocument> explanations, int tried, boolean stopped) {}

    /**
     * Slips that lead to what was seen; {@code weight} is from 0 to 1, the likeliest; {@code noticed} names the step at which
     * it would have been noticed, or is empty; {@code watch} says what to watch next time.
     */
    record ExplanationDocument(
            @NotNull List<String> sentences,
            @NotNull List<String> stepIds,
            double weight,
            @NotNull String noticed,
            @NotNull String watch) {}

    private final Computations computations;
    private final PerformerNotes notes;

    SolvingController(Computations computations, PerformerNotes notes) {
        this.computations = computations;
        this.notes = notes;
    }

    /** How the routine stands with each value of one number. */
    @PostMapping("/sweep")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = SweepDocument.class)))
    ResponseEntity<ResponseBodyEmitter> sweep(@Valid @RequestBody SweepRequest request) {
        Routine routine = request.routine().toCore();
        PlanReader.read(routine, AllMoves.CATALOGUE);
        Unknown unknown = new Unknown(
                Unknown.Kind.valueOf(request.kind().toUpperCase(Locale.ROOT)), request.id(), request.setting());
        return computations.answer(
                request.computation(),
                effort -> sweep(Sweep.over(routine, unknown, request.most(), AllMoves.CATALOGUE, effort)));
    }

    private static SweepDocument sweep(Sweep sweep) {
        return new SweepDocument(
                sweep.points().stream()
                        .map(p -> new PointDocument(
                                p.value(),
                                p.text(),
                                p.share(),
                                p.low(),
                                p.high(),
                                p.worlds(),
                                p.exhaustive(),
                                p.because()))
                        .toList(),
                sweep.best().orElse(0),
                sweep.stopped(),
                sweep.left());
    }

    /** Moves that lead from the layout after a step to a claim. */
    @PostMapping("/bridge")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = BridgeDocument.class)))
    ResponseEntity<ResponseBodyEmitter> bridge(@Valid @RequestBody BridgeRequest request) {
        Map<String, Integer> skills = notes.skills();
        Predicate<Move> allowed = request.onlyMine() ? move -> skills.getOrDefault(move.id(), 0) > 0 : move -> true;
        BridgeFinder finder = new BridgeFinder(
                request.routine().toCore(),
                AllMoves.CATALOGUE,
                request.after(),
                request.goal().toCore(),
                allowed);
        return computations.answer(request.computation(), effort -> bridge(finder.find(effort), request));
    }

    private static BridgeDocument bridge(Bridge bridge, BridgeRequest asked) {
        return new BridgeDocument(
                Constants.word(bridge.outcome()),
                bridge.ways().stream().map(way -> way(way, asked)).toList(),
                bridge.tried(),
                bridge.within(),
                bridge.moves(),
                bridge.leftOut());
    }

    private static WayDocument way(Bridge.Way way, BridgeRequest asked) {
        Edited edited = Adding.of(asked.routine().toCore(), "", asked.after(), way.steps());
        return new WayDocument(
                asked.routine().edited(edited, Map.of()),
                edited.selected(),
                way.steps().stream()
                        .map(s ->
                                AllMoves.CATALOGUE.find(s.move()).orElseThrow().name())
                        .toList(),
                way.difficulty(),
                way.secret(),
                way.oddity(),
                way.share(),
                way.atLeast());
    }

    /** Which slips would explain what was really there in the end. */
    @PostMapping("/diagnosis")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = DiagnosisDocument.class)))
    ResponseEntity<ResponseBodyEmitter> diagnosis(@Valid @RequestBody DiagnosisRequest request) {
        List<ClaimSpec> seen = request.seen().stream().map(SpecDocument::toCore).toList();
        Plan plan = SlipDiagnosis.read(request.routine().toCore(), AllMoves.CATALOGUE, seen);
        World world = new World(request.world());
        return computations.answer(
                request.computation(),
                effort -> diagnosis(
                        SlipDiagnosis.of(plan, seen.size(), world, request.slips(), effort),
                        request.routine().steps()));
    }

    private static DiagnosisDocument diagnosis(SlipDiagnosis diagnosis, List<StepDocument> steps) {
        return new DiagnosisDocument(
                diagnosis.asPlanned(),
                diagnosis.explanations().stream()
                        .map(e -> new ExplanationDocument(
                                e.sentences(),
                                e.slips().stream()
                                        .map(slip -> steps.get(slip.step()).id())
                                        .toList(),
                                e.weight(),
                                e.noticed() < 0 ? "" : "step " + (e.noticed() + 1),
                                e.watch()))
                        .toList(),
                diagnosis.tried(),
                diagnosis.stopped());
    }
}
