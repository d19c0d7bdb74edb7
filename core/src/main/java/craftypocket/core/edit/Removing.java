package craftypocket.core.edit;

import craftypocket.core.claims.ClaimKind;
import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Out;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Renamed;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Takes something out of a routine: a card that is followed, a step, a thing, an out. Whatever speaks of it has to go too: the step that
 * deals as many cards as were cut there, the check that this card is on top, and what speaks of these in turn. What speaks of something
 * is whatever would change if it had another name ({@link Renaming}).
 */
public final class Removing {

    /** What can be taken out. */
    public enum What {
        /** Of a card, the letter of its role. */
        ROLE,
        STEP,
        THING,
        OUT
    }

    /** What nothing is called: whatever changes when something has this name speaks of it. */
    private static final String NOBODYS = "\u0000";

    private final Routine whole;
    private final Catalogue catalogue;
    private final Set<String> roles = new LinkedHashSet<>();
    private final Set<String> steps = new LinkedHashSet<>();
    private final Set<String> things = new LinkedHashSet<>();
    private final Set<String> outs = new LinkedHashSet<>();
    private final Set<String> claims = new LinkedHashSet<>();
    private final Set<String> piles = new LinkedHashSet<>();
    /** By the id of a step that stays, the settings that are left open. */
    private final Map<String, Set<String>> emptied = new HashMap<>();

    private final List<String> asks = new ArrayList<>();

    /** What is taken out, by its name; the rest goes with it. */
    private final String first;

    private Removing(Routine whole, String first, Catalogue catalogue) {
        this.whole = whole;
        this.first = first;
        this.catalogue = catalogue;
    }

    /**
     * Takes something out.
     *
     * @param name the letter of a role, the id of a step or an out, what a thing is called
     * @param too whether what speaks of it goes too; otherwise that is asked for, and nothing is changed
     * @throws craftypocket.core.settings.ProblemsFound when nothing is called so
     */
    public static Edited of(Routine routine, What what, String name, boolean too, Catalogue catalogue) {
        Removing removing = new Removing(routine, name, catalogue);
        String called = removing.called(what, name);
        removing.take(what, name);
        List<String> asks = List.copyOf(removing.asks);
        if (!asks.isEmpty() && !too) {
            return new Edited(routine, "", called + " is spoken of:", Map.of(), asks);
        }
        String said = called + " is out now" + (asks.isEmpty() ? "." : ", with what spoke of it.");
        return new Edited(removing.without(), what == What.STEP ? removing.neighbour(name) : "", said);
    }

    private String called(What what, String name) {
        Optional<String> called = switch (what) {
            case ROLE -> named(whole.roles(), Role::letter, name).map(role -> "Card " + name);
            case STEP -> named(whole.allSteps().toList(), Step::id, name).map(this::called);
            case THING ->
                named(whole.setUp().things(), SetUp.LaidThing::name, name).map(thing -> "The " + name);
            case OUT -> named(whole.outs(), Out::id, name).map(out -> "The out");
        };
        return called.orElseThrow(
                () -> Edited.refused("name", name, "nothing in this routine is called so", "Choose one of its names"));
    }

    private static <T> Optional<T> named(List<T> all, Function<T, String> names, String name) {
        return all.stream().filter(each -> names.apply(each).equals(name)).findFirst();
    }

    private String called(Step step) {
        return Own.called(whole, step, catalogue);
    }

    private String number(Step step) {
        return Own.of(step, whole).number(step);
    }

    private void take(What what, String name) {
        switch (what) {
            case ROLE -> {
                roles.add(name);
                takeWhatSpeaksOf(Renamed.Kind.ROLE, name);
                String owner =
                        named(whole.roles(), Role::letter, name).orElseThrow().owner();
                boolean gone = whole.roles().stream()
                        .filter(role -> role.owner().equals(owner))
                        .allMatch(role -> roles.contains(role.letter()));
                if (!owner.isEmpty() && gone) {
                    // Somebody without a card can still hold some, but nothing is shown to them alone.
                    takeWhatSpeaksOf(Renamed.Kind.PERSON, owner);
                }
            }
            case STEP -> {
                if (steps.add(name)) {
                    takeWhatSpeaksOf(Renamed.Kind.STEP, name);
                }
            }
            case THING -> {
                if (things.add(name)) {
                    takeWhatSpeaksOf(Renamed.Kind.THING, name);
                }
            }
            case OUT -> takeOut(named(whole.outs(), Out::id, name).orElseThrow());
        }
    }

    /** With an out go its steps, the checks on them, and the outs that begin in it. */
    private void takeOut(Out out) {
        if (!outs.add(out.id())) {
            return;
        }
        for (Step step : out.steps()) {
            whole.claims().stream()
                    .filter(claim -> claim.after().equals(step.id()))
                    .forEach(claim -> claims.add(claim.id()));
            whole.outs().stream().filter(each -> each.after().equals(step.id())).forEach(this::takeOut);
            take(What.STEP, step.id());
        }
    }

