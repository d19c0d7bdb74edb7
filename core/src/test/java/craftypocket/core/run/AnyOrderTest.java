package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.RandomRoutines;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.reckon.Spelling;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What a set-up does not state lies in any order, each as likely as the others. */
class AnyOrderTest {

    private static final double EXACT = 1e-12;
    private static final int MOST_WORLDS = 1500;
    private static final List<Side> FACES =
            Pack.of52().cards().stream().map(card -> card.front()).toList();

    private static void share(Survey.Finding finding, double expected) {
        assertThat(finding.low()).as("%s", finding.condition()).isCloseTo(expected, within(EXACT));
        assertThat(finding.high()).as("%s", finding.condition()).isCloseTo(expected, within(EXACT));
    }

    // ---- places ------------------------------------------------------------------------------------------------

    @Test
    void a_named_card_is_anywhere() {
        for (String[] claim : new String[][] {{"AS", "1"}, {"AC", "40"}, {"7C", "46"}}) {
            Script script = Script.anyDeck(52).step("false-cut").claim("card-at", "card", claim[0], "nth", claim[1]);
            Survey survey = script.survey();
            assertThat(survey.exhaustive()).isTrue();
            assertThat(survey.worlds()).isEqualTo(52);
            Survey.Finding finding = survey.findings().get(0);
            assertThat(finding.held()).isEqualTo(1);
            share(finding, 1.0 / 52);
            World failing = finding.failing();
            assertThat(failing.numbers()).containsKey("lies." + claim[0]);
            assertThat(Tracer.trace(script.plan(), failing).outcomes().get(0)).isFalse();
        }
    }

