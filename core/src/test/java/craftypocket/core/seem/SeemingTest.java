package craftypocket.core.seem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import craftypocket.core.Demos;
import craftypocket.core.Script;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Audience;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.Problem;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What people think and see, against what is worked out by hand from what each of these routines shows. Common practice. */
class SeemingTest {

    private static Seeming seen(Script script) {
        return Seeming.of(script.plan(), script.trace());
    }

    private static List<Wonder.Kind> flaws(Seeming seeming) {
        return seeming.moments().stream()
                .flatMap(moment -> moment.flaws().stream())
                .map(Wonder::kind)
                .toList();
    }

    private static List<Wonder.Kind> effects(Seeming seeming) {
        return seeming.moments().stream()
                .flatMap(moment -> moment.effects().stream())
                .map(Wonder::kind)
                .toList();
    }

    private static Seen last(Seeming seeming) {
        return seeming.moments().get(seeming.moments().size() - 1);
    }

    private static Seen.ThoughtPile pile(Seen seen, String place) {
        return seen.piles().stream()
                .filter(pile -> pile.place().text().equals(place))
                .findFirst()
                .orElse(new Seen.ThoughtPile(Place.read(place).orElseThrow(), List.of()));
    }

    private static List<Optional<Side>> faces(Seen.ThoughtPile pile) {
        return pile.cards().stream().map(Seen.ThoughtCard::face).toList();
    }

    private static long jacks(Seen.ThoughtPile pile) {
        return faces(pile).stream()
                .flatMap(Optional::stream)
                .filter(face -> face.rank() == 11)
                .count();
    }

    @Test
    void a_blank_counted_away_is_a_jack_to_them_and_cannot_be_handed_out() {
        Script three = Script.deck(0)
                .extra("none", "JS JH blank JD")
                .pile("other-hand", "JS↑ JH↑ blank↑ JD↑")
                .step("hidden-third", "pile", "other-hand");

        Seeming seeming = seen(three);

        assertThat(jacks(pile(last(seeming), "other-hand"))).isEqualTo(4);
        assertThat(last(seeming).piles()).hasSize(1);
        assertThat(seeming.unclean())
                .anyMatch(each -> each.sentence().contains("is a blank card; they take it for the J"));

        Seeming clean = seen(Script.deck(0)
                .extra("none", "JS JH JC JD")
                .pile("other-hand", "JS↑ JH↑ JC↑ JD↑")
                .step("count-beats", "pile", "other-hand", "beats", "peel peel peel peel"));
        assertThat(clean.unclean()).isEmpty();
        assertThat(flaws(clean)).isEmpty();
    }

    private static Survey.Verdict examined(Script script) {
        script.claim("beliefs-true");
        return JudgedBySight.of(script.plan(), script.survey(), () -> false)
                .findings()
                .get(0)
                .verdict();
    }

    /** Judged by a survey alone, a packet that was counted as four jacks could always be handed out. */
    @Test
    void what_can_be_examined_is_judged_over_all_ways() {
        String[] count = {"pile", "other-hand"};
        Script three = Script.deck(0).extra("none", "JS JH blank JD").pile("other-hand", "JS↑ JH↑ blank↑ JD↑");
        Script four = Script.deck(0).extra("none", "JS JH JC JD").pile("other-hand", "JS↑ JH↑ JC↑ JD↑");
        assertThat(examined(three.step("hidden-third", count))).isEqualTo(Survey.Verdict.NEVER);
        assertThat(examined(four.step("count-beats", "pile", "other-hand", "beats", "peel peel peel peel")))
                .isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(examined(Script.deck(52).step("complete-cut", "depth", "any")))
                .isEqualTo(Survey.Verdict.ALWAYS);
        // They cut at 1 to 51, twice; a third time, and they are more ways than are followed one by one.
        String[] freely = {"depth", "any"};
        Script cut = Script.deck(52).step("complete-cut", freely).step("complete-cut", freely);
        assertThat(examined(cut)).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(examined(Script.deck(52)
                        .step("complete-cut", freely)
                        .step("complete-cut", freely)
                        .step("complete-cut", freely)))
                .isEqualTo(Survey.Verdict.UNTOLD);
    }

