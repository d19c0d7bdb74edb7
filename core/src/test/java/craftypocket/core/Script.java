package craftypocket.core;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Plan;
import craftypocket.core.run.PlanReader;
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

    private final String pack;
    private final List<Placement> placements = new ArrayList<>();
    private final List<Role> roles = new ArrayList<>();
    private final List<Step> steps = new ArrayList<>();
    private final List<RoutineClaim> claims = new ArrayList<>();

    private Script(int cards) {
        pack = String.valueOf(cards);
    }

    /** A deck of so many cards, in order. */
    public static Script deck(int cards) {
        return new Script(cards);
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

    public Script step(String move, String... settings) {
        return step(Step.of("s" + (steps.size() + 1), move, settings));
    }

    public Script step(Step step) {
        steps.add(step);
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
        return new Routine(new SetUp(pack, placements), roles, steps, claims);
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