    private void takeWhatSpeaksOf(Renamed.Kind kind, String name) {
        String through = through(kind, name);
        Routine other = Renaming.follow(whole, new Renamed(kind, name, NOBODYS), catalogue);
        List<Step> all = whole.allSteps().toList();
        List<Step> others = other.allSteps().toList();
        for (int i = 0; i < all.size(); i++) {
            Step step = all.get(i);
            Step renamed = others.get(i);
            if (steps.contains(step.id())) {
                continue;
            }
            List<String> settings = stated(step, renamed, kind);
            boolean needed = settings.stream().anyMatch(setting -> !optional(step, setting));
            boolean depends = step.onlyIf()
                    .filter(claim -> speaks(claim, renamed.onlyIf().orElseThrow(), kind))
                    .isPresent();
            if (needed || depends || ownMoveSpeaks(step, other, kind)) {
                asks.add(called(step) + through);
                take(What.STEP, step.id());
            } else if (!settings.isEmpty()) {
                asks.add(called(step) + through + ": that is left open");
                emptied.computeIfAbsent(step.id(), id -> new HashSet<>()).addAll(settings);
            }
        }
        for (int i = 0; i < whole.claims().size(); i++) {
            RoutineClaim claim = whole.claims().get(i);
            if (speaks(claim.claim(), other.claims().get(i).claim(), kind) && claims.add(claim.id())) {
                asks.add(called(claim) + through);
            }
            if (kind == Renamed.Kind.STEP && claim.after().equals(name) && nowhere(name) && claims.add(claim.id())) {
                asks.add(called(claim) + ": it stands on it alone");
            }
        }
        for (int i = 0; i < whole.setUp().things().size(); i++) {
            SetUp.LaidThing thing = whole.setUp().things().get(i);
            boolean in = !thing.place().equals(other.setUp().things().get(i).place());
            if (in && !things.contains(thing.name())) {
                asks.add("The " + thing.name() + ", which lies in it");
                take(What.THING, thing.name());
            }
        }
        for (int i = 0; i < whole.setUp().piles().size(); i++) {
            String place = whole.setUp().piles().get(i).place();
            if (!place.equals(other.setUp().piles().get(i).place()) && piles.add(place)) {
                asks.add("Cards that lie in it: they go to the deck");
            }
        }
    }

    /** By what something is spoken of, where it is not the thing itself: by a step that goes with it. */
    private String through(Renamed.Kind kind, String name) {
        if (name.equals(first)) {
            return "";
        }
        return kind == Renamed.Kind.STEP
                ? ", through "
                        + number(named(whole.allSteps().toList(), Step::id, name)
                                        .orElseThrow())
                                .toLowerCase(Locale.ROOT)
                : ", through " + name;
    }

    /** The settings that would have another text. What may be left out and is not stated is about nothing then, as it should be. */
    private List<String> stated(Step step, Step renamed, Renamed.Kind kind) {
        Optional<SettingList> declared = Renaming.settings(whole, step.move(), catalogue);
        return changed(step.settings(), renamed.settings(), declared, kind)
                .filter(setting -> step.settings().containsKey(setting) || !optional(step, setting))
                .toList();
    }

    /** The settings that have another text; of a person only those that are about somebody, not about cards in their hand. */
    private static Stream<String> changed(
            Map<String, String> texts, Map<String, String> others, Optional<SettingList> declared, Renamed.Kind kind) {
        return others.keySet().stream()
                .filter(setting -> !others.get(setting).equals(texts.get(setting)))
                .filter(setting -> kind != Renamed.Kind.PERSON
                        || declared.flatMap(settings -> settings.named(setting))
                                .filter(found -> found.kind() == Setting.Kind.PERSON)
                                .isPresent());
    }

    private static boolean speaks(ClaimSpec claim, ClaimSpec renamed, Renamed.Kind kind) {
        Optional<SettingList> declared = ClaimKinds.find(claim.kind()).map(ClaimKind::settings);
        return changed(claim.settings(), renamed.settings(), declared, kind)
                        .findAny()
                        .isPresent()
                || IntStream.range(0, claim.or().size())
                        .anyMatch(i -> speaks(claim.or().get(i), renamed.or().get(i), kind));
    }

    private boolean optional(Step step, String setting) {
        return Renaming.settings(whole, step.move(), catalogue)
                .flatMap(settings -> settings.named(setting))
                .filter(Setting::optional)
                .isPresent();
    }

