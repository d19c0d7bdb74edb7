package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.RandomRoutines;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.RoleKind;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.IntPredicate;
import org.junit.jupiter.api.Test;

/** All worlds by their states, against the tree of worlds: the plain definition. */
class StateSurveyTest {

    private static final long MOST_WORLDS = 30_000;
    /** Of each move. */
    private static final int ROUTINES = 45;

    static Tally tree(Plan plan) {
        SurveyOptions options = SurveyOptions.withDefaults().withWorkers(1).withExhaustiveUpTo(MOST_WORLDS);
        Tally counted = new SurveyWorker(plan, options, 0, null, StateSurvey.Sure.NOTHING, new AtomicBoolean(), false)
                .everyWorld();
        return counted.broughtToAnEnd && counted.widths.uneven()
                ? new SurveyWorker(plan, options, 0, null, StateSurvey.Sure.NOTHING, new AtomicBoolean(), true)
                        .everyWorld()
                : counted;
    }

    private static Optional<Tally> states(Plan plan) {
        return StateSurvey.of(plan, SurveyOptions.withDefaults()).tally();
    }

    static void agree(String told, Plan plan, Tally tree, Tally states) {
        agree(told, plan, tree, states, choice -> true);
    }

    /** @param charted of which choices there are charts */
    static void agree(String told, Plan plan, Tally tree, Tally states, IntPredicate charted) {
        assertThat(states.weighed).as(told).isEqualTo(tree.weighed);
        assertThat(states.ways).as(told).isEqualTo(tree.ways);
        boolean untold = false;
        for (boolean each : tree.untold) {
            untold |= each;
        }
        if (!untold) {
            same(told, states.allHeld, states, tree.allHeld, tree);
        }
        for (int i = 0; i < tree.failed.length; i++) {
            if (tree.untold[i]) {
                // What is known no single world tells: the law of knowing has its own test.
                continue;
            }
            String what = told + ": " + plan.conditions().get(i);
            same(what, states.failed[i], states, tree.failed[i], tree);
            assertThat(states.smallest[i]).as(what).isEqualTo(tree.smallest[i]);
            for (int choice = 0; choice < tree.made.length; choice++) {
                long[] mine = states.failedWith[i][choice];
                long[] theirs = tree.failedWith[i][choice];
                int most = tree.made[choice] == null || !charted.test(choice) ? 0 : tree.made[choice].length;
                for (int number = 0; number < most; number++) {
                    same(told, states.made[choice][number], states, tree.made[choice][number], tree);
                    same(what, mine == null ? 0 : mine[number], states, theirs == null ? 0 : theirs[number], tree);
                }
            }
        }
        if (tree.weighed ? Math.abs(tree.pictured - 1) < 1e-9 : tree.pictured == tree.worlds) {
            for (int at = 0; at < tree.at.length; at++) {
                for (int spot = 0; spot < tree.at[at].length; spot++) {
                    assertThat(states.at[at][spot] / states.pictured)
                            .as(told)
                            .isCloseTo(tree.at[at][spot] / tree.pictured, within(1e-5));
                }
            }
        }
    }

    /** The same number where ways are counted, the same share where they are weighed; and none only if the other is none. */
    private static void same(String told, long mine, Tally states, long theirs, Tally tree) {
        if (tree.weighed) {
            assertThat(mine == 0).as(told).isEqualTo(theirs == 0);
            assertThat((double) mine / states.worlds).as(told).isCloseTo((double) theirs / tree.worlds, within(1e-9));
        } else {
            assertThat(mine).as(told).isEqualTo(theirs);
        }
    }

