package craftypocket.app.editing;

import craftypocket.app.analysis.TraceDocument;
import craftypocket.app.analysis.Traces;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import craftypocket.app.performer.PerformerNotes;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.OwnMoveDocument;
import craftypocket.core.cards.Pack;
import craftypocket.core.edit.Adding;
import craftypocket.core.edit.AddingRoles;
import craftypocket.core.edit.Doubling;
import craftypocket.core.edit.Edited;
import craftypocket.core.edit.Jotting;
import craftypocket.core.edit.KeepingAnOut;
import craftypocket.core.edit.Moving;
import craftypocket.core.edit.Removing;
import craftypocket.core.edit.Renaming;
import craftypocket.core.edit.Wrapping;
import craftypocket.core.jot.Jotted;
import craftypocket.core.jot.Notes;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.run.World;
import craftypocket.core.settings.Renamed;
import craftypocket.core.solve.Unknown;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Edits for which one must know what a routine means. Nothing is stored: the routine comes back, and is saved like any other edit. */
@RestController
@RequestMapping("/api/edits")
@AnswersWithProblems
class EditController {

    private static final int LONGEST_ID = 40;
    private static final String ID_RULE = "at most " + LONGEST_ID + " letters";

    /**
     * What is edited: one line of a routine, as it is seen in one world.
     *
     * @param line the id of an out; empty for the main line
     * @param world the numbers of that world; a choice without a number is as usual
     */
    record EditedLine(
            @NotNull @Valid RoutineDocument routine,

            @NotNull @Size(max = LONGEST_ID, message = ID_RULE)
            String line,

            @NotNull @Size(max = 2000, message = "at most 2000 choices")
            Map<String, @NotNull Integer> world) {

        EditedLine {
            line = Objects.requireNonNullElse(line, "");
            world = Objects.requireNonNullElse(world, Map.of());
        }
    }

    /**
     * What an edit leaves.
     *
     * @param selected the step that it is about, to be shown next; empty for the set-up
     * @param says what was changed, in words, or of what it is asked
     * @param asks what speaks of what is to be taken out: nothing is changed until it is asked for with {@code too}
     * @param trace what happens on the line then, in the same world; missing where it cannot be read
     */
    record EditedDocument(
            @NotNull RoutineDocument routine,
            @NotNull String selected,
            @NotNull String says,
            @NotNull List<String> asks,
            TraceDocument trace) {}

    /**
     * Moves to be added, with what makes sense for them there.
     *
     * @param after the step after which they go; empty for the set-up
     */
    record AddRequest(
            @NotNull @Valid EditedLine at,

            @NotNull @Size(max = LONGEST_ID, message = ID_RULE)
            String after,

            @NotNull
            @Size(min = 1, max = Routine.MOST_STEPS, message = "at least one, at most " + Routine.MOST_STEPS + " moves")
            List<@NotNull @Valid AddedMove> moves) {}

    /** @param settings what is stated of it; the others are found */
    record AddedMove(
            @NotNull @Size(max = 60, message = "at most 60 letters")
            String move,

            @NotNull @Size(max = 30, message = "at most 30 settings")
            Map<
                            @NotNull @Size(max = 60, message = "at most 60 letters") String,
                            @NotNull @Size(max = 1000, message = "at most 1000 letters") String>
                    settings) {

        AddedMove {
            settings = Objects.requireNonNullElse(settings, Map.of());
        }
    }

    /** A step to be done once more. */
    record DoubleRequest(
            @NotNull @Valid EditedLine at,

            @NotNull @Size(max = LONGEST_ID, message = ID_RULE)
            String step) {}

    /**
     * A step to be done at another moment of its line.
     *
     * @param after the step after which it goes; empty for the set-up
     */
    record MoveRequest(
            @NotNull @Valid EditedLine at,

            @NotNull @Size(max = LONGEST_ID, message = ID_RULE)
            String step,

            @NotNull @Size(max = LONGEST_ID, message = ID_RULE)
            String after) {}

    /**
     * Something to be taken out.
     *
     * @param what what it is: {@code role}, {@code step}, {@code thing} or {@code out}
     * @param name its letter, its id, or what it is called
     * @param too whether what speaks of it goes too; otherwise that is asked for
     */
    record RemoveRequest(
            @NotNull @Valid EditedLine at,

            @NotNull @Pattern(regexp = "role|step|thing|out", message = "must be role, step, thing or out")
            String what,

            @NotNull @Size(max = 70, message = "at most 70 letters")
            String name,

            boolean too) {}

