package craftypocket.core.run;

import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.moves.Move;
import craftypocket.core.read.ComposedMove;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * A small deck for every move to be tried on. What a move needs is brought about by trial: of a list of beginnings, the
 * first on which the move can be done and is seen to do something is taken.
 */
public final class Playground {

    /** The step of the move itself; those before it only make it possible. */
    public static final String TRIED = "tried";

    private static final String FORCE_CARD = "6S";
    private static final String KEY_CARD = "AS";
    private static final String GUARD_CARD = "2S";

    /** The people and cards that any move may ask for. */
    public static final List<Role> ROLES = List.of(
            new Role("A", RoleKind.SELECTION, "Ines", ""),
            new Role("K", RoleKind.KEY, "", KEY_CARD),
            new Role("L", RoleKind.HELPER, "", ""),
            new Role("F", RoleKind.FORCE, "Tove", FORCE_CARD),
            new Role("J", RoleKind.HELPER, "", GUARD_CARD),
            new Role("S", RoleKind.SLUG, "", "KS QS JS"));

    /** A set-up and the steps before the move. */
    public record Beginning(SetUp setUp, List<Step> steps) {}

    private static final SetUp PLAIN = setUp("13", List.of());

    /** From the plainest on. */
    public static final List<Beginning> BEGINNINGS = List.of(
            of(PLAIN),
            of(PLAIN, step("hold-break", "depth", "5")),
            of(PLAIN, step("spread-pick", "at", "5")),
            of(setUp("13", List.of(top(KEY_CARD, 13))), step("spread-pick", "at", "5")),
            of(PLAIN, step("lift-packet", "count", "5", "to", "other-hand")),
            of(PLAIN, step("lift-packet", "count", "5", "to", "table:packet")),
            of(PLAIN, step("follow-card", "at", "4")),
            of(PLAIN, step("follow-card", "at", "13"), step("glimpse", "as", "A")),
            of(PLAIN, step("follow-card", "at", "2")),
            of(setUp("13", List.of(top(GUARD_CARD, 1), top(KEY_CARD, 13))), step("spread-pick", "at", "5")),
            of(PLAIN, step("spread-pick", "at", "5"), step("return-on-lower", "at", "4", "keep", "break")),
            of(
                    PLAIN,
                    step("lift-packet", "count", "4", "to", "other-hand"),
                    step("turn-over", "pile", "other-hand"),
                    step("hold-break", "depth", "3")),
            of(setUp("13", List.of(top(FORCE_CARD, 1)))),
            of(setUp("13", List.of(top(FORCE_CARD, 13)))),
            of(setUp("13", List.of(top(FORCE_CARD, 10)))),
            of(setUp("13", List.of(top(FORCE_CARD, 1))), step("cut-top-under-break", "depth", "6")),
            of(laid("case")),
            of(laid("under:case")),
            of(marked(KEY_CARD, "crimped")),
            of(marked("7S", "salted")),
            of(marked("5S", "short")),
            of(PLAIN, step("follow-card", "at", "4"), step("spread-cull", "at", "7")),
            of(
                    PLAIN,
                    step("jog-card", "at", "4", "way", "in"),
                    step("jog-card", "at", "6"),
                    step("jog-card", "at", "9")),
            of(PLAIN, step("palm-top", "count", "2")),
            of(PLAIN, step("palm-top", "count", "2"), step("load")),
            of(PLAIN, step("follow-card", "at", "2"), step("lopsided-riffle", "cut", "9", "square", "you")),
            of(new SetUp("13", "", "", List.of(), List.of(), List.of(), true), step("messy", "blocks", "3 2 3 rest")),
            of(beside("flap")),
            of(beside("closed")),
            of(beside("flap"), step("follow-card", "at", "13"), step("glimpse", "as", "A")),
            of(setUp("40", List.of()), step("follow-card", "at", "20")),
            of(setUp("40", List.of()), step("follow-card", "at", "40")));

    /** Ways of filling in the settings, from the usual one on. */
    private static final List<Function<Setting, String>> FILLINGS = List.of(
            Setting::usual,
            setting -> setting instanceof ChunksSetting chunks ? smallChunks(chunks) : setting.usual(),
            setting -> switch (setting.kind()) {
                case CHUNKS -> smallChunks((ChunksSetting) setting);
                case AMOUNT -> "any";
                default -> setting.usual();
            });

    private Playground() {}

    /** A routine whose last step is this move, on a small deck where it can be done. */
    public static Routine of(Move move) {
        return of(move, List.of(), AllMoves.CATALOGUE.and(notListed(move)))
                .orElseThrow(() -> new IllegalStateException(
                        "move “" + move.id() + "” can be done on no beginning: add one for it"));
    }