    /** Whether an own move speaks of it in its parts, or where the step leaves something as usual. */
    private boolean ownMoveSpeaks(Step step, Routine other, Renamed.Kind kind) {
        Optional<OwnMove> own = named(whole.ownMoves(), OwnMove::id, step.move());
        if (own.isEmpty()) {
            return false;
        }
        OwnMove renamed = named(other.ownMoves(), OwnMove::id, step.move()).orElseThrow();
        boolean usually = IntStream.range(0, own.get().settings().size())
                .mapToObj(own.get().settings()::get)
                .anyMatch(setting -> !step.settings().containsKey(setting.name())
                        && !renamed.settings().contains(setting));
        return usually
                || IntStream.range(0, own.get().parts().size()).anyMatch(i -> {
                    OwnMove.Part part = own.get().parts().get(i);
                    Optional<SettingList> declared = Renaming.settings(whole, part.move(), catalogue);
                    return changed(part.settings(), renamed.parts().get(i).settings(), declared, kind)
                            .findAny()
                            .isPresent();
                });
    }

    /** Whether a step is the only one of its out, so that a check on it can stand on no other. */
    private boolean nowhere(String id) {
        return whole.outs().stream()
                .anyMatch(out ->
                        out.steps().size() == 1 && out.steps().get(0).id().equals(id));
    }

    /** A check by its kind and where it stands: The check “At a place in a pile” after step 5. */
    private String called(RoutineClaim claim) {
        String kind = ClaimKinds.find(claim.claim().kind()).map(ClaimKind::name).orElse("");
        String where = named(whole.allSteps().toList(), Step::id, claim.after())
                .map(step -> " after " + number(step).toLowerCase(Locale.ROOT))
                .orElse(" at the end");
        return "The check “" + kind + "”" + where;
    }

    /** The step to go on with once this one is out: the next that stays, or the one before. */
    private String neighbour(String id) {
        Step gone = named(whole.allSteps().toList(), Step::id, id).orElseThrow();
        List<String> line =
                Own.of(gone, whole).routine().steps().stream().map(Step::id).toList();
        List<String> behind = new ArrayList<>(line.subList(line.indexOf(id), line.size()));
        List<String> before = new ArrayList<>(line.subList(0, line.indexOf(id)));
        behind.removeAll(steps);
        before.removeAll(steps);
        return behind.isEmpty() ? (before.isEmpty() ? "" : before.get(before.size() - 1)) : behind.get(0);
    }

    private Routine without() {
        SetUp setUp = whole.setUp();
        Routine rest = whole.with(setUp.withPiles(setUp.piles().stream()
                                .filter(pile -> !piles.contains(pile.place()))
                                .toList())
                        .with(
                                setUp.cardSize(),
                                setUp.things().stream()
                                        .filter(thing -> !things.contains(thing.name()))
                                        .toList()))
                .withRoles(whole.roles().stream()
                        .filter(role -> !roles.contains(role.letter()))
                        .toList())
                .withOuts(whole.outs().stream()
                        .filter(out -> !outs.contains(out.id()))
                        .toList())
                .withClaims(whole.claims().stream()
                        .filter(claim -> !claims.contains(claim.id()))
                        .toList())
                .withEachStep(this::emptied);
        for (String id : steps) {
            Optional<Step> step = named(rest.allSteps().toList(), Step::id, id);
            rest = step.isPresent() ? without(rest, step.get()) : rest;
        }
        return rest;
    }

    private Step emptied(Step step) {
        Map<String, String> settings = new HashMap<>(step.settings());
        emptied.getOrDefault(step.id(), Set.of()).forEach(setting -> settings.put(setting, ""));
        return step.with(settings);
    }

    /**
     * Without a step. What stood after it stands after the one before it, or at the one behind where it was the first; an out begins
     * after the one before, and rejoins at the one behind.
     */
    private static Routine without(Routine routine, Step gone) {
        Own own = Own.of(gone, routine);
        List<Step> left = new ArrayList<>(own.steps());
        int at = left.indexOf(gone);
        left.remove(at);
        Optional<String> before = at > 0 ? Optional.of(left.get(at - 1).id()) : Optional.empty();
        Optional<String> behind = at < left.size() ? Optional.of(left.get(at).id()) : Optional.empty();
        String stands = before.or(() -> behind).orElse("");
        String begins = before.or(() -> own.out().map(Out::after)).orElse("");
        String rejoins = behind.or(() -> own.out().map(Out::rejoin)).orElse("");
        BinaryOperator<String> instead = (id, other) -> id.equals(gone.id()) ? other : id;
        Routine rest = own.with(left);
        return rest.withEachStep(step -> covered(step, cover -> instead.apply(cover, "")))
                .withClaims(rest.claims().stream()
                        .map(claim -> new RoutineClaim(
                                claim.id(), instead.apply(claim.after(), stands), claim.claim(), claim.believed()))
                        .toList())
                .withOuts(rest.outs().stream()
                        .map(out -> new Out(
                                out.id(),
                                out.occasion(),
                                instead.apply(out.after(), begins),
                                out.steps(),
                                instead.apply(out.rejoin(), rejoins)))
                        .toList());
    }

    private static Step covered(Step step, UnaryOperator<String> instead) {
        Attention attention = step.attention();
        return step.with(new Attention(
                attention.before(), attention.first(), attention.then(), instead.apply(attention.cover())));
    }
}
