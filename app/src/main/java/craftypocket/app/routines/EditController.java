package craftypocket.app.routines;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import craftypocket.app.routines.RoutineDocument.OwnMoveDocument;
import craftypocket.core.edit.Renaming;
import craftypocket.core.edit.Wrapping;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.routine.Routine;
import craftypocket.core.settings.Renamed;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Edits for which one must know what a routine means. Nothing is stored: the routine comes back, and is saved like any other edit. */
@RestController
@RequestMapping("/api/edits")
@AnswersWithProblems
class EditController {

    /**
     * Something gets another name.
     *
     * @param kind what it is
     * @param from its name now: a letter, a person, a thing, a place such as {@code table:left}, the id of a step
     * @param to its new name
     */
    record RenameRequest(
            @NotNull @Valid RoutineDocument routine,

            @NotNull
            @Pattern(regexp = "role|person|pile|thing|step", message = "must be role, person, pile, thing or step")
            String kind,

            @NotNull @Size(max = 70, message = "at most 70 letters")
            String from,

            @NotNull @Size(max = 70, message = "at most 70 letters")
            String to) {}

    /** The routine as it is then, and in how many of its steps something changed. */
    record EditedDocument(@NotNull RoutineDocument routine, int steps) {}

    /** Gives something another name wherever the routine speaks of it. */
    @PostMapping("/rename")
    EditedDocument rename(@Valid @RequestBody RenameRequest asked) {
        Routine before = asked.routine().toCore();
        Renamed renamed = new Renamed(Constants.read(Renamed.Kind.class, asked.kind()), asked.from(), asked.to());
        Routine after = Renaming.of(before, renamed, AllMoves.CATALOGUE);
        Map<String, List<String>> from =
                renamed.kind() == Renamed.Kind.STEP ? Map.of(renamed.to(), List.of(renamed.from())) : Map.of();
        return new EditedDocument(asked.routine().edited(after, from), Renaming.stepsChanged(before, after));
    }

    /**
     * Steps become one step, of an own move that was made of them.
     *
     * @param own the own move
     * @param steps the ids of the steps, one after another
     */
    record WrapRequest(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Valid OwnMoveDocument own,

            @NotNull
            @Size(min = 1, max = Routine.MOST_STEPS, message = "at least one, at most " + Routine.MOST_STEPS + " steps")
            List<@NotNull @Size(max = 40, message = "at most 40 letters") String> steps) {}

    /** The routine as it is then, and the id of the step that stands for the others. */
    record WrappedDocument(
            @NotNull RoutineDocument routine, @NotNull String step) {}

    /** Puts an own move in the place of steps, with everything that spoke of them. */
    @PostMapping("/wrap")
    WrappedDocument wrap(@Valid @RequestBody WrapRequest asked) {
        Wrapping wrapped =
                Wrapping.of(asked.routine().toCore(), asked.own().toCore(), asked.steps(), AllMoves.CATALOGUE);
        return new WrappedDocument(
                asked.routine().edited(wrapped.routine(), Map.of(wrapped.step(), asked.steps())), wrapped.step());
    }
}
