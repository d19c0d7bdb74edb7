package craftypocket.core.edit;

import craftypocket.core.layout.Place;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.read.ComposedMove;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.World;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Adds steps to a line, with settings that make sense there: a card that comes back is the one that is out. */
public final class Adding {

    /**
     * A move to be added.
     *
     * @param settings what is stated of it; the rest is found
     */
    public record Wanted(String move, Map<String, String> settings) {}

    private final Catalogue catalogue;
    private final List<OwnMove> ownMoves;
    private final World world;
    private final String line;
    private Routine routine;
    private String after;

    /**
     * @param line the id of an out; empty for the main line
     * @param after the step after which they are added; empty for the set-up
     * @param ownMoves moves of the performer’s own that may be added, besides those that the routine carries
     * @param world the way in which it is looked at
     */
    Adding(Routine routine, String line, String after, List<OwnMove> ownMoves, World world, Catalogue catalogue) {
        this.routine = routine;
        this.line = line;
        this.after = after;
        this.ownMoves = ownMoves;
        this.world = world;
        this.catalogue = catalogue;
    }

    /**
     * Adds moves, one after another.
     *
     * @throws craftypocket.core.settings.ProblemsFound when there is no such move, step or line, or when there are too many steps or
     *     roles then
     */
    public static Edited of(
            Routine routine,
            String line,
            String after,
            List<Wanted> moves,
            List<OwnMove> ownMoves,
            World world,
            Catalogue catalogue) {
        Adding adding = new Adding(routine, line, after, ownMoves, world, catalogue);
        moves.forEach(wanted -> adding.put(adding.step(wanted, Optional.empty())));
        String said = moves.size() == 1
                ? "“" + adding.move(moves.get(0).move()).name() + "” added."
                : Edited.steps(moves.size()) + " added.";
        return new Edited(adding.routine, adding.after, said);
    }

    /** Puts in steps as they are, under names of their own. */
    public static Edited of(Routine routine, String line, String after, List<Step> steps) {
        Adding adding = new Adding(routine, line, after, List.of(), World.USUAL, new Catalogue(List.of()));
        steps.forEach(adding::put);
        return new Edited(adding.routine, adding.after, Edited.steps(steps.size()) + " added.");
    }

    Routine routine() {
        return routine;
    }

    String after() {
        return after;
    }

    Move move(String id) {
        return catalogue
                .find(id)
                .or(() -> own(id).map(own -> ComposedMove.listed(own, catalogue)))
                .orElseThrow(() -> Edited.refused(
                        "move", id, "there is no such move", "Choose one of the list of moves, or compose it anew"));
    }

    private Optional<OwnMove> own(String id) {
        return ownMoves.stream()
                .filter(own -> own.id().equals(id))
                .findFirst()
                .or(() -> routine.ownMoves().stream()
                        .filter(own -> own.id().equals(id))
                        .findFirst());
    }

    /**
     * A step of a move, not put in yet; the routine has the roles that it needs then, and carries the move where it is the
     * performer’s own.
     *
     * @param person whose card it is about; empty where nobody was named
     */
    Step step(Wanted wanted, Optional<String> person) {
        Move move = move(wanted.move());
        own(wanted.move()).ifPresent(this::carry);
        Casting casting = new Casting(routine, until(), world, catalogue);
        Map<String, String> settings = new HashMap<>();
        for (Setting setting : move.settings().all()) {
            if (wanted.settings().containsKey(setting.name())) {
                settings.put(setting.name(), wanted.settings().get(setting.name()));
            } else if (setting instanceof RoleSetting role && !role.optional()) {
                settings.put(role.name(), cast(role, casting, settings, person));
            } else if (setting.kind() == Setting.Kind.PERSON && person.isPresent()) {
                settings.put(setting.name(), person.get());
            } else if (setting.kind() != Setting.Kind.CHANCE) {
                settings.put(setting.name(), setting.begins().isEmpty() ? first(setting) : setting.begins());
            }
        }
        return new Step(Own.freshId(routine, "s"), move.id(), settings, Optional.empty(), Attention.AS_TAUGHT);
    }

    /** Puts a step in; the next one goes after it. */
    void put(Step step) {
        Step named = new Step(
                Own.freshId(routine, "s"),
                step.move(),
                step.settings(),
                step.onlyIf(),
                step.attention(),
                step.audience());
        routine = Own.of(routine, line).with(after, List.of(named));
        after = named.id();
    }

    /** A file is read anywhere, so it carries the own moves that its steps use. */
    private void carry(OwnMove own) {
        List<OwnMove> carried = new ArrayList<>(routine.ownMoves());
        carried.removeIf(other -> other.id().equals(own.id()));
        carried.add(own);
        routine = routine.withOwnMoves(carried);
    }

    /** What is done before the step. */
    private Routine until() {
        Routine all = Own.of(routine, line).routine();
        List<String> ids = all.steps().stream().map(Step::id).toList();
        return all.withSteps(all.steps().subList(0, ids.indexOf(after) + 1));
    }

    private String cast(RoleSetting setting, Casting casting, Map<String, String> taken, Optional<String> person) {
        RoleKind kind = RoleKind.ofLetter(setting.usual());
        Optional<String> owner = person.filter(name -> kind == RoleKind.SELECTION);
        Optional<String> fitting =
                owner.isPresent() ? casting.theirs(setting, owner.get()) : casting.fitting(setting, taken.values());
        if (fitting.isEmpty()) {
            // Two roles of one step are made one after the other, from what the one before left.
            routine = owner.map(name -> Casting.made(routine, kind, name, ""))
                    .orElseGet(() -> new Casting(routine, until(), world, catalogue).made(kind));
        }
        return fitting.orElseGet(
                () -> routine.roles().get(routine.roles().size() - 1).letter());
    }

    /** The first thing of the set-up, or the first part of one, where a setting must name one. */
    private String first(Setting setting) {
        if (setting.kind() == Setting.Kind.THING && !setting.optional()) {
            return routine.setUp().things().stream()
                    .map(SetUp.LaidThing::name)
                    .findFirst()
                    .orElse("");
        }
        boolean part = setting instanceof PlaceSetting place && place.takesParts() && !place.takesPiles();
        return part
                ? routine.setUp().things().stream()
                        .filter(thing -> !thing.mouth().equals("none"))
                        .map(Adding::part)
                        .findFirst()
                        .orElse("")
                : "";
    }

    private static String part(SetUp.LaidThing thing) {
        String slot = Arrays.stream(thing.slots().split(","))
                .map(String::strip)
                .filter(name -> !name.isEmpty())
                .findFirst()
                .orElse("");
        return Place.inside(thing.name(), slot).text();
    }
}