    /** The same for an own move; one that can be done on no beginning is shown where it cannot. */
    public static Routine of(OwnMove own, Catalogue catalogue) {
        Move listed = ComposedMove.listed(own, catalogue);
        return of(listed, List.of(own), catalogue)
                .orElseGet(() -> routine(listed, BEGINNINGS.get(0), Setting::usual, List.of(own)));
    }

    private static List<Move> notListed(Move move) {
        return AllMoves.CATALOGUE.find(move.id()).isPresent() ? List.of() : List.of(move);
    }

    private static Optional<Routine> of(Move move, List<OwnMove> own, Catalogue catalogue) {
        return found(move, own, catalogue, true).or(() -> found(move, own, catalogue, false));
    }

    private static Optional<Routine> found(Move move, List<OwnMove> own, Catalogue catalogue, boolean visibly) {
        for (Beginning beginning : BEGINNINGS) {
            for (Function<Setting, String> filling : FILLINGS) {
                Routine routine = routine(move, beginning, filling, own);
                Trace trace = Tracer.trace(PlanReader.read(routine, catalogue), World.USUAL);
                boolean done = trace.moments().stream().allMatch(m -> m.broken().isEmpty());
                if (done && (!visibly || doesSomething(trace))) {
                    return Optional.of(routine);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean doesSomething(Trace trace) {
        Trace.Moment before = trace.moments().get(trace.moments().size() - 2);
        Trace.Moment after = trace.end();
        boolean moved = after.ribbons().stream()
                .anyMatch(r -> !r.from().equals(r.to()) || r.fromPosition() != r.toPosition() || r.turned());
        return moved
                || !after.shown().isEmpty()
                || !after.roles().equals(before.roles())
                || !after.layout().holds().equals(before.layout().holds())
                || !after.layout().things().equals(before.layout().things())
                || !after.spoilt().equals(before.spoilt());
    }

    private static Routine routine(
            Move move, Beginning beginning, Function<Setting, String> filling, List<OwnMove> own) {
        Map<String, String> settings = new HashMap<>();
        move.settings().all().forEach(setting -> settings.put(setting.name(), filling.apply(setting)));
        List<Step> steps = new ArrayList<>(beginning.steps());
        steps.add(new Step(TRIED, move.id(), settings, Optional.empty()));
        // Only the cards that are spoken of are followed.
        List<Role> spokenOf = ROLES.stream()
                .filter(role -> steps.stream()
                        .anyMatch(step -> step.settings().containsValue(role.letter()) || usually(step, role)))
                .toList();
        // Each card shows where it came from.
        return new Routine(beginning.setUp().inNewDeckOrder(), spokenOf, steps, List.of(), own);
    }

    /** Whether a step leaves a setting as usual, which is this role. */
    private static boolean usually(Step step, Role role) {
        return AllMoves.CATALOGUE.find(step.move()).stream()
                .flatMap(move -> move.settings().all().stream())
                .anyMatch(s -> s instanceof RoleSetting
                        && s.usual().equals(role.letter())
                        && !step.settings().containsKey(s.name()));
    }

    private static String smallChunks(ChunksSetting setting) {
        return setting.partial() ? "1 2" : "2 3 rest";
    }

    private static Beginning of(SetUp setUp, String[]... steps) {
        List<Step> named = new ArrayList<>();
        for (String[] step : steps) {
            String[] pairs = Arrays.copyOfRange(step, 1, step.length);
            named.add(Step.of("before" + (named.size() + 1), step[0], pairs));
        }
        return new Beginning(setUp, List.copyOf(named));
    }

    private static String[] step(String... moveAndPairs) {
        return moveAndPairs;
    }

    private static SetUp setUp(String pack, List<Placement> placements) {
        return SetUp.of(pack, placements);
    }

    private static Placement top(String card, int nth) {
        return new Placement(card, nth, false);
    }

    private static SetUp laid(String place) {
        return new SetUp("13", "", "", List.of(new SetUp.LaidPile(place, FORCE_CARD)), List.of(), List.of(), false);
    }

    /** An envelope on the table, a note, and a wallet in the pocket. */
    private static SetUp beside(String mouth) {
        return PLAIN.with(
                "poker",
                List.of(
                        new SetUp.LaidThing("envelope", "table:mat", 0, "", 110, 160, mouth, true, ""),
                        new SetUp.LaidThing("note", "table:mat", 0, "", 0, 0, "none", true, ""),
                        new SetUp.LaidThing("wallet", "pocket:inside", 0, "left, right", 90, 100, "open", true, "")));
    }

    private static SetUp marked(String card, String mark) {
        return new SetUp("13", "", "", List.of(), List.of(), List.of(new SetUp.Marking(card, mark)), false);
    }
}