    /**
     * Something gets another name.
     *
     * @param kind what it is
     * @param from its name now: a letter, a person, a thing, a place such as {@code table:left}, the id of a step
     * @param to its new name
     */
    record RenameRequest(
            @NotNull @Valid EditedLine at,

            @NotNull
            @Pattern(regexp = "role|person|pile|thing|step", message = "must be role, person, pile, thing or step")
            String kind,

            @NotNull @Size(max = 70, message = "at most 70 letters")
            String from,

            @NotNull @Size(max = 70, message = "at most 70 letters")
            String to) {}

    /**
     * Steps become one step, of an own move that was made of them.
     *
     * @param own the own move
     * @param steps the ids of the steps, one after another
     */
    record WrapRequest(
            @NotNull @Valid EditedLine at,

            @NotNull @Valid OwnMoveDocument own,

            @NotNull
            @Size(min = 1, max = Routine.MOST_STEPS, message = "at least one, at most " + Routine.MOST_STEPS + " steps")
            List<@NotNull @Size(max = LONGEST_ID, message = ID_RULE) String> steps) {}

    /**
     * A number that was solved for, or a card of the set-up that is laid elsewhere: {@code start} and {@code pile} say at which place
     * it lies.
     *
     * @param kind {@code step}, {@code beats}, {@code claim}, {@code start} or {@code pile}
     * @param id the step, the claim, or the place of the pile
     * @param setting the setting, or the code of the card
     * @param value the number; of beats, which of the ways
     */
    record PutRequest(
            @NotNull @Valid EditedLine at,

            @NotNull
            @Pattern(regexp = "step|beats|claim|start|pile", message = "must be step, beats, claim, start or pile")
            String kind,

            @NotNull @Size(max = 60, message = "at most 60 letters")
            String id,

            @NotNull @Size(max = 60, message = "at most 60 letters")
            String setting,

            @Min(value = 1, message = "at least 1") @Max(value = 100_000, message = "at most 100000")
            int value) {}

    /** A card more to follow. */
    record RoleRequest(
            @NotNull @Valid EditedLine at,

            @NotNull
            @Pattern(
                    regexp = "selection|key|force|slug|helper",
                    message = "must be selection, key, force, slug or helper")
            String kind) {}

    /**
     * An out to be kept ready.
     *
     * @param after the step after which it begins; empty for the set-up
     */
    record OutRequest(
            @NotNull @Valid EditedLine at,

            @NotNull @Size(max = LONGEST_ID, message = ID_RULE)
            String after) {}

    /**
     * Jotted lines to be put in.
     *
     * @param after the step after which they go; empty for the set-up
     * @param text the lines, as they were read
     * @param deck how many cards “a third” is of
     * @param taken what each line was taken for: the id of a move that it may mean, {@code note}, or {@code nothing}
     */
    record JotRequest(
            @NotNull @Valid EditedLine at,

            @NotNull @Size(max = LONGEST_ID, message = ID_RULE)
            String after,

            @NotNull @Size(max = Notes.LONGEST_TEXT, message = "at most " + Notes.LONGEST_TEXT + " letters")
            String text,

            @Min(1) @Max(Pack.MOST_CARDS) int deck,

            @NotNull @Size(max = Notes.MOST_LINES, message = "at most " + Notes.MOST_LINES + " lines")
            List<@NotNull @Size(max = 60, message = "at most 60 letters") String> taken) {}

    private static final Catalogue CATALOGUE = AllMoves.CATALOGUE;

    private final PerformerNotes notes;
    private final Traces traces;

    EditController(PerformerNotes notes, Traces traces) {
        this.notes = notes;
        this.traces = traces;
    }

    /** Adds moves to a line, one after another, about the cards that they can be about there. */
    @PostMapping("/add")
    EditedDocument add(@Valid @RequestBody AddRequest asked) {
        List<Adding.Wanted> moves = asked.moves().stream()
                .map(added -> new Adding.Wanted(added.move(), added.settings()))
                .toList();
        return answer(
                asked.at(),
                Adding.of(
                        core(asked.at()),
                        asked.at().line(),
                        asked.after(),
                        moves,
                        own(),
                        world(asked.at()),
                        CATALOGUE));
    }

    /** Does a step once more, right after it. */
    @PostMapping("/double")
    EditedDocument twice(@Valid @RequestBody DoubleRequest asked) {
        Edited edited = Doubling.of(core(asked.at()), asked.at().line(), asked.step());
        return answer(asked.at(), edited, Map.of(edited.selected(), List.of(asked.step())));
    }