    @Test
    void what_is_stated_is_always_so() {
        Script stated = Script.deck(52).step("false-cut").claim("card-at", "card", "AS", "nth", "1");
        assertThat(stated.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        Script placed = Script.anyDeck(52).place("AS", 1).step("false-cut").claim("card-at", "card", "AS", "nth", "1");
        assertThat(placed.survey().worlds()).isEqualTo(1);
        assertThat(placed.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
    }

    @Test
    void two_named_cards_lie_beside_each_other_in_51_of_2652_ways() {
        Survey.Finding finding = Script.anyDeck(52)
                .role("N", RoleKind.KEY, "", "7C")
                .role("M", RoleKind.KEY, "", "6C")
                .step("false-cut")
                .claim("directly-below", "role", "N", "of", "M")
                .verdict(0);
        assertThat(finding.held()).isEqualTo(51);
        share(finding, 51.0 / 2652);
        // The first of all ways in which they do not: 6♣ on top, 7♣ not below it.
        assertThat(finding.failing().numbers()).containsEntry("lies.6C", 1).containsEntry("lies.7C", 3);
        assertThat(finding.because()).isEqualTo("fails, for example, if 6♣ lies at place 1 and 7♣ lies at place 3");
    }

    @Test
    void where_one_card_lies_is_told_as_the_reason() {
        Survey.Finding finding =
                Script.anyDeck(52).claim("card-at", "card", "AS", "nth", "1-26").verdict(0);
        assertThat(finding.because()).isEqualTo("fails if A♠ lies at place 27 to 52");
        assertThat(finding.charts()).hasSize(1);
    }

    @Test
    void the_pick_is_the_key_in_one_of_52_ways_wherever_they_take_it() {
        for (String at : List.of("1", "17", "52", "any")) {
            Survey survey = Script.anyDeck(52)
                    .selection("A", "Ines")
                    .role("K", RoleKind.KEY, "", "7C")
                    .step("spread-pick", "role", "A", "at", at)
                    .claim("same-card", "role", "A", "of", "K")
                    .survey();
            share(survey.findings().get(0), 1.0 / 52);
        }
    }

    /** Followed to the end, the ace, the key and the pick would be more than can be counted. */
    @Test
    void a_card_that_only_a_claim_names_matters_no_more_after_it() {
        Survey survey = Script.anyDeck(52)
                .selection("A", "Ines")
                .role("K", RoleKind.KEY, "", "7C")
                .step("false-cut")
                .claim("card-at", "card", "AS", "nth", "1")
                .step("spread-pick", "role", "A")
                .claim("same-card", "role", "A", "of", "K")
                .step("return-drop-key", "role", "A", "key", "K")
                .claim("directly-below", "role", "A", "of", "K")
                .step("complete-cut", "depth", "10-40")
                .survey();
        assertThat(survey.exhaustive()).isTrue();
        share(survey.findings().get(0), 1.0 / 52);
        share(survey.findings().get(1), 1.0 / 52);
    }

    /** By hand: of n cards in any order, four lie beside one another in (n − 3)! · 4! of n! ways. */
    @Test
    void four_cards_lie_together_in_as_many_ways_as_counted_by_hand() {
        double[] shares = {3 * 2 * 24 / 720.0, 24 * 24 / 5040.0, 120 * 24 / 40320.0};
        for (int cards = 6; cards <= 8; cards++) {
            Survey survey = Script.anyDeck(cards)
                    .role("S", RoleKind.SLUG, "", "AS 2S 3S 4S")
                    .claim("together", "role", "S", "how", "any")
                    .survey();
            assertThat(survey.exhaustive()).isTrue();
            share(survey.findings().get(0), shares[cards - 6]);
        }
    }

    // ---- names ---------------------------------------------------------------------------------------------------

    /** The spelled lengths of all 52 names, with “of”. */
    private static long ofLength(int letters) {
        return FACES.stream()
                .filter(face -> Spelling.length(face, 0) == letters)
                .count();
    }

    @Test
    void a_picked_card_has_any_name_wherever_it_was_taken() {
        Survey survey = Script.anyDeck(52)
                .selection("A", "Ines")
                .step("spread-pick", "role", "A", "at", "10")
                .step("glimpse", "pile", "spectator:Ines", "as", "A")
                .step("deal-singly", "count", "letters of A")
                .claim("pile-size", "pile", "table:dealt", "cards", "11")
                .survey();
        assertThat(survey.exhaustive()).isTrue();
        Survey.Finding finding = survey.findings().get(0);
        share(finding, ofLength(11) / 52.0);
    }

    @Test
    void a_name_is_spelled_off_whatever_it_is() {
        Survey survey = Script.anyDeck(52)
                .selection("A", "Ines")
                .step("spread-pick", "role", "A")
                .step("return-on-lower", "role", "A", "keep", "break")
                .step("cut-to-break")
                .step("spell-to", "role", "A")
                .claim("position", "role", "A", "pile", "table:dealt", "nth", "1", "from", "bottom")
                .claim("pile-size", "pile", "table:dealt", "cards", "11")
                .survey();
        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.findings().get(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        // A fixed count of eleven does it for the names of eleven letters, 13 of 52 (from memory).
        share(survey.findings().get(1), 13 / 52.0);
        assertThat(survey.findings().get(1).because()).matches("fails, for example, if .*Ines’s card is .*");
    }

    /** By hand: two different cards of 52 have the values a and b in 16 of 2,652 ways, and twice the same in 12. */
    @Test
    void values_of_two_picked_cards_add_up_as_those_of_two_different_cards() {
        Script script = Script.anyDeck(52)
                .selection("A", "Ines")
                .selection("B", "Marek")
                .step("spread-pick", "role", "A", "at", "10")
                .step("spread-pick", "role", "B", "at", "20")
                .step("glimpse", "pile", "spectator:Ines", "as", "A")
                .step("glimpse", "pile", "spectator:Marek", "as", "B")
                .step("deal-singly", "count", "value of A")
                .step("deal-singly", "count", "value of B");
        for (int sum = 2; sum <= 26; sum++) {
            script.claim("pile-size", "pile", "table:dealt", "cards", String.valueOf(sum));
        }
        Survey survey = script.survey();
        assertThat(survey.exhaustive()).isTrue();
        for (int sum = 2; sum <= 26; sum++) {
            int wanted = sum;
            int ways = IntStream.rangeClosed(1, 13)
                    .filter(one -> wanted - one >= 1 && wanted - one <= 13)
                    .map(one -> 2 * one == wanted ? 12 : 16)
                    .sum();
            share(survey.findings().get(sum - 2), ways / 2652.0);
        }
    }

    @Test
    void a_key_that_nobody_placed_is_found_by_its_name() {
        Survey survey = Script.anyDeck(52)
                .role("K", RoleKind.KEY, "", "7C")
                .step("turn-over")
                .step("take-found", "role", "K", "to", "table:dealt")
                .step("turn-over")
                .claim("lies", "role", "K", "place", "table:dealt")
                .claim("position", "role", "K", "nth", "1", "from", "bottom")
                .survey();
        assertThat(survey.allHold()).isFalse();
        assertThat(survey.findings().get(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(survey.findings().get(1).verdict()).isEqualTo(Survey.Verdict.NEVER);
        survey.findings().stream()
                .filter(finding -> finding.condition().kind() == Condition.Kind.CAN_BE_DONE)
                .forEach(finding -> assertThat(finding.verdict()).isEqualTo(Survey.Verdict.ALWAYS));
    }

    @Test
    void any_bottom_card_that_is_glimpsed_does_as_a_key() {
        List<List<Double>> shares = new ArrayList<>();
        for (Script script : List.of(
                Script.anyDeck(52).key("K"),
                Script.anyDeck(52).key("K").place("9C", 52),
                Script.deck(52).key("K"))) {
            Survey survey = script.selection("A", "Ines")
                    .step("glimpse", "where", "bottom", "as", "K")
                    .step("spread-pick", "role", "A")
                    .step("return-drop-key", "role", "A", "key", "K")
                    .step("complete-cut", "depth", "any")
                    .claim("directly-below", "role", "A", "of", "K")
                    .step("look-by-key", "key", "K", "side", "below", "role", "A")
                    .step("name-it", "role", "A")
                    .survey();
            assertThat(survey.exhaustive()).isTrue();
            assertThat(survey.counted()).isTrue();
            shares.add(survey.findings().stream().map(Survey.Finding::low).toList());
        }
        assertThat(shares.get(1)).isEqualTo(shares.get(0));
        assertThat(shares.get(2)).isEqualTo(shares.get(0));
    }

    // ---- against all arrangements -----------------------------------------------------------------------------------

    /** Every order of some cards. */
    private static List<List<String>> orders(List<String> cards) {
        if (cards.isEmpty()) {
            return List.of(List.of());
        }
        List<List<String>> all = new ArrayList<>();
        for (String first : cards) {
            List<String> others = new ArrayList<>(cards);
            others.remove(first);
            for (List<String> rest : orders(others)) {
                List<String> order = new ArrayList<>(List.of(first));
                order.addAll(rest);
                all.add(order);
            }
        }
        return all;
    }

    /** The plain definition: in each arrangement, each choice takes each of its numbers alike as it comes up. */
    private static double[] shares(Plan plan) {
        Knowledge knowledge = Knowledge.of(plan, SurveyOptions.withDefaults()).orElseThrow();
        double[] shares = new double[plan.conditions().size()];
        List<Integer> open = IntStream.rangeClosed(1, plan.pack().size())
                .filter(plan.arrangement()::open)
                .boxed()
                .toList();
        List<String> cards = IntStream.range(0, plan.pack().size())
                .filter(plan.arrangement()::unstated)
                .mapToObj(plan.arrangement()::key)
                .toList();
        List<List<String>> orders = orders(cards);
        int worlds = 0;
        for (List<String> order : orders) {
            Map<String, Integer> world = new HashMap<>();
            IntStream.range(0, order.size()).forEach(i -> world.put(order.get(i), open.get(i)));
            worlds += addWorlds(knowledge, world, 1.0 / orders.size(), shares);
            if (worlds > MOST_WORLDS) {
                return null;
            }
        }
        return shares;
    }

    /** Goes on from a world in which some choices are made, by nothing but traces; gives how many worlds that were. */
    private static int addWorlds(Knowledge all, Map<String, Integer> world, double weight, double[] shares) {
        Trace trace = all.trace(new World(world));
        Optional<Trace.Chosen> open = trace.moments().stream()
                .flatMap(moment -> moment.choices().stream())
                .filter(chosen -> !world.containsKey(chosen.choice().key()))
                .findFirst();
        if (open.isEmpty()) {
            for (int i = 0; i < shares.length; i++) {
                shares[i] += trace.outcomes().get(i) ? weight : 0;
            }
            return 1;
        }
        String key = open.get().choice().key();
        List<Map<String, Integer>> further = new ArrayList<>();
        for (int number = open.get().low(); number <= open.get().high(); number++) {
            Map<String, Integer> one = new HashMap<>(world);
            one.put(key, number);
            boolean possible = all.trace(new World(one)).moments().stream()
                    .flatMap(moment -> moment.choices().stream())
                    .anyMatch(chosen -> chosen.choice().key().equals(key) && chosen.number() == one.get(key));
            if (possible) {
                further.add(one);
            }
        }
        if (further.isEmpty()) {
            Map<String, Integer> broken = new HashMap<>(world);
            broken.put(key, open.get().low());
            further.add(broken);
        }
        int worlds = 0;
        for (Map<String, Integer> one : further) {
            worlds += worlds > MOST_WORLDS ? 0 : addWorlds(all, one, weight / further.size(), shares);
        }
        return worlds;
    }

    @Test
    void random_routines_hold_as_over_all_arrangements() {
        int judged = 0;
        Set<String> read = new HashSet<>();
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (long seed : Rounds.seeds(40, 20).toArray()) {
                Routine routine = RandomRoutines.open(move, seed).routine();
                String told = move.id() + " with seed " + seed + ": " + routine;
                Plan plan = PlanReader.read(routine, AllMoves.CATALOGUE);
                Survey survey =
                        Surveyor.survey(plan, SurveyOptions.withDefaults().withWorkers(1));
                double[] shares = survey.exhaustive() && plan.choices().stream().noneMatch(Choice::isChance)
                        ? shares(plan)
                        : null;
                if (shares == null) {
                    continue;
                }
                judged++;
                Knowledge knowledge =
                        Knowledge.of(plan, SurveyOptions.withDefaults()).orElseThrow();
                for (int i = 0; i < shares.length; i++) {
                    Survey.Finding finding = survey.findings().get(i);
                    String what = told + "\n" + finding.condition();
                    assertThat(finding.low()).as(what).isCloseTo(shares[i], within(1e-9));
                    assertThat(finding.verdict() == Survey.Verdict.ALWAYS)
                            .as(what)
                            .isEqualTo(shares[i] > 1 - 1e-9);
                    assertThat(finding.verdict() == Survey.Verdict.NEVER)
                            .as(what)
                            .isEqualTo(shares[i] < 1e-9);
                    if (finding.failing() != null) {
                        assertThat(knowledge.trace(finding.failing()).outcomes().get(i))
                                .as(what + "\n" + finding.failing())
                                .isFalse();
                        read.addAll(finding.failing().numbers().keySet().stream()
                                .filter(key -> key.startsWith("lies."))
                                .collect(Collectors.toSet()));
                    }
                }
            }
        }
        assertThat(judged).isGreaterThan(180);
        assertThat(read).hasSizeGreaterThan(4);
    }
}
