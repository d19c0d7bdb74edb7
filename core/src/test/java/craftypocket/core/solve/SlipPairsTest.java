package craftypocket.core.solve;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Pack;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Playground;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.Walk;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Slips that come to the same are gone through once: every pair of slips, done to its end by itself, says the same. */
class SlipPairsTest {

    private final Random random = new Random(27);
    private int pairs;
    private int found;

    /** Whether the steps come out as was seen with these slips; a step that cannot be done ends it where that is not allowed. */
    private static boolean leads(Plan plan, Walk walk, int seen, List<Slip> slips) {
        Hands hands = walk.freshHands();
        Hands planned = walk.freshHands();
        for (int step = 0; step < plan.steps().size(); step++) {
            int here = step;
            List<Slip> slip = slips.stream().filter(each -> each.step() == here).toList();
            walk.perform(step, planned);
            boolean done =
                    slip.isEmpty() ? walk.perform(step, hands) : slip.get(0).perform(walk, hands);
            boolean unseen =
                    !slip.isEmpty() && slip.get(0) == slips.get(0) && hands.fingerprint() == planned.fingerprint();
            if (unseen || (!done && (!slip.isEmpty() || slips.size() > 1))) {
                return false;
            }
        }
        return plan.conditions().subList(0, seen).stream()
                .allMatch(condition -> condition.check().holds(hands));
    }

    private void check(Routine routine, List<ClaimSpec> seen) {
        Plan plan = SlipDiagnosis.read(routine, AllMoves.CATALOGUE, seen);
        Walk walk = Tracer.walk(plan, World.USUAL);
        List<List<Slip>> slips = new ArrayList<>();
        Hands before = walk.freshHands();
        for (int step = 0; step < plan.steps().size(); step++) {
            slips.add(Slip.of(walk, step, before));
            walk.perform(step, before);
        }
        List<List<Slip>> expected = new ArrayList<>();
        for (int one = 0; one < slips.size(); one++) {
            for (Slip first : slips.get(one)) {
                List<Slip> later = slips.subList(one + 1, slips.size()).stream()
                        .flatMap(List::stream)
                        .toList();
                for (Slip second : later) {
                    pairs++;
                    if (leads(plan, walk, seen.size(), List.of(first, second))) {
                        expected.add(List.of(first, second));
                    }
                }
                if (leads(plan, walk, seen.size(), List.of(first))) {
                    expected.add(List.of(first));
                }
            }
        }
        found += expected.size();
        assertThat(SlipDiagnosis.all(plan, seen.size(), World.USUAL)).containsExactlyInAnyOrderElementsOf(expected);
    }

    /** Where the cards of the roles lie after some slip. */
    private List<ClaimSpec> roles(Routine routine) {
        Plan plan = SlipDiagnosis.read(routine, AllMoves.CATALOGUE, List.of());
        Walk walk = Tracer.walk(plan, World.USUAL);
        int at = random.nextInt(plan.steps().size());
        Hands hands = walk.freshHands();
        for (int step = 0; step < plan.steps().size(); step++) {
            List<Slip> here = Slip.of(walk, step, hands);
            if (step != at || !here.get(random.nextInt(here.size())).perform(walk, hands)) {
                walk.perform(step, hands);
            }
        }
        return IntStream.range(0, hands.roleCount())
                .filter(role -> hands.isIn(0, role))
                .limit(SlipDiagnosis.MOST_SEEN)
                .mapToObj(role -> ClaimSpec.of(
                        "position",
                        "role",
                        plan.cast().part(role).letter(),
                        "nth",
                        String.valueOf(hands.positionOf(0, role))))
                .toList();
    }

    /** The roles of a routine, and a key of its own. */
    private static List<Role> withKey(Routine own) {
        List<Role> roles = new ArrayList<>(own.roles());
        Pack pack = SlipDiagnosis.read(own, AllMoves.CATALOGUE, List.of()).pack();
        List<String> used = roles.stream().map(Role::card).toList();
        pack.cards().stream()
                .map(CardText::code)
                .filter(code -> !used.contains(code))
                .skip(2)
                .findFirst()
                .ifPresent(code -> roles.add(new Role("Q", RoleKind.KEY, "", code)));
        return roles;
    }

    @Test
    void of_every_move_with_a_shuffle_and_a_cut_around_it() {
        int checked = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            Routine own = Playground.of(move);
            List<Step> steps = new ArrayList<>(List.of(Step.of("mix", "overhand", "chunks", "2 3 rest")));
            steps.addAll(own.steps());
            steps.add(Step.of("cut", "complete-cut", "depth", "3"));
            Routine routine = new Routine(own.setUp(), withKey(own), steps, List.of(), own.ownMoves());
            List<ClaimSpec> seen = roles(routine);
            if (!seen.isEmpty()) {
                check(routine, seen);
                checked++;
            }
        }
        assertThat(checked).isGreaterThan(100);
    }

    @Test
    void of_a_key_card_routine_and_of_one_that_spells_what_lies_there() {
        List<Role> roles =
                List.of(new Role("A", RoleKind.SELECTION, "Ines", ""), new Role("K", RoleKind.KEY, "", "9C"));
        SetUp setUp = SetUp.of("52", List.of(new Placement("9C", 1, true)));
        List<Step> steps = List.of(
                Step.of("mix", "milk-keep", "chunks", "9 7 rest"),
                Step.of("pick", "spread-pick", "not", "bottom", "at", "26"),
                Step.of("return", "return-drop-key", "way", "table", "at", "20"),
                Step.of("cut", "complete-cut", "depth", "26"),
                Step.of("packets", "packets-to-table", "packets", "9 12 8"),
                Step.of("over", "overhand", "chunks", "9 7 8 rest"),
                Step.of("deal", "deal-singly", "count", "value of A"));
        for (int round = 0; round < 6; round++) {
            Routine routine = new Routine(setUp, roles, steps.subList(0, round < 3 ? 6 : 7), List.of(), List.of());
            check(routine, roles(routine));
        }
        assertThat(found).isGreaterThan(100);
        System.out.println("FIGURE | pairs of slips, each done to its end by itself | " + pairs + ", " + found
                + " lead to what was seen | the same found |");
    }
}