    /** Does a step at another moment of its line; outs rejoin where they still can. */
    @PostMapping("/move")
    EditedDocument moveStep(@Valid @RequestBody MoveRequest asked) {
        return answer(
                asked.at(), Moving.of(core(asked.at()), asked.at().line(), asked.step(), asked.after(), CATALOGUE));
    }

    /** Takes something out, with what speaks of it. */
    @PostMapping("/remove")
    EditedDocument remove(@Valid @RequestBody RemoveRequest asked) {
        Removing.What what = Constants.read(Removing.What.class, asked.what());
        return answer(asked.at(), Removing.of(core(asked.at()), what, asked.name(), asked.too(), CATALOGUE));
    }

    /** Gives something another name wherever the routine speaks of it. */
    @PostMapping("/rename")
    EditedDocument rename(@Valid @RequestBody RenameRequest asked) {
        Renamed renamed = new Renamed(Constants.read(Renamed.Kind.class, asked.kind()), asked.from(), asked.to());
        Map<String, List<String>> from =
                renamed.kind() == Renamed.Kind.STEP ? Map.of(renamed.to(), List.of(renamed.from())) : Map.of();
        return answer(asked.at(), Renaming.of(core(asked.at()), renamed, CATALOGUE), from);
    }

    /** Puts an own move in the place of steps, with everything that spoke of them. */
    @PostMapping("/wrap")
    EditedDocument wrap(@Valid @RequestBody WrapRequest asked) {
        Edited edited = Wrapping.of(core(asked.at()), asked.own().toCore(), asked.steps(), CATALOGUE);
        return answer(asked.at(), edited, Map.of(edited.selected(), asked.steps()));
    }

    /** Puts a number in that was solved for, or lays a card of the set-up elsewhere. */
    @PostMapping("/put")
    EditedDocument put(@Valid @RequestBody PutRequest asked) {
        Unknown unknown = new Unknown(Constants.read(Unknown.Kind.class, asked.kind()), asked.id(), asked.setting());
        return answer(asked.at(), unknown.put(core(asked.at()), asked.value(), CATALOGUE));
    }

    /** Follows a card more. */
    @PostMapping("/role")
    EditedDocument role(@Valid @RequestBody RoleRequest asked) {
        return answer(
                asked.at(), AddingRoles.of(core(asked.at()), Constants.read(RoleKind.class, asked.kind()), CATALOGUE));
    }

    /** Keeps an out ready after a step of a line, which rejoins it at the next one. */
    @PostMapping("/out")
    EditedDocument out(@Valid @RequestBody OutRequest asked) {
        return answer(asked.at(), KeepingAnOut.of(core(asked.at()), asked.at().line(), asked.after()));
    }

    /** Puts jotted lines in, each as what it was taken for. */
    @PostMapping("/jot")
    EditedDocument jot(@Valid @RequestBody JotRequest asked) {
        List<Jotted> read = notes.reader(asked.deck()).read(asked.text());
        List<Jotting.Line> lines = new ArrayList<>();
        for (int i = 0; i < Math.min(read.size(), asked.taken().size()); i++) {
            Jotted line = read.get(i);
            taken(line, asked.taken().get(i)).ifPresent(taken -> lines.add(new Jotting.Line(line, taken)));
        }
        return answer(
                asked.at(),
                Jotting.of(
                        core(asked.at()),
                        asked.at().line(),
                        asked.after(),
                        lines,
                        own(),
                        world(asked.at()),
                        CATALOGUE));
    }

    private static Optional<Jotting.Taken> taken(Jotted line, String taken) {
        return switch (taken) {
            case "nothing" -> Optional.empty();
            case "note" -> Optional.of(new Jotting.AsNote());
            default ->
                Optional.of(line.readings().stream()
                        .filter(reading -> reading.move().equals(taken))
                        .findFirst()
                        .<Jotting.Taken>map(Jotting.AsMove::new)
                        .orElse(new Jotting.AsNote()));
        };
    }

    private static Routine core(EditedLine at) {
        return at.routine().toCore();
    }

    private static World world(EditedLine at) {
        return new World(at.world());
    }

    private List<OwnMove> own() {
        return notes.ownMoves().stream().map(OwnMoveDocument::toCore).toList();
    }

    private EditedDocument answer(EditedLine at, Edited edited) {
        return answer(at, edited, Map.of());
    }

    /** @param from the steps of before that a step of now stands for, where they have other ids */
    private EditedDocument answer(EditedLine at, Edited edited, Map<String, List<String>> from) {
        return new EditedDocument(
                at.routine().edited(edited, from),
                edited.selected(),
                edited.says(),
                edited.asks(),
                traces.ofLine(edited.routine(), at.line(), world(at)).orElse(null));
    }
}
