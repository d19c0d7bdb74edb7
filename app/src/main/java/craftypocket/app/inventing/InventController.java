package craftypocket.app.inventing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import craftypocket.app.computing.Computations;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.SpecDocument;
import craftypocket.app.routines.RoutineDocument.StepDocument;
import craftypocket.core.invent.Inventor;
import craftypocket.core.invent.Question;
import craftypocket.core.moves.AllMoves;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Finds procedures that nobody has written down. A search takes minutes, and a request some seconds: what was found by then is the answer,
 * and the same question asked again goes on where it stopped.
 */
@RestController
@RequestMapping("/api/invent")
@AnswersWithProblems
class InventController {

    /** So many searches can be gone on with. */
    private static final int MOST_KEPT = 4;

    private static final Duration KEPT = Duration.ofMinutes(30);

    /**
     * What is looked for.
     *
     * @param after the step after which it begins; empty for the set-up
     * @param goal what must be so in the end in all ways; of kind {@code place-known} any one place will do
     * @param steps how many steps at most
     * @param choices how many free choices at least
     * @param table whether they may need a table
     * @param secret how many may be secret
     * @param difficulty the hardest that may be
     * @param numbers the fixed numbers that have a reason at the table; none for the usual ones
     * @param seed which of many alike are followed first
     */
    record SoughtDocument(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = 40, message = "at most 40 letters")
            String after,

            @NotNull @Valid SpecDocument goal,
            int steps,
            int choices,
            boolean table,
            int secret,
            int difficulty,

            @NotNull @Size(max = Question.MOST_NUMBERS, message = "at most " + Question.MOST_NUMBERS + " numbers")
            List<@NotNull @Min(value = 1, message = "at least 1") @Max(value = 52, message = "at most 52") Integer>
                    numbers,

            long seed) {

        Question toCore() {
            return new Question(
                    routine.toCore(), after, goal.toCore(), steps, choices, table, secret, difficulty, numbers, seed);
        }
    }

    /** A question with a title. */
    record NamedQuestion(@NotNull String title, @NotNull SoughtDocument question) {}

    /** @param computation a name under which it can be stopped and asked how far it is */
    record InventRequest(
            @NotNull @Pattern(regexp = Computations.NAME, message = Computations.NAME_RULE)
            String computation,

            @NotNull @Valid SoughtDocument question) {}

    /**
     * What was found by now.
     *
     * @param done whether the search is over: asked again, nothing more is found
     * @param found in the order in which it was
     * @param tried how many steps were tried on all layouts at once
     * @param length how many steps the longest procedures have that were tried
     * @param actions how many different actions there are
     * @param layouts in how many different layouts it begins
     */
    record InventedDocument(
            boolean done, @NotNull List<InventionDocument> found, int tried, int length, int actions, int layouts) {

        static final InventedDocument NOTHING = new InventedDocument(false, List.of(), 0, 0, 0, 0);

        static InventedDocument of(Inventor inventor) {
            return new InventedDocument(
                    inventor.done(),
                    inventor.found().stream().map(InventionDocument::of).toList(),
                    inventor.tried(),
                    inventor.length(),
                    inventor.actions(),
                    inventor.states());
        }
    }

    /** A find to be made a routine of its own. */
    record OpenRequest(
            @NotNull @Valid SoughtDocument question,

            @NotNull
            @Size(
                    min = 1,
                    max = Question.MOST_STEPS,
                    message = "at least one, at most " + Question.MOST_STEPS + " steps")
            List<@NotNull @Valid StepDocument> steps,

            @NotNull @Valid SpecDocument claim) {}

    private final Computations computations;
    private final Cache<Question, Inventor> begun =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).expireAfterAccess(KEPT).build();
    private final Cache<String, Inventor> named =
            Caffeine.newBuilder().maximumSize(MOST_KEPT).expireAfterAccess(KEPT).build();

    private final List<NamedQuestion> questions;

    InventController(Computations computations, JsonMapper json) {
        this.computations = computations;
        try (InputStream stream = new ClassPathResource("inventing/questions.json").getInputStream()) {
            questions = List.of(json.readValue(stream, NamedQuestion[].class));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** Questions to begin with. */
    @GetMapping("/questions")
    List<NamedQuestion> inventQuestions() {
        return questions;
    }

    /** Searches for some seconds, or goes on with a search. */
    @PostMapping
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = InventedDocument.class)))
    ResponseEntity<ResponseBodyEmitter> invent(@Valid @RequestBody InventRequest request) {
        Inventor inventor =
                begun.get(request.question().toCore(), question -> new Inventor(question, AllMoves.CATALOGUE));
        named.put(request.computation(), inventor);
        return computations.answer(request.computation(), effort -> {
            // Two that ask the same take turns: what one has found, the other has found too.
            synchronized (inventor) {
                inventor.search(effort);
            }
            return InventedDocument.of(inventor);
        });
    }

    /** What a search has found up to now; nothing of one that is not known, or not any more. */
    @GetMapping("/{computation}")
    InventedDocument invented(@PathVariable String computation) {
        Inventor inventor = named.getIfPresent(computation);
        return inventor == null ? InventedDocument.NOTHING : InventedDocument.of(inventor);
    }

    /** A find as a routine of its own: what comes before it, its steps, and what is so in the end as a claim. */
    @PostMapping("/opened")
    RoutineDocument opened(@Valid @RequestBody OpenRequest request) {
        return request.question()
                .routine()
                .edited(request.question()
                        .toCore()
                        .with(
                                request.steps().stream()
                                        .map(StepDocument::toCore)
                                        .toList(),
                                request.claim().toCore()));
    }
}
