package craftypocket.core.edit;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.jot.Jotted;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.World;
import craftypocket.core.settings.RoleSetting;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Puts jotted lines into a routine, one after another. A line that is no move is a note of the step before it. Lines that wait for
 * something to come up are an out, which rejoins at the next line that does not.
 */
public final class Jotting {

    /** What became of a line. */
    public sealed interface Taken permits AsMove, AsNote {}

    /** It is a move, as one of the line’s readings has it. */
    public record AsMove(Jotted.Reading reading) implements Taken {}

    /** It is written down beside the step before. */
    public record AsNote() implements Taken {}

    /**
     * A line and what became of it; lines that are left out are none.
     *
     * @param line as it was read
     */
    public record Line(Jotted line, Taken taken) {}

    private final List<OwnMove> ownMoves;
    private final World world;
    private final Catalogue catalogue;
    private final String line;
    private Routine routine;
    /** The step after which the next one goes. */
    private String after;

    private int steps;
    private final Map<String, String> words = new HashMap<>();
    /** What lines wait for: by where their “if” stands, the out of it. */
    private final Map<Integer, Waiting> waiting = new HashMap<>();

    /** An out that lines are put into, and the last step in it, or the one after which it begins. */
    private record Waiting(String out, String last) {}

    private Jotting(
            Routine routine, String line, String after, List<OwnMove> ownMoves, World world, Catalogue catalogue) {
        this.routine = routine;
        this.line = line;
        this.after = after;
        this.ownMoves = ownMoves;
        this.world = world;
        this.catalogue = catalogue;
    }

    /**
     * The routine with the lines after a step.
     *
     * @param line the id of an out; empty for the main line
     * @param after the id of a step; empty for the set-up
     * @throws craftypocket.core.settings.ProblemsFound when there are too many steps, roles or outs then
     */
    public static Edited of(
            Routine routine,
            String line,
            String after,
            List<Line> lines,
            List<OwnMove> ownMoves,
            World world,
            Catalogue catalogue) {
        Jotting jotting = new Jotting(routine, line, after, ownMoves, world, catalogue);
        lines.forEach(jotting::put);
        // An out at the end rejoins where the routine went on before.
        jotting.rejoin(KeepingAnOut.behind(routine, line, after));
        String says = jotting.steps == 0 ? "Notes added." : Edited.steps(jotting.steps) + " added.";
        return new Edited(jotting.routine, jotting.after, says, jotting.words, List.of());
    }

    private void put(Line put) {
        Optional<Jotted.When> comesUp =
                put.line().when().filter(when -> when.occasion().isPresent());
        comesUp.ifPresent(this::keepOut);
        if (put.taken() instanceof AsMove move) {
            for (int time = 0; time < move.reading().times(); time++) {
                add(put.line(), move.reading(), comesUp);
            }
        } else {
            String about = comesUp.map(when -> waiting.get(when.from()).out()).orElse(after);
            words.merge(about, put.line().text(), (one, more) -> one + "\n" + more);
        }
    }

    /** The out that lines wait for, made where it is not there yet. */
    private void keepOut(Jotted.When when) {
        if (!waiting.containsKey(when.from())) {
            Out out = new Out(Own.freshId(routine, "o"), when.occasion().orElseThrow(), after, List.of(), "");
            routine = KeepingAnOut.with(routine, out);
            words.put(out.id(), when.words());
            waiting.put(when.from(), new Waiting(out.id(), after));
        }
    }

    private void add(Jotted jotted, Jotted.Reading reading, Optional<Jotted.When> comesUp) {
        Optional<Waiting> out = comesUp.map(when -> waiting.get(when.from()));
        Adding adding = new Adding(
                routine,
                out.map(Waiting::out).orElse(line),
                out.map(Waiting::last).orElse(after),
                ownMoves,
                world,
                catalogue);
        Optional<String> person = Optional.of(reading.person()).filter(name -> !name.isEmpty());
        Step step = adding.step(new Adding.Wanted(reading.move(), reading.settings()), person);
        Optional<Jotted.When> lies = jotted.when().filter(when -> !when.end().isEmpty());
        adding.put(lies.flatMap(when -> lying(adding, step, when))
                .map(step::onlyIf)
                .orElse(step));
        routine = adding.routine();
        steps++;
        if (!reading.quoted().isEmpty()) {
            words.put(adding.after(), reading.quoted());
        }
        if (comesUp.isPresent()) {
            waiting.put(comesUp.get().from(), new Waiting(out.orElseThrow().out(), adding.after()));
        } else {
            after = adding.after();
            rejoin(after);
        }
    }

    /** All outs of these lines that do not rejoin yet do so at a step. */
    private void rejoin(String step) {
        routine = routine.withOuts(routine.outs().stream()
                .map(out -> out.rejoin().isEmpty() && isMine(out)
                        ? new Out(out.id(), out.occasion(), out.after(), out.steps(), step)
                        : out)
                .toList());
    }

    private boolean isMine(Out out) {
        return waiting.values().stream().anyMatch(mine -> mine.out().equals(out.id()));
    }

    /** That the card lies on top or at the bottom: of the key, or of the card that the step is about. */
    private static Optional<ClaimSpec> lying(Adding adding, Step step, Jotted.When when) {
        RoleKind wanted = when.key() ? RoleKind.KEY : RoleKind.SELECTION;
        Optional<String> about = adding.move(step.move()).settings().all().stream()
                .filter(setting -> setting instanceof RoleSetting && RoleKind.ofLetter(setting.usual()) == wanted)
                .map(setting -> step.settings().getOrDefault(setting.name(), ""))
                .filter(letter -> !letter.isEmpty())
                .findFirst();
        return about.or(() -> adding.routine().roles().stream()
                        .filter(role -> role.kind() == wanted)
                        .map(Role::letter)
                        .findFirst())
                .map(letter ->
                        ClaimSpec.of("position", "role", letter, "nth", "1", "from", when.end(), "pile", "deck"));
    }
}
