package craftypocket.app.routines;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import craftypocket.core.edit.Renaming;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.routine.Routine;
import craftypocket.core.settings.Renamed;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
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
        return new EditedDocument(asked.routine().renamed(after), Renaming.stepsChanged(before, after));
    }
}