    @Test
    void states_and_worlds_agree_on_random_routines_of_the_whole_catalogue() {
        int compared = 0;
        int merged = 0;
        int weighed = 0;
        int parts = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (long seed : Rounds.seeds(ROUTINES).toArray()) {
                Script script = seed % 2 == 0 ? RandomRoutines.small(move, seed) : RandomRoutines.with(move, seed);
                script.claim(ClaimSpec.of("position", "role", "A", "nth", "2-3"))
                        .claim(ClaimSpec.of("directly-below", "role", "A", "of", "K"))
                        .claim(ClaimSpec.of("never-seen", "face", "K"));
                Plan plan = script.plan();
                boolean chance = plan.choices().stream().anyMatch(Choice::isChance);
                if (chance) {
                    weighed += agreesWithSample(move.id() + ", seed " + seed, plan) ? 1 : 0;
                    continue;
                }
                Tally tree = tree(plan);
                if (!tree.broughtToAnEnd || tree.ways > MOST_WORLDS) {
                    continue;
                }
                Optional<Tally> states = states(plan);
                assertThat(states).as("%s, seed %d", move.id(), seed).isPresent();
                agree(move.id() + ", seed " + seed, plan, tree, states.get());
                parts += agreesInParts(move.id() + ", seed " + seed + ", in parts", plan, tree, states.get()) ? 1 : 0;
                compared++;
                merged += tree.ways > 100 ? 1 : 0;
            }
        }
        int rounds = Rounds.of(ROUTINES);
        assertThat(compared).isGreaterThan(33 * rounds);
        assertThat(merged).isGreaterThan(2 * rounds);
        assertThat(weighed).isGreaterThan(2 * rounds);
        assertThat(parts).isGreaterThan(10 * rounds);
    }

    /** Each claim with the cards that it asks for: the same of each, and bounds of all together. False where knowledge is asked. */
    private static boolean agreesInParts(String told, Plan plan, Tally tree, Tally states) {
        Optional<Tally> found = StateSurvey.inParts(plan, SurveyOptions.withDefaults());
        if (found.isEmpty()) {
            return false;
        }
        Tally parts = found.get();
        assertThat(states.allHeld).as(told).isBetween(parts.allHeld, parts.allHeldAtMost);
        parts.allHeld = states.allHeld;
        agree(told, plan, tree, parts);
        return true;
    }

    /** 52 · 51 … by hand: three cards are picked, one after another, and the first is returned below any number. */
    @Test
    void far_more_worlds_than_could_be_visited_are_counted() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .selection("B", "Bruno")
                .selection("C", "Orla")
                .step("spread-pick", "role", "A", "at", "any")
                .step("spread-pick", "role", "B", "at", "any")
                .step("spread-pick", "role", "C", "at", "any")
                .step("return-on-lower", "role", "A", "at", "any")
                .step("spectator-cut")
                .claim("position", "role", "A", "nth", "1");
        Survey survey = script.survey();

        // A cut brings A to the top by one number of 49, unless it lies on top already or at the bottom cannot be:
        // below 1 to 48.
        long ways = 52L * 51 * 50 * 48 * 49;
        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.worlds()).isEqualTo(ways);
        assertThat(survey.findings().get(0).held()).isEqualTo(ways / 49);
    }

    @Test
    void a_name_that_is_spelled_keeps_all_names_apart() {
        Script script = Script.deck(20)
                .selection("A", "Ines")
                .step("spread-pick", "at", "any")
                .step("return-on-lower", "at", "any")
                .step("spell-find-cut", "role", "A");

        agree(
                "spelled",
                script.plan(),
                tree(script.plan()),
                states(script.plan()).orElseThrow());
    }

    /** A selection and a key, free cuts, and an overhand shuffle of four chunks of about ten: the sample agrees. */
    @Test
    void what_hands_do_roughly_is_judged_over_all_that_they_may_do() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .key("K", "AS", 52)
                .step("spread-pick", "not", "bottom", "at", "any")
                .step("return-drop-key", "at", "any")
                .step("spectator-cut", "depth", "any")
                .step("overhand", "chunks", "10±2 10±2 10±2 rest")
                .step("spectator-cut", "depth", "any")
                .claim("directly-below", "role", "A", "of", "K", "deck", "circle")
                .claim("pile-size", "cards", "52");
        Survey survey = script.survey();

        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.worlds()).isEqualTo(51L * 50 * 51 * 125 * 51);
        assertThat(survey.findings().get(1).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        Survey sampled =
                Surveyor.survey(script.plan(), SurveyOptions.withDefaults().visiting());
        double share = (double) survey.findings().get(0).held() / survey.worlds();
        assertThat(share)
                .isBetween(
                        sampled.findings().get(0).low() - 0.002,
                        sampled.findings().get(0).high() + 0.002);
    }

    /** Exactly or not at all: five standard errors of a sample apart are chance but once in two million. */
    private static boolean agreesWithSample(String told, Plan plan) {
        Optional<Tally> states = states(plan);
        if (states.isEmpty()) {
            return false;
        }
        Survey exact = Surveyor.survey(plan, SurveyOptions.withDefaults());
        Survey sample = Surveyor.survey(
                plan, SurveyOptions.withDefaults().withSample(4_000, 7).visiting());
        assertThat(exact.exhaustive()).isTrue();
        assertThat(exact.counted()).isFalse();
        for (int i = 0; i < exact.findings().size(); i++) {
            Survey.Finding mine = exact.findings().get(i);
            double share = mine.low();
            double theirs = (double) sample.findings().get(i).held() / sample.worlds();
            double error = 5 * Math.sqrt(share * (1 - share) / sample.worlds());
            assertThat(share)
                    .as("%s: %s", told, mine.condition())
                    .isEqualTo(mine.high())
                    .isCloseTo(theirs, within(error + 1e-9));
            if (mine.failing() != null) {
                assertThat(failsIn(plan, mine.failing(), i))
                        .as("%s: %s", told, mine.condition())
                        .isTrue();
            }
            for (Survey.Chart chart : mine.charts()) {
                long all = chart.bars().stream().mapToLong(Survey.Bar::worlds).sum();
                assertThat(chart.bars()).allMatch(bar -> bar.held() >= 0 && bar.held() <= bar.worlds());
                assertThat((double) all).isLessThanOrEqualTo(exact.worlds() * (1 + 1e-12));
            }
        }
        double everything = (double) exact.allHeld() / exact.worlds();
        assertThat(everything)
                .as(told)
                .isCloseTo(
                        (double) sample.allHeld() / sample.worlds(),
                        within(5 * Math.sqrt(everything * (1 - everything) / sample.worlds()) + 1e-9));
        return true;
    }

    /** Whether a condition fails when the steps are done with the numbers of a world, one after another. */
    private static boolean failsIn(Plan plan, World world, int condition) {
        return !Tracer.trace(plan, world).outcomes().get(condition);
    }

    /** Chunks are taken one by one, and come out as when all are tried together. */
    @Test
    void rough_chunks_one_by_one_are_all_of_them_together() {
        List<String> moves = List.of(
                "overhand",
                "hindu",
                "hindu-keep-top",
                "overhand-bottom-to-top",
                "overhand-top-to-bottom",
                "milk-keep",
                "jog-keep-stock");
        List<String> chunks = List.of(
                "2±1 1-3 3 rest",
                "1-3 4±1 2",
                "5-9 5-9 5-9",
                "3 2±1 1-2",
                "any 2",
                "4-5 until gone",
                "2-3 rest 4",
                "0-2 5");
        for (String move : moves) {
            for (String rough : chunks) {
                Script script = Script.deck(13)
                        .selection("A", "Ines")
                        .key("K", "AS", 13)
                        .step("spread-pick", "at", "2-9")
                        .step("return-on-lower", "at", "any")
                        .step(move, "chunks", rough)
                        .claim("directly-below", "role", "A", "of", "K")
                        .step("overhand", "chunks", "3±1 rest")
                        .claim("position", "role", "A", "nth", "1-4");
                Plan plan = script.plan();
                Tally tree = tree(plan);
                assertThat(tree.broughtToAnEnd).as("%s %s", move, rough).isTrue();
                agree(move + " " + rough, plan, tree, states(plan).orElseThrow());
            }
        }
    }

    /** For each bar of each chart: the smallest failing world among those with its number, by states and one by one. */
    @Test
    void each_number_of_a_choice_has_its_smallest_failing_world() {
        Plan plan = Script.deck(12)
                .selection("A", "Ines")
                .key("K", "AS", 12)
                .step("spread-pick", "at", "2-9")
                .step("return-drop-key", "at", "any")
                .step("overhand", "chunks", "2±1 4±1 1-3 rest")
                .claim("directly-below", "role", "A", "of", "K")
                .plan();
        int shown = 0;
        for (Survey.Finding finding :
                Surveyor.survey(plan, SurveyOptions.withDefaults()).findings()) {
            int index = plan.conditions().indexOf(finding.condition());
            for (Survey.Chart chart : finding.charts()) {
                for (Survey.Bar bar : chart.bars()) {
                    SurveyOptions only =
                            SurveyOptions.withDefaults().withOnly(chart.choice().key(), bar.number());
                    World byStates =
                            Surveyor.survey(plan, only).findings().get(index).failing();
                    World byTree = Surveyor.survey(plan, only.visiting())
                            .findings()
                            .get(index)
                            .failing();
                    assertThat(byStates).isEqualTo(byTree);
                    assertThat(byStates == null).isEqualTo(bar.held() == bar.worlds());
                    if (byStates != null) {
                        assertThat(byStates.numbers())
                                .containsEntry(chart.choice().key(), bar.number());
                        assertThat(failsIn(plan, byStates, index)).isTrue();
                        shown++;
                    }
                }
            }
        }
        assertThat(shown).isGreaterThan(20);
    }

    /** A number that later states do not allow leads nowhere: what fails before it is shown with it all the same, or not at all. */
    @Test
    void a_number_that_is_not_always_possible_is_shown_failing() {
        for (String before : List.of("spectator-cut", "spectator-riffle")) {
            Plan plan = Script.deck(12)
                    .key("K", "AS", 1)
                    .step(before)
                    .claim("position", "role", "K", "nth", "1-3")
                    .step("overhand", "chunks", "2-9 2-9 2-9 rest")
                    .claim("pile-size", "cards", "12")
                    .plan();
            String third = "s2.chunks[2]";
            for (int number : new int[] {2, 7, 8, 99}) {
                Survey survey =
                        Surveyor.survey(plan, SurveyOptions.withDefaults().withOnly(third, number));
                boolean possible = number <= 8;
                List<World> shown = survey.findings().stream()
                        .map(Survey.Finding::failing)
                        .filter(Objects::nonNull)
                        .toList();
                assertThat(shown.isEmpty()).as("%s, %d", before, number).isNotEqualTo(possible);
                for (World world : shown) {
                    assertThat(world.numbers()).containsEntry(third, number);
                }
            }
        }
    }

    /** Two rough shuffles within one move, of which both are taken chunk by chunk. */
    @Test
    void two_rough_shuffles_in_one_move() {
        Plan plan = Script.deck(13)
                .selection("A", "Ines")
                .key("K", "AS", 13)
                .step("spread-pick", "at", "any")
                .step("return-on-lower", "at", "any")
                .step("jog-keep-stock", "stock", "3-4", "chunks", "2±1 1-2 rest", "again", "3±1 rest")
                .claim("position", "role", "A", "nth", "1-4")
                .plan();

        agree("both rough", plan, tree(plan), states(plan).orElseThrow());
    }

    /** What the performer knows of places before such a move goes on to matter after it. */
    /** What comes into view while cards are pulled off depends on which: there, all are tried together. */
    @Test
    void faces_that_are_waited_for_are_seen_as_before() {
        Plan plan = Script.deck(10)
                .key("K", "AS", 4)
                .step("turn-card", "at", "4")
                .step("overhand", "chunks", "2±1 2±1 rest")
                .claim("seen", "face", "K")
                .plan();

        agree("a card face up", plan, tree(plan), states(plan).orElseThrow());
    }

    /** More ways than have a number are weighed: the sample agrees. */
    @Test
    void shuffles_of_many_rough_chunks_are_judged_over_all_ways() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .key("K", "AS", 52)
                .step("spread-pick", "at", "any")
                .step("return-on-lower", "at", "any");
        for (int i = 0; i < 3; i++) {
            script.step("spectator-cut", "depth", "any").step("overhand", "chunks", "8±2 8±2 8±2 8±2 8±2 8±2");
        }
        Plan plan = script.claim("pile-size", "cards", "52")
                .claim("directly-below", "role", "A", "of", "K")
                .plan();

        Survey survey = Surveyor.survey(plan, SurveyOptions.withDefaults());
        assertThat(survey.exhaustive()).isTrue();
        assertThat(survey.counted()).isFalse();
        assertThat(agreesWithSample("three shuffles", plan)).isTrue();
    }

    /**
     * By hand: a riffle leaves the top card on top with one half and 2^-52 (P. Diaconis, “Group representations in probability
     * and statistics”, 1988, chapter 4D, describes the riffle by its coins). After a second one it lies there from the places
     * 1 to 52 with what each of them gives.
     */
    @Test
    void the_top_card_after_riffles() {
        Script once =
                Script.deck(52).key("K", "AS", 1).step("spectator-riffle").claim("position", "role", "K", "nth", "1");
        assertThat(claimed(once).low()).isCloseTo(0.5 + Math.scalb(1.0, -52), within(1e-15));

        // From place p it comes to the top only as the first card of the lower packet: the first final place is marked
        // for that,
        // and just p − 1 of the other 51 places for the upper one.
        double twice = (0.5 + Math.scalb(1.0, -52)) * (0.5 + Math.scalb(1.0, -52));
        double choose = 1;
        for (int place = 2; place <= 52; place++) {
            choose *= (52.0 - (place - 1)) / (place - 1);
            twice += Math.scalb(1.0, -place) * Math.scalb(choose, -52);
        }
        Script again = Script.deck(52)
                .key("K", "AS", 1)
                .step("spectator-riffle")
                .step("spectator-riffle")
                .claim("position", "role", "K", "nth", "1");
        Script both = Script.deck(52)
                .key("K", "AS", 1)
                .step("spectator-riffle", "times", "2")
                .claim("position", "role", "K", "nth", "1");
        assertThat(claimed(again).low()).isCloseTo(twice, within(1e-15));
        assertThat(claimed(both).low()).isCloseTo(twice, within(1e-15));
    }

    /** By hand, common practice: neighbours are parted if one of the five chunk ends of 51 falls between them. */
    @Test
    void neighbours_in_an_overhand_shuffle_by_chance() {
        Script script = Script.deck(52)
                .key("K", "AS", 20)
                .key("L", "2S", 21)
                .step("spectator-overhand", "chunks", "6")
                .claim("directly-below", "role", "L", "of", "K");

        assertThat(claimed(script).low()).isCloseTo(46.0 / 51, within(1e-14));
    }

    /** What is seen before a survey is done shows ways, and settles nothing. */
    @Test
    void a_glance_is_no_verdict() {
        Plan plan = fourKeys().plan();
        Survey glance = Surveyor.glance(plan, SurveyOptions.withDefaults(), 200);

        assertThat(glance.worlds()).isEqualTo(200);
        assertThat(glance.stopped()).isTrue();
        assertThat(glance.exhaustive()).isFalse();
        assertThat(glance.allHold()).isFalse();
        assertThat(glance.findings())
                .extracting(Survey.Finding::verdict)
                .containsOnly(Survey.Verdict.SOMETIMES, Survey.Verdict.OPEN);
        assertThat(glance.findings()).allMatch(finding -> finding.low() < finding.high());
    }

    /** A card at place 10 comes to the top by one riffle in a million: it is found and shown, and fails there. */
    @Test
    void what_fails_in_one_shuffle_of_a_million_is_shown() {
        Script script = Script.deck(52)
                .key("K", "AS", 10)
                .step("spectator-riffle")
                .claim("position", "role", "K", "nth", "2-52");
        Survey.Finding finding = claimed(script);
        // The first place is marked for the lower packet, and nine of the 51 others for the upper one.
        double choose = 1;
        for (int marked = 1; marked <= 9; marked++) {
            choose *= (52.0 - marked) / marked;
        }

        assertThat(1 - finding.low()).isCloseTo(Math.scalb(choose, -52), within(1e-15));
        assertThat(finding.failing()).isNotNull();
        assertThat(script.trace(finding.failing().numbers())
                        .end()
                        .layout()
                        .at(Place.read("deck").orElseThrow())
                        .card(1))
                .isEqualTo(script.plan().pack().find("AS", any -> true));
    }

    /** The bottom card comes to the top by one riffle in 2^52: too seldom to be shown, and never told as never. */
    @Test
    void what_can_happen_is_never_told_as_impossible() {
        Survey.Finding finding = claimed(Script.deck(52)
                .key("K", "AS", 52)
                .step("spectator-riffle")
                .claim("position", "role", "K", "nth", "2-52"));

        assertThat(finding.verdict()).isEqualTo(Survey.Verdict.SOMETIMES);
        assertThat(finding.failing()).isNull();
        assertThat(finding.because()).contains("so unlikely");
    }

    /** What is claimed by itself, not by a move. */
    private static Survey.Finding claimed(Script script) {
        return script.survey().findings().stream()
                .filter(finding -> finding.condition().kind() == Condition.Kind.CLAIM)
                .findFirst()
                .orElseThrow();
    }

    /** By hand: of a hundred people it works with 85, and of the others each thinks of any of the other cards. */
    @Test
    void a_rate_is_exact() {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .role("F", RoleKind.FORCE, "", "QH")
                .place("2C", 25)
                .place("QH", 26)
                .mark("2C", "short")
                .step("force-short-riffle")
                .claim("same-card", "role", "A", "of", "F");

        assertThat(claimed(script).low()).isCloseTo(0.85, within(1e-12));
    }

    private static Script fourKeys() {
        Script script = Script.deck(52);
        for (int key = 1; key <= 4; key++) {
            script.key("KLMN".substring(key - 1, key), key + 1 + "S", key);
        }
        return script.step("spectator-riffle").claim("directly-below", "role", "L", "of", "K");
    }

    /**
     * By hand, by the coins that mark the final places: the first place that is marked for the upper packet has the key, and the
     * second card lies below it if the next place is marked for it, too. Beside this it does where no place is, or only the first.
     * A claim follows the two cards that it names, however many have names.
     */
    @Test
    void of_many_keys_a_claim_follows_those_that_it_names() {
        assertThat(fourKeys().survey().exhaustive()).isTrue();
        assertThat(claimed(fourKeys()).low()).isCloseTo(0.5 + Math.scalb(1.0, -52), within(1e-15));
    }

    /** With more cards to follow than have exact places it is sampled, and said to be. */
    @Test
    void four_cards_that_a_claim_asks_for_are_sampled() {
        Script script = Script.deck(52);
        for (int key = 1; key <= 4; key++) {
            script.key("KLMN".substring(key - 1, key), key + 1 + "S", key);
        }
        Survey survey = script.role("S", RoleKind.SLUG, "", "2S 3S 4S 5S")
                .step("spectator-riffle")
                .claim("together", "role", "S")
                .survey();

        assertThat(survey.exhaustive()).isFalse();
        assertThat(survey.worlds()).isEqualTo(100_000);
        assertThat(survey.sampledBecause()).isEqualTo("more than three cards matter in one shuffle");
    }
}
