package craftypocket.core;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Knowledge;
import craftypocket.core.run.Known;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Builds routines for tests. Cards are spoken of by their number from 1, the top card of the untouched deck. */
public final class Script {

    /** Fewer cards than this are no pack, but cards of one's own. */
    private static final int SMALLEST_PACK = 3;

    private String pack;
    private String extra;
    private String order = "";
    private boolean bend;
    private boolean newDeckOrder = true;
    private String cardSize = "";
    private final List<SetUp.LaidThing> things = new ArrayList<>();
    private final List<SetUp.LaidPile> piles = new ArrayList<>();
    private final List<SetUp.Marking> markings = new ArrayList<>();
    private final List<Placement> placements = new ArrayList<>();
    private final List<Role> roles = new ArrayList<>();
    private final List<Step> steps = new ArrayList<>();
    private final List<RoutineClaim> claims = new ArrayList<>();

    private Script(int cards) {
        pack = cards < SMALLEST_PACK ? "none" : String.valueOf(cards);
        extra = cards < SMALLEST_PACK ? "AS 2S".substring(0, Math.max(0, 3 * cards - 1)) : "";
    }

    /** A routine that goes on from another one. */
    public static Script from(Routine routine) {
        Script script = new Script(0);
        script.pack = routine.setUp().pack();
        script.extra = routine.setUp().extra();
        script.order = routine.setUp().order();
        script.bend = routine.setUp().bend();
        script.newDeckOrder = routine.setUp().newDeckOrder();
        script.cardSize = routine.setUp().cardSize();
        script.things.addAll(routine.setUp().things());
        script.piles.addAll(routine.setUp().piles());
        script.placements.addAll(routine.setUp().placements());
        script.markings.addAll(routine.setUp().markings());
        script.roles.addAll(routine.roles());
        script.steps.addAll(routine.steps());
        script.claims.addAll(routine.claims());
        return script;
    }

    /** A deck of so many cards, in order. */
    public static Script deck(int cards) {
        return new Script(cards);
    }

    /** A deck of so many cards, in any order but for what is placed. */
    public static Script anyDeck(int cards) {
        return new Script(cards).inAnyOrder();
    }

    /** The cards that nothing is said of lie in the order of the pack. */
    public Script inNewDeckOrder() {
        newDeckOrder = true;
        return this;
    }

    /** The cards that nothing is said of lie in any order. */
    public Script inAnyOrder() {
        newDeckOrder = false;
        return this;
    }

    public Script selection(String letter, String owner) {
        roles.add(new Role(letter, RoleKind.SELECTION, owner, ""));
        return this;
    }

    public Script key(String letter) {
        roles.add(new Role(letter, RoleKind.KEY, "", ""));
        return this;
    }

    /** A key that is known from the start and lies at this place from the top. */
    public Script key(String letter, String card, int nth) {
        roles.add(new Role(letter, RoleKind.KEY, "", card));
        placements.add(new Placement(card, nth, false));
        return this;
    }

    /** A role with a card that is known from the start. */
    public Script role(String letter, RoleKind kind, String owner, String card) {
        roles.add(new Role(letter, kind, owner, card));
        return this;
    }

    /** Puts a card at a place of the deck, from the top. */
    public Script place(String card, int nth) {
        placements.add(new Placement(card, nth, false));
        return this;
    }

    public Script place(Placement placement) {
        placements.add(placement);
        return this;
    }

    /** Lays cards elsewhere. */
    public Script pile(String place, String cards) {
        piles.add(new SetUp.LaidPile(place, cards));
        return this;
    }

    /** Cards beside the pack, or instead of it when there is no pack. */
    public Script extra(String newPack, String cards) {
        pack = newPack;
        extra = cards;
        return this;
    }

    public Script order(String cards) {
        order = cards;
        return this;
    }

    public Script mark(String card, String mark) {
        markings.add(new SetUp.Marking(card, mark));
        return this;
    }

    /** Cards of this size. */
    public Script size(String cards) {
        cardSize = cards;
        return this;
    }

    /** A thing of 110 by 160 mm inside that people may hold. */
    public Script thing(String name, String place, String mouth) {
        return thing(new SetUp.LaidThing(name, place, 0, "", 110, 160, mouth, true, ""));
    }

    public Script thing(SetUp.LaidThing thing) {
        things.add(thing);
        return this;
    }

    /** Bends the deck. */
    public Script bent() {
        bend = true;
        return this;
    }

    public Script step(String move, String... settings) {
        return step(Step.of("s" + (steps.size() + 1), move, settings));
    }

    public Script step(Step step) {
        steps.add(step);
        return this;
    }

    public Script claim(RoutineClaim claim) {
        claims.add(claim);
        return this;
    }

    /** Claims something after the last step so far. */
    public Script claim(ClaimSpec claim) {
        String after = steps.isEmpty() ? "" : steps.get(steps.size() - 1).id();
        claims.add(new RoutineClaim("c" + (claims.size() + 1), after, claim));
        return this;
    }

    public Script claim(String kind, String... settings) {
        return claim(ClaimSpec.of(kind, settings));
    }

    public Routine routine() {
        SetUp setUp = new SetUp(pack, extra, order, piles, placements, markings, bend, cardSize, things, newDeckOrder);
        return new Routine(setUp, roles, steps, claims);
    }

    public Plan plan() {
        return PlanReader.read(routine(), AllMoves.CATALOGUE);
    }

    public Trace trace() {
        return trace(Map.of());
    }

    public Trace trace(Map<String, Integer> world) {
        return Tracer.trace(plan(), new World(world));
    }

    /** The trace of a world with what the performer knows at each moment. */
    public Trace knownTrace(Map<String, Integer> world) {
        return Knowledge.of(plan(), SurveyOptions.withDefaults()).orElseThrow().trace(new World(world));
    }

    /** What the performer knows at each moment of a world. */
    public List<Known> known(Map<String, Integer> world) {
        return knownTrace(world).moments().stream()
                .map(moment -> moment.known().orElseThrow())
                .toList();
    }

    /** What the performer knows in the end. */
    public Known known() {
        List<Known> all = known(Map.of());
        return all.get(all.size() - 1);
    }

    public Survey survey() {
        return Surveyor.survey(plan(), SurveyOptions.withDefaults());
    }

    /** What was found of the nth claim, from 0. */
    public Survey.Finding verdict(int claim) {
        return survey().findings().get(claim);
    }

    /** The cards of a place at the end, by their number from 1, a face-up card negative. */
    public List<Integer> cards(String place) {
        return cards(trace(), place);
    }

    public static List<Integer> cards(Trace trace, String place) {
        Pile pile = trace.end().layout().at(Place.read(place).orElseThrow());
        return IntStream.rangeClosed(1, pile.size())
                .mapToObj(p -> (pile.card(p) + 1) * (pile.faceUp(p) ? -1 : 1))
                .toList();
    }
}