    /** One to four cards are lifted off; only where it is one, a card is palmed, and the deck is a card short. */
    @Test
    void what_can_be_examined_in_some_ways_is_told_with_their_share() {
        Script some = Script.deck(52)
                .step("lift-packet", "count", "1-4", "to", "table:packet")
                .step(Step.of("palm", "palm-top", "count", "1")
                        .onlyIf(ClaimSpec.of("pile-size", "pile", "table:packet", "cards", "1")))
                .claim("beliefs-true");

        Survey.Finding found = JudgedBySight.of(some.plan(), some.survey(), () -> false)
                .findings()
                .get(0);

        assertThat(found.verdict()).isEqualTo(Survey.Verdict.SOMETIMES);
        assertThat(found.low()).isEqualTo(0.75).isEqualTo(found.high());
        assertThat(found.held()).isEqualTo(3);
        assertThat(seenIn(some, found.failing()).unclean()).isNotEmpty();
    }

    /**
     * The card that was shown is dealt, they think. Where two were lifted it lies on the deck still, and is seen there in the end: it is at
     * two places. Where one was lifted, a card is turned that nobody has seen.
     */
    @Test
    void nothing_strange_is_judged_over_all_ways() {
        Survey.Finding some = strange(liftedThenTurned("1-2"), ClaimSpec.of("nothing-strange"));
        assertThat(some.verdict()).isEqualTo(Survey.Verdict.SOMETIMES);
        assertThat(some.held()).isEqualTo(1);
        assertThat(some.failing().numbers()).containsValue(2);
        assertThat(some.because()).isNotEmpty();
        assertThat(strange(liftedThenTurned("2"), ClaimSpec.of("nothing-strange"))
                        .verdict())
                .isEqualTo(Survey.Verdict.NEVER);
        assertThat(strange(liftedThenTurned("1"), ClaimSpec.of("nothing-strange"))
                        .verdict())
                .isEqualTo(Survey.Verdict.ALWAYS);
    }

