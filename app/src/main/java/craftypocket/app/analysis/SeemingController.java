package craftypocket.app.analysis;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.SpecDocument;
import craftypocket.app.routines.RoutineFiles;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.seem.RestsOn;
import craftypocket.core.seem.Seeming;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What people see of a routine that is sent along, and what they tell of it. */
@RestController
@RequestMapping("/api")
@AnswersWithProblems
class SeemingController {

    private final RoutineFiles files;

    SeemingController(RoutineFiles files) {
        this.files = files;
    }

    /** A routine and the numbers of one world; a choice without a number is as usual. */
    record SeenRequest(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = 2000, message = "at most 2000 choices")
            Map<String, @NotNull Integer> world) {

        SeenRequest {
            world = Objects.requireNonNullElse(world, Map.of());
        }
    }

    /**
     * @param told what happened, sentence by sentence, as somebody tells it who was there
     * @param flaws what they have seen and should not have, with the step in which they did
     * @param unclean what lies otherwise at the end than they think
     * @param methods for each effect what it rests on
     */
    record AccountDocument(
            @NotNull List<String> told,
            @NotNull List<FlawDocument> flaws,
            @NotNull List<UncleanDocument> unclean,
            @NotNull List<MethodDocument> methods) {}

    /** {@code clean} is what would be so if it were put right, if a claim can say it. */
    record UncleanDocument(@NotNull String sentence, SpecDocument clean) {}

    record FlawDocument(@NotNull String stepId, @NotNull String sentence) {}

    /** {@code rests} are the steps without which it would not come; {@code away} how many steps before it the last of them is. */
    record MethodDocument(
            @NotNull String stepId,
            @NotNull String effect,
            @NotNull List<String> rests,
            int away) {}

    /** The deck as people think it lies, after each step. */
    @PostMapping("/trace/seen")
    SeenDocument asSeen(@Valid @RequestBody SeenRequest request) {
        Plan plan = files.plan(request.routine());
        return SeenDocument.of(plan, seeming(plan, request));
    }

    /** What happened, told by somebody who was there, and how it stands with what they think at the end. */
    @PostMapping("/account")
    AccountDocument account(@Valid @RequestBody SeenRequest request) {
        Plan plan = files.plan(request.routine());
        Seeming seeming = seeming(plan, request);
        List<FlawDocument> flaws = SeenDocument.of(plan, seeming).moments().stream()
                .flatMap(moment ->
                        moment.flaws().stream().map(flaw -> new FlawDocument(moment.stepId(), flaw.sentence())))
                .toList();
        List<MethodDocument> methods =
                RestsOn.of(plan, new World(request.world()), seeming, AllMoves.CATALOGUE).stream()
                        .map(method -> new MethodDocument(
                                method.step(), method.effect().sentence(), method.rests(), method.away()))
                        .toList();
        List<UncleanDocument> unclean = seeming.unclean().stream()
                .map(each -> new UncleanDocument(
                        each.sentence(), each.clean().map(SpecDocument::of).orElse(null)))
                .toList();
        return new AccountDocument(seeming.account(), flaws, unclean, methods);
    }

    private static Seeming seeming(Plan plan, SeenRequest request) {
        return Seeming.of(plan, Tracer.trace(plan, new World(request.world())));
    }
}
