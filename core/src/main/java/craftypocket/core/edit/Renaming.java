package craftypocket.core.edit;

import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.read.ComposedMove;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Renamed;
import craftypocket.core.settings.Renamed.Kind;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Gives something another name wherever a routine speaks of it: in the set-up, in settings of steps and claims on every line, in the
 * steps of own moves. Which settings speak of what is said by their kinds ({@link Setting#follow}).
 */
public final class Renaming {

    private final Renamed renamed;
    private final Catalogue catalogue;

    /** The settings of own moves, by the ids of these. */
    private final Map<String, SettingList> own = new HashMap<>();

    private Renaming(Routine routine, Renamed renamed, Catalogue catalogue) {
        this.renamed = renamed;
        this.catalogue = catalogue;
        for (OwnMove move : routine.ownMoves()) {
            own.put(move.id(), ComposedMove.listed(move, catalogue).settings());
        }
    }

    /**
     * The routine with the new name: “Bruno is called Tom now, in 4 steps.”
     *
     * @throws ProblemsFound when nothing is called so, or something else is called by the new name already
     */
    public static Edited of(Routine routine, Renamed renamed, Catalogue catalogue) {
        Set<String> names = names(routine, renamed.kind(), catalogue);
        if (!names.contains(renamed.from())) {
            throw Edited.refused(
                    "to", renamed.from(), "nothing in this routine is called so", "Choose one of its names");
        }
        if (renamed.to().isBlank()) {
            throw Edited.refused("to", renamed.to(), "it must have a name", "Write one, or take it out");
        }
        if (!renamed.to().equals(renamed.from()) && names.contains(renamed.to())) {
            throw Edited.refused("to", renamed.to(), "something else is called so already", "Choose another name");
        }
        Routine changed = follow(routine, renamed, catalogue);
        int steps = stepsChanged(routine, changed);
        return new Edited(
                changed,
                renamed.kind() == Kind.STEP ? renamed.to() : "",
                renamed.from() + " is called " + renamed.to() + " now"
                        + (steps == 0 ? "." : ", in " + Edited.steps(steps) + "."));
    }

    /** The routine with another name wherever the old one stands, whatever is called by either. */
    static Routine follow(Routine routine, Renamed renamed, Catalogue catalogue) {
        return new Renaming(routine, renamed, catalogue).renamed(routine);
    }

    /** What is called by a name of a kind. */
    private static Set<String> names(Routine routine, Kind kind, Catalogue catalogue) {
        return switch (kind) {
            case ROLE -> routine.roles().stream().map(Role::letter).collect(Collectors.toSet());
            case PERSON ->
                routine.roles().stream()
                        .map(Role::owner)
                        .filter(owner -> !owner.isEmpty())
                        .collect(Collectors.toSet());
            case THING ->
                routine.setUp().things().stream().map(SetUp.LaidThing::name).collect(Collectors.toSet());
            case STEP -> routine.allSteps().map(Step::id).collect(Collectors.toSet());
            case PILE -> places(routine, catalogue);
        };
    }

    /** All places that have a name of their own. */
    private static Set<String> places(Routine routine, Catalogue catalogue) {
        Set<String> places = new HashSet<>();
        routine.setUp().piles().forEach(pile -> places.add(pile.place()));
        routine.setUp().things().forEach(thing -> places.add(thing.place()));
        routine.allSteps()
                .forEach(step -> catalogue
                        .find(step.move())
                        .ifPresent(move -> step.settings()
                                .forEach((name, text) -> move.settings()
                                        .named(name)
                                        .filter(setting -> setting.kind() == Setting.Kind.PLACE)
                                        .ifPresent(setting -> places.add(text)))));
        return places.stream().filter(place -> place.indexOf(':') > 0).collect(Collectors.toSet());
    }

    private Routine renamed(Routine routine) {
        SetUp setUp = routine.setUp();
        return new Routine(
                setUp.withPiles(setUp.piles().stream()
                                .map(pile -> new SetUp.LaidPile(renamed.place(pile.place()), pile.cards()))
                                .toList())
                        .with(
                                setUp.cardSize(),
                                setUp.things().stream().map(this::thing).toList()),
                routine.roles().stream()
                        .map(role -> new Role(
                                renamed.name(Kind.ROLE, role.letter()),
                                role.kind(),
                                renamed.name(Kind.PERSON, role.owner()),
                                role.card()))
                        .toList(),
                routine.steps().stream().map(this::step).toList(),
                routine.claims().stream()
                        .map(claim -> new RoutineClaim(
                                claim.id(),
                                renamed.name(Kind.STEP, claim.after()),
                                claim(claim.claim()),
                                claim.believed()))
                        .toList(),
                routine.ownMoves().stream().map(this::ownMove).toList(),
                routine.outs().stream()
                        .map(out -> new Out(
                                out.id(),
                                out.occasion(),
                                renamed.name(Kind.STEP, out.after()),
                                out.steps().stream().map(this::step).toList(),
                                renamed.name(Kind.STEP, out.rejoin())))
                        .toList());
    }

    private SetUp.LaidThing thing(SetUp.LaidThing thing) {
        return new SetUp.LaidThing(
                renamed.name(Kind.THING, thing.name()),
                renamed.place(thing.place()),
                thing.above(),
                thing.slots(),
                thing.wide(),
                thing.high(),
                thing.mouth(),
                thing.handOut(),
                thing.written());
    }

    private Step step(Step step) {
        Attention attention = step.attention();
        return new Step(
                renamed.name(Kind.STEP, step.id()),
                step.move(),
                settings(step.settings(), settingsOf(step.move())),
                step.onlyIf().map(this::claim),
                new Attention(
                        attention.before(),
                        attention.first(),
                        attention.then(),
                        renamed.name(Kind.STEP, attention.cover())),
                step.audience());
    }

    private Optional<SettingList> settingsOf(String move) {
        return Optional.ofNullable(own.get(move)).or(() -> catalogue.find(move).map(Move::settings));
    }

    /** What can be set of a move, of the list of moves or of the routine’s own. */
    static Optional<SettingList> settings(Routine routine, String move, Catalogue catalogue) {
        return routine.ownMoves().stream()
                .filter(own -> own.id().equals(move))
                .findFirst()
                .map(own -> ComposedMove.listed(own, catalogue))
                .or(() -> catalogue.find(move))
                .map(Move::settings);
    }

    private ClaimSpec claim(ClaimSpec spec) {
        return new ClaimSpec(
                spec.kind(),
                settings(spec.settings(), ClaimKinds.find(spec.kind()).map(kind -> kind.settings())),
                spec.not(),
                spec.or().stream().map(this::claim).toList());
    }

    /** What is not stated may be usual only by its old name, as the role A is: then it is stated. */
    private Map<String, String> settings(Map<String, String> texts, Optional<SettingList> declared) {
        Map<String, String> changed = new HashMap<>(texts);
        for (Setting setting : declared.map(SettingList::all).orElse(List.of())) {
            String text = texts.getOrDefault(setting.name(), setting.usual());
            String followed = setting.follow(text, renamed);
            if (!followed.equals(text)) {
                changed.put(setting.name(), followed);
            }
        }
        return changed;
    }

    private OwnMove ownMove(OwnMove move) {
        SettingList declared = own.get(move.id());
        Function<OwnMove.OwnSetting, String> usual = setting -> declared.named(setting.name())
                .map(found -> found.follow(setting.usual(), renamed))
                .orElse(setting.usual());
        List<OwnMove.Part> parts = new ArrayList<>();
        for (OwnMove.Part part : move.parts()) {
            parts.add(new OwnMove.Part(part.move(), settings(part.settings(), settingsOf(part.move()))));
        }
        return new OwnMove(
                move.id(),
                move.name(),
                move.says(),
                move.difficulty(),
                move.settings().stream()
                        .map(setting -> new OwnMove.OwnSetting(setting.name(), setting.label(), usual.apply(setting)))
                        .toList(),
                parts);
    }

    /** How many steps of a routine differ from those of another. */
    private static int stepsChanged(Routine before, Routine after) {
        List<Step> were = before.allSteps().toList();
        List<Step> are = after.allSteps().toList();
        int changed = 0;
        for (int i = 0; i < were.size(); i++) {
            changed += were.get(i).equals(are.get(i)) ? 0 : 1;
        }
        return changed;
    }
}