    @Test
    void the_opposite_is_judged_too_and_an_alternative_is_not_told() {
        ClaimSpec strange = ClaimSpec.of("nothing-strange").denied();
        assertThat(strange(liftedThenTurned("2"), strange).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(strange(liftedThenTurned("1"), strange).verdict()).isEqualTo(Survey.Verdict.NEVER);
        Survey.Finding some = strange(liftedThenTurned("1-2"), strange);
        assertThat(some.low()).isEqualTo(0.5);
        assertThat(some.failing().numbers()).containsValue(1);
        ClaimSpec either = ClaimSpec.of("nothing-strange").or(ClaimSpec.of("pile-size", "pile", "deck", "cards", "3"));
        assertThat(strange(liftedThenTurned("1-2"), either).verdict()).isEqualTo(Survey.Verdict.UNTOLD);
        // The other thing is so: that something strange is seen is no failing.
        ClaimSpec so = ClaimSpec.of("nothing-strange").or(ClaimSpec.of("pile-size", "pile", "deck", "cards", "51"));
        assertThat(strange(liftedThenTurned("2"), so).verdict()).isEqualTo(Survey.Verdict.UNTOLD);
        assertThat(strange(liftedThenTurned("2"), so).failing()).isNull();
        ClaimSpec unclean = ClaimSpec.of("beliefs-true").denied();
        assertThat(strange(liftedThenTurned("1").step("palm-top", "count", "1"), unclean)
                        .verdict())
                .isEqualTo(Survey.Verdict.ALWAYS);
    }

    @Test
    void by_a_real_shuffle_or_too_many_ways_nothing_is_told() {
        Script shuffled = liftedThenTurned("1").step("spectator-riffle");
        assertThat(strange(shuffled, ClaimSpec.of("nothing-strange")).verdict()).isEqualTo(Survey.Verdict.UNTOLD);
    }

    /** What has no eyes says nothing of it: neither a survey alone, nor one that was stopped, nor a search for a number. */
    @Test
    void nothing_is_told_of_it_without_eyes() {
        Script script = liftedThenTurned("2").claim(ClaimSpec.of("nothing-strange"));

        assertThat(script.survey().allHold()).isFalse();
        assertThat(script.survey().findings().get(0).verdict()).isEqualTo(Survey.Verdict.UNTOLD);
        assertThat(JudgedBySight.of(script.plan(), script.survey(), () -> true)
                        .findings()
                        .get(0)
                        .verdict())
                .isEqualTo(Survey.Verdict.UNTOLD);
    }

    @Test
    void no_step_waits_for_it_and_nobody_believes_it() {
        ClaimSpec strange = ClaimSpec.of("nothing-strange");
        Script waiting = Script.deck(52).step(Step.of("turn", "turn-top").onlyIf(strange));
        assertThatThrownBy(waiting::plan).hasMessageContaining("not asked of a layout");
        assertThat(ClaimSpec.of("same-card").or(strange).unasked("goal"))
                .extracting(Problem::field)
                .containsExactly("goal.or[0].kind");
    }

    private static Script liftedThenTurned(String cards) {
        return Script.deck(52)
                .step("multiple-lift", "count", cards)
                .step("deal-singly", "count", "1", "face", "down", "to", "table:aside")
                .step("turn-top", "pile", "deck");
    }

    private static Survey.Finding strange(Script script, ClaimSpec claim) {
        script.claim(claim);
        return JudgedBySight.of(script.plan(), script.survey(), () -> false).findings().stream()
                .filter(finding -> finding.condition().kind() == Condition.Kind.CLAIM)
                .findFirst()
                .orElseThrow();
    }

    private static Seeming seenIn(Script script, World world) {
        return Seeming.of(script.plan(), Tracer.trace(script.plan(), world));
    }

    private static Script lifted(String cards) {
        return Script.deck(52)
                .step("multiple-lift", "count", cards)
                .step("deal-singly", "count", "1", "face", "down", "to", "table:aside")
                .step(Step.of("turn", "turn-top", "pile", "table:aside").with(new Audience(Audience.Effect.YES, "")));
    }

    @Test
    void two_lifted_as_one_change_on_the_table_and_one_does_not() {
        Seeming two = seen(lifted("2"));
        Seen dealt = two.moments().get(2);

        // They think that the card that was shown, the second of the deck, lies there.
        assertThat(faces(pile(dealt, "table:aside")))
                .containsExactly(
                        Optional.of(Script.deck(52).plan().pack().card(1).front()));
        assertThat(dealt.parts())
                .contains(new Seen.Spot(Place.read("table:aside").orElseThrow(), 1));
        assertThat(effects(two)).containsExactly(Wonder.Kind.CHANGED);
        assertThat(flaws(two)).isEmpty();
        assertThat(effects(seen(lifted("1")))).isEmpty();
    }

    @Test
    void a_card_controlled_to_the_top_is_found_there() {
        Script control = Script.deck(52)
                .selection("A", "Ines")
                .step("spread-pick", "role", "A")
                .step("jog-control", "role", "A")
                .step("wait")
                .step("top-card-turn", "role", "A");
        Plan plan = control.plan();

        Seeming seeming = seen(control);

        assertThat(effects(seeming)).containsExactly(Wonder.Kind.FOUND);
        assertThat(flaws(seeming)).isEmpty();
        assertThat(seeming.account())
                .containsExactly(
                        "Ines chooses a card.",
                        "The deck is shuffled.",
                        "Ines’s card is put back.",
                        "The top card of the deck is Ines’s card.");
        assertThat(seeming.moments().get(2).thinks()).isEqualTo("Ines’s card is somewhere in the deck.");
        assertThat(RestsOn.of(plan, World.USUAL, seeming, AllMoves.CATALOGUE))
                .extracting(RestsOn::rests, RestsOn::away)
                .containsExactly(tuple(List.of("s2"), 2));
        assertThat(seeming.unclean()).isEmpty();
    }

    @Test
    void aces_switched_by_adding_on_are_taken_for_aces() {
        Script added = Script.deck(52)
                .pile("other-hand", "AS↑ AH↑ AD↑ AC↑")
                .step("hold-break", "depth", "3")
                .step("add-on")
                .step("deal-singly", "count", "4", "face", "down", "to", "table:lights");

        Seeming seeming = seen(added);
        Seen.ThoughtPile lights = pile(seeming.moments().get(3), "table:lights");

        assertThat(faces(lights)).allMatch(face -> face.map(Side::rank).equals(Optional.of(1)));
        assertThat(pile(seeming.moments().get(3), "deck").cards()).hasSize(48);
        assertThat(seeming.unclean())
                .hasSize(3)
                .allMatch(each -> each.sentence().contains("they take it for the A"));
        assertThat(flaws(seeming)).isEmpty();
    }

    @Test
    void an_exchange_of_two_packets_is_two_journeys_and_a_count_that_shows_it_early_is_a_flaw() throws IOException {
        Seeming cabins = demo("Two cabins");

        assertThat(effects(cabins)).containsExactly(Wonder.Kind.TRAVELLED, Wonder.Kind.TRAVELLED);
        assertThat(flaws(cabins)).isEmpty();

        Script early = Script.deck(0)
                .extra("none", "QH QH QH blank")
                .pile("table:left", "QH↑ QH↑ blank↑ QH↑")
                .step("hidden-third", "pile", "table:left")
                .step("count-beats", "pile", "table:left", "beats", "peel peel peel peel");
        assertThat(seen(early).moments().get(2).flaws())
                .extracting(Wonder::kind)
                .containsExactly(Wonder.Kind.CHANGED);
    }

    @Test
    void a_palmed_card_is_missed_just_where_they_count_to_the_end() {
        Script palm = Script.deck(52).step("palm-top", "count", "1").step("hand-over", "to", "spectator:Bruno");
        Seeming held = seen(palm);
        assertThat(pile(last(held), "spectator:Bruno").cards()).hasSize(52);
        assertThat(flaws(held)).isEmpty();
        assertThat(held.unclean())
                .extracting(Unclean::sentence)
                .contains("Bruno’s hand has 51 cards; they think that it has 52.");
        // What would put it right is that he has all of them, and the palm none.
        assertThat(held.unclean().stream().flatMap(each -> each.clean().stream()))
                .extracting(ClaimSpec::settings)
                .containsExactlyInAnyOrder(
                        Map.of("pile", "spectator:Bruno", "compare", "exactly", "cards", "52"),
                        Map.of("pile", "palm", "compare", "exactly", "cards", "0"));

        String[] some = {"pile", "spectator:Bruno", "count", "30", "face", "down"};
        String[] all = {"pile", "spectator:Bruno", "count", "51", "face", "down"};
        assertThat(flaws(seen(palm.step("deal-singly", some)))).isEmpty();
        Seeming counted = seen(Script.deck(52)
                .step("palm-top", "count", "1")
                .step("hand-over", "to", "spectator:Bruno")
                .step("deal-singly", all));
        assertThat(flaws(counted)).containsExactly(Wonder.Kind.VANISHED);
        assertThat(last(counted).flaws()).hasSize(1);
    }

    private static Script foretold(boolean before) {
        SetUp.LaidThing note =
                new SetUp.LaidThing("note", "pocket:inside", 0, "", 0, 0, "none", true, before ? "5C" : "");
        Script script = Script.deck(52).thing(note).role("A", RoleKind.SELECTION, "Ines", "");
        script.place("5C", 20).step(Step.of("pick", "spread-pick", "role", "A", "at", "20"));
        if (!before) {
            script.step(Step.of("write", "write-on", "role", "A", "thing", "note"));
        }
        return script.step(Step.of("out", "place-thing", "thing", "note", "to", "table:mat"));
    }

    @Test
    void what_was_written_is_foretold_whenever_it_was_written_and_the_method_tells_which() {
        Seeming before = seen(foretold(true));
        Seeming after = seen(foretold(false));

        assertThat(effects(before)).containsExactly(Wonder.Kind.FORETOLD).isEqualTo(effects(after));
        assertThat(before.account()).isEqualTo(after.account());
        assertThat(rests(foretold(true), before)).isEmpty();
        assertThat(rests(foretold(false), after)).containsExactly("write");
    }

    private static List<String> rests(Script script, Seeming seeming) {
        return RestsOn.of(script.plan(), World.USUAL, seeming, AllMoves.CATALOGUE)
                .get(0)
                .rests();
    }

    private static Seeming demo(String title) throws IOException {
        Demos.Demo demo = Demos.all().stream()
                .filter(one -> one.title().equals(title))
                .findFirst()
                .orElseThrow();
        return seen(demo.script());
    }

    private static final List<String[]> OPEN = List.of(
            new String[] {"complete-cut", "depth", "any"},
            new String[] {"overhand"},
            new String[] {"spectator-riffle"},
            new String[] {"deal-singly", "count", "7", "face", "down", "to", "table:dealt"},
            new String[] {"deal-singly", "count", "3", "face", "up", "to", "table:seen"},
            new String[] {"lift-packet", "count", "9", "to", "table:packet"},
            new String[] {"drop-packet", "packet", "table:packet"},
            new String[] {"drop-packet", "packet", "table:dealt"},
            new String[] {"hand-over", "pile", "deck", "to", "spectator:Tove"},
            new String[] {"hand-over", "pile", "spectator:Tove", "to", "deck"},
            new String[] {"turn-top", "pile", "table:dealt"},
            new String[] {"turn-over", "pile", "table:packet"},
            new String[] {"spread-pick", "role", "A", "at", "any"},
            new String[] {"put-back", "role", "A", "at", "any"},
            new String[] {"top-card-turn", "role", "A"});

    /** Of honest moves alone nothing surprises but a card that is found, and all lies as they think, whatever people choose. */
    @Test
    void honest_moves_surprise_nobody() {
        SplittableRandom random = new SplittableRandom(31);
        int found = 0;
        for (int round = 0; round < 400; round++) {
            Script script = Script.deck(random.nextInt(4) == 0 ? 1 + random.nextInt(4) : 52)
                    .selection("A", "Ines");
            int steps = 2 + random.nextInt(9);
            boolean sought = round % 2 == 0;
            if (sought) {
                script.step("spread-pick", "role", "A", "at", "any").step("put-back", "role", "A", "at", "any");
            }
            for (int step = 0; step < steps; step++) {
                String[] move = OPEN.get(random.nextInt(OPEN.size()));
                script.step(move[0], Arrays.copyOfRange(move, 1, move.length));
            }
            if (sought) {
                script.step("top-card-turn", "role", "A");
            }
            Map<String, Integer> world = new HashMap<>();
            script.plan().choices().forEach(choice -> world.put(choice.key(), 1 + random.nextInt(52)));
            Seeming seeming = Seeming.of(script.plan(), script.trace(world));

            assertThat(flaws(seeming)).as(script.routine().toString()).isEmpty();
            assertThat(effects(seeming)).allMatch(kind -> kind == Wonder.Kind.FOUND);
            assertThat(seeming.moments()).allMatch(moment -> moment.parts().isEmpty());
            assertThat(seeming.unclean()).isEmpty();
            found += effects(seeming).size();
        }
        assertThat(found).isPositive();
    }

    /** What is hidden makes no difference: how many are palmed, where a break is held, in which order the cards lie. */
    @Test
    void what_they_think_does_not_depend_on_what_is_hidden() {
        SplittableRandom random = new SplittableRandom(8);
        for (int round = 0; round < 200; round++) {
            List<String[]> open = new ArrayList<>();
            for (int step = 0; step < 6; step++) {
                open.add(OPEN.get(random.nextInt(4)));
            }
            assertThat(hidden(open, 1 + random.nextInt(3), 3 + random.nextInt(40), random.split()))
                    .isEqualTo(hidden(open, 1 + random.nextInt(3), 3 + random.nextInt(40), random.split()));
        }
    }

    /** The piles that they think of, without the numbers of the cards. */
    private static List<String> hidden(List<String[]> open, int palmed, int gap, SplittableRandom random) {
        List<Integer> order =
                new ArrayList<>(Stream.iterate(1, n -> n + 1).limit(52).toList());
        Collections.shuffle(order, new Random(random.nextLong()));
        Script script = Script.deck(52)
                .order(String.join(" ", order.stream().map(n -> "#" + n).toList()))
                .step("glimpse", "where", "bottom")
                .step("hold-break", "depth", String.valueOf(gap))
                .step("palm-top", "count", String.valueOf(palmed));
        open.forEach(move -> script.step(move[0], Arrays.copyOfRange(move, 1, move.length)));
        Seeming seeming = seen(script);
        return seeming.moments().stream()
                .map(moment -> moment.flaws()
                        + moment.thinks()
                        + moment.told()
                        + moment.piles().stream()
                                .map(pile -> pile.place().text()
                                        + faces(pile)
                                        + pile.cards().stream()
                                                .map(Seen.ThoughtCard::faceUp)
                                                .toList())
                                .toList())
                .toList();
    }

    @Test
    void every_move_says_what_it_looks_like() {
        for (Move move : AllMoves.CATALOGUE.moves()) {
            assertThatCode(move::seems).as(move.id()).doesNotThrowAnyException();
        }
    }

    private static final Pattern METHOD = Pattern.compile(
            "break|jog|palm|bend|bent|crimp|glimpse|peek|control|force|key|cull|glide|as one|slip|load|\\bstep\\b");

    /** Each demo is told as by somebody who does not know how it is done, and has nothing in it that should not be seen. */
    @Test
    void no_demo_tells_its_method_or_shows_a_flaw() throws IOException {
        int effects = 0;
        for (Demos.Demo demo : Demos.all()) {
            Plan plan = demo.script().plan();
            Trace trace = Tracer.trace(plan, World.USUAL);
            Seeming seeming = Seeming.of(plan, trace);
            String told = String.join(" ", seeming.account()).replace("key case", "");

            assertThat(flaws(seeming)).as(demo.title()).isEmpty();
            assertThat(METHOD.matcher(told).results().map(r -> r.group()).toList())
                    .as(told)
                    .isEmpty();
            AllMoves.CATALOGUE.moves().stream()
                    .filter(move -> move.profile().secret())
                    .forEach(move -> assertThat(told).doesNotContain(move.name()));
            effects += effects(seeming).isEmpty() ? 0 : 1;
        }
        // The switch alone has no end of its own.
        assertThat(effects).isEqualTo(Demos.all().size() - 1);
    }

    /** In no way is anything strange to be seen in a demo that is short enough to be followed in all of them. */
    @Test
    void nothing_strange_is_in_any_way_of_a_demo() throws IOException {
        int always = 0;
        for (Demos.Demo demo : Demos.all()) {
            Script script = demo.script().claim(ClaimSpec.of("nothing-strange"));
            Survey one = Surveyor.survey(
                    script.plan(),
                    SurveyOptions.withDefaults()
                            .visiting()
                            .withExhaustiveUpTo(0)
                            .withSample(1, 1));
            List<Survey.Finding> findings =
                    JudgedBySight.of(script.plan(), one, () -> false).findings();
            Survey.Finding nothing = findings.get(findings.size() - 1);
            assertThat(nothing.verdict()).as(demo.title()).isIn(Survey.Verdict.ALWAYS, Survey.Verdict.UNTOLD);
            assertThat(nothing.failing()).as(demo.title()).isNull();
            always += nothing.verdict() == Survey.Verdict.ALWAYS ? 1 : 0;
        }
        assertThat(always).isGreaterThan(30);
    }

    private static final List<String[]> HIDDEN = List.of(
            new String[] {"palm-top", "count", "1"},
            new String[] {"palm-top", "count", "2"},
            new String[] {"palm-replace"},
            new String[] {"turn-upper-half"},
            new String[] {"half-pass", "hold", "last"},
            new String[] {"load", "from", "palm", "to", "pocket:inside"},
            new String[] {"hand-over", "to", "spectator:Bruno"});

    /** What would be so if it were put right is not so yet, by the plain claim; whatever has a wrong number of cards says it. */
    @Test
    void what_would_be_so_if_it_were_clean_is_not_so_yet() throws IOException {
        List<Script> scripts = new ArrayList<>();
        for (Demos.Demo demo : Demos.all()) {
            scripts.add(demo.script());
        }
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 300; round++) {
            Script script = Script.deck(1 + random.nextInt(12)).step("hold-break", "depth", "1");
            for (int step = 0; step < 1 + random.nextInt(3); step++) {
                String[] move = HIDDEN.get(random.nextInt(HIDDEN.size()));
                script.step(move[0], Arrays.copyOfRange(move, 1, move.length));
            }
            scripts.add(script);
        }
        int asked = 0;
        for (Script script : scripts) {
            for (Unclean unclean : seen(script).unclean()) {
                boolean number = unclean.sentence().startsWith("In ")
                        || unclean.sentence().contains("they think that it has")
                        || unclean.sentence().contains("it has none");
                assertThat(unclean.clean().isPresent() || !number)
                        .as(unclean.sentence())
                        .isTrue();
                if (unclean.clean().isPresent()) {
                    Plan plan = Script.from(script.routine())
                            .claim(unclean.clean().get())
                            .plan();
                    Condition said =
                            plan.conditions().get(plan.routine().claims().size() - 1);
                    assertThat(said.check().holds(Tracer.surface(plan, World.USUAL)))
                            .as("%s: %s, %s", script.routine().steps(), unclean.sentence(), said.sentence())
                            .isFalse();
                    asked++;
                }
            }
        }
        assertThat(asked).isGreaterThan(100);
    }

    /** Whatever people choose, each demo can be told, and shows no flaw. */
    @Test
    void no_demo_shows_a_flaw_whatever_people_choose() throws IOException {
        SplittableRandom random = new SplittableRandom(17);
        for (Demos.Demo demo : Demos.all()) {
            Plan plan = demo.script().plan();
            for (int round = 0; round < 15; round++) {
                Map<String, Integer> world = new HashMap<>();
                plan.choices().forEach(choice -> world.put(choice.key(), random.nextInt(60)));
                Trace trace = Tracer.trace(plan, new World(world));
                boolean asPlanned = trace.moments().stream()
                        .allMatch(moment -> moment.broken().isEmpty());
                Seeming seeming = Seeming.of(plan, trace);

                assertThat(seeming.moments()).hasSameSizeAs(trace.moments());
                if (asPlanned && !trace.outcomes().contains(false)) {
                    assertThat(flaws(seeming)).as(demo.title() + " " + world).isEmpty();
                }
            }
        }
    }
}
