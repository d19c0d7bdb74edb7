package craftypocket.core.claims;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.cards.CardText;
import craftypocket.core.layout.Knower;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.RandomRoutines;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who saw what: worked out by hand from how the cards lie, and compared with an observer who only looks at layouts. */
class SightTest {

    private static Script packet(String cards) {
        return Script.deck(52).extra("none", cards.replace("↑", "")).pile("other-hand", cards);
    }

    private static boolean holds(Script script) {
        List<Boolean> outcomes = script.trace().outcomes();
        return outcomes.get(0);
    }

    /** Beats by hand: 2♣, J♦, 4♣, 2♣ are seen; 3♣ goes by inside the block. */
    @ParameterizedTest
    @CsvSource({"JD, false", "3C, true", "2C, false", "4C, false", "5C, true"})
    void hiding_the_third_of_four(String face, boolean unseen) {
        Script script = packet("2C↑ JD↑ 3C↑ 4C↑").step("hidden-third");

        assertThat(holds(script.claim("never-seen", "face", face))).isEqualTo(unseen);
        assertThat(holds(packet("2C↑ JD↑ 3C↑ 4C↑").step("hidden-third").claim("seen", "face", face)))
                .isEqualTo(!unseen);
    }

    @ParameterizedTest
    @CsvSource({"2C JD 4C, true", "2C JD 3C 4C, false", "2C JD, false", "4C JD 2C 2C, true"})
    void just_these_faces(String cards, boolean just) {
        assertThat(holds(packet("2C↑ JD↑ 3C↑ 4C↑").step("hidden-third").claim("faces-seen", "cards", cards)))
                .isEqualTo(just);
    }

    @Test
    void turning_a_pile_over_shows_what_was_at_its_bottom() {
        Trace trace = Script.deck(10).step("turn-over").trace();

        assertThat(trace.end().shown()).isEmpty();
        assertThat(trace.end().alsoSeen()).containsExactly(new Trace.Shown(9, true, Knower.EVERYBODY));
        assertThat(holds(Script.deck(10).step("turn-over").claim("never-seen", "face", "10S")))
                .isFalse();
        assertThat(holds(Script.deck(10).step("turn-over").claim("never-seen", "face", "9S")))
                .isTrue();
    }

    /** Three queens and a blank third, counted as four queens: the first queen is seen as the first and as the last. */
    @Test
    void a_face_seen_twice_gives_the_count_away_unless_there_are_more_of_it() {
        assertThat(holds(packet("QS↑ QH↑ blank↑ QD↑").step("hidden-third").claim("no-face-twice")))
                .isFalse();
        assertThat(holds(packet("QH↑ QH↑ blank↑ QH↑").step("hidden-third").claim("no-face-twice")))
                .isTrue();
        assertThat(holds(packet("QS↑ QH↑ QC↑ QD↑")
                        .step("count-beats", "beats", "peel peel peel peel")
                        .claim("no-face-twice")))
                .isTrue();
        assertThat(holds(packet("QS QH QC QD").step("hidden-third").claim("no-face-twice")))
                .isTrue();
    }

    @Test
    void only_backs_of_a_pile() {
        assertThat(holds(packet("AS AH AC AD KS KH").step("block-count").claim("only-backs", "pile", "other-hand")))
                .isTrue();
        assertThat(holds(packet("AS AH AC AD KS KH↑").step("block-count").claim("only-backs", "pile", "other-hand")))
                .isFalse();
    }

    @Test
    void what_is_turned_to_one_person_is_seen_by_that_person() {
        Script shown = Script.deck(10)
                .selection("A", "Ines")
                .selection("B", "Orla")
                .step("show-card", "at", "10", "whom", "Orla");
        shown.claim("seen", "face", "10S", "who", "Orla")
                .claim("seen", "face", "10S", "who", "Ines")
                .claim("seen", "face", "10S")
                .claim("seen", "face", "10S", "who", "you")
                .claim("never-seen", "face", "10S", "who", "Ines");

        assertThat(shown.trace().outcomes().subList(0, 5)).containsExactly(true, false, true, false, true);
        assertThat(Script.deck(10)
                        .step("glimpse")
                        .claim("seen", "face", "10S", "who", "you")
                        .claim("never-seen", "face", "10S")
                        .trace()
                        .outcomes()
                        .subList(0, 2))
                .containsExactly(true, true);
    }

    /** She takes the fourth card, which she looks at herself; then the fourth is shown, or another one. */
    @Test
    void somebody_is_never_shown_their_own_card() {
        Script own = Script.deck(10)
                .selection("A", "Ines")
                .step("spread-pick", "at", "4")
                .step("return-on-lower", "at", "3");

        assertThat(own.claim("own-card-unseen")
                        .claim("seen", "face", "A", "who", "Ines")
                        .claim("seen", "face", "A", "who", "you")
                        .trace()
                        .outcomes()
                        .subList(0, 3))
                .containsExactly(true, true, false);
        assertThat(holds(Script.deck(10)
                        .selection("A", "Ines")
                        .step("spread-pick", "at", "4")
                        .step("return-on-lower", "at", "3")
                        .step("show-card", "at", "4")
                        .claim("own-card-unseen")))
                .isFalse();
    }

    @Test
    void from_a_step_on_and_with_the_smallest_failing_way() {
        Script script = Script.deck(10)
                .order("2S 3S 4S 5S 6S AS↑")
                .step("complete-cut", "depth", "4-6")
                .step(Step.of("later", "complete-cut", "depth", "3"))
                .claim("never-seen", "face", "AS")
                .claim("never-seen", "face", "AS", "since", "later");

        // Cut by five, the ace lies on top, for all to see; a cut by three takes it away again. Nothing else brings it
        // up.
        assertThat(script.verdict(0).verdict()).isEqualTo(Survey.Verdict.SOMETIMES);
        assertThat(script.verdict(0).failing().numbers()).isEqualTo(Map.of("s1.depth", 5));
        assertThat(script.verdict(1).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
    }

    @Test
    void who_is_not_there_which_step_is_none_and_of_which_pile_nothing_can_be_seen() {
        assertThatThrownBy(() -> Script.deck(10)
                        .selection("A", "Ines")
                        .step("false-cut")
                        .claim("never-seen", "face", "A", "who", "Bruno")
                        .plan())
                .isInstanceOfSatisfying(ProblemsFound.class, found -> {
                    assertThat(found.problems().get(0).field()).isEqualTo("claims[0].claim.settings.who");
                    assertThat(found.problems().get(0).value()).isEqualTo("Bruno");
                    assertThat(found.problems().get(0).cure()).contains("you, Ines");
                });
        assertThatThrownBy(() -> Script.deck(10)
                        .step("false-cut")
                        .claim("never-seen", "face", "AS", "since", "gone")
                        .plan())
                .isInstanceOfSatisfying(
                        ProblemsFound.class,
                        found -> assertThat(found.problems().get(0).rule()).isEqualTo("there is no step of this name"));
        Script tooEarly = Script.deck(10).step("false-cut").claim("only-backs", "pile", "table:met");
        tooEarly.step("lift-packet", "count", "3", "to", "table:met").claim("only-backs", "pile", "table:met");
        assertThatThrownBy(tooEarly::plan)
                .isInstanceOfSatisfying(
                        ProblemsFound.class,
                        found -> assertThat(found.problems())
                                .extracting(problem -> problem.field() + " " + problem.rule())
                                .containsExactly("claims[0].claim.settings.pile there is no such pile by then"));
    }

    /** What an observer sees who looks at the table after each step, and is shown what the steps show. */
    private static Set<Integer> observed(Trace trace, int from, int to) {
        Set<Integer> seen = new HashSet<>();
        for (int moment = from + 1; moment <= to + 1; moment++) {
            Trace.Moment at = trace.moments().get(moment);
            at.shown().stream().filter(s -> s.toEverybody() && s.front()).forEach(s -> seen.add(s.card()));
            at.alsoSeen().stream().filter(s -> s.toEverybody() && s.front()).forEach(s -> seen.add(s.card()));
            at.layout().piles().stream()
                    .filter(pile -> pile.size() > 0 && pile.place().kind().open() && pile.faceUp(1))
                    .forEach(pile -> seen.add(pile.card(1)));
        }
        return seen;
    }

    @Test
    void claims_on_sight_are_what_an_observer_of_the_layouts_sees() {
        int seen = 0;
        int unseen = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (long seed : Rounds.seeds(40).toArray()) {
                Random random = new Random(seed * 31 + move.id().hashCode());
                Script script = RandomRoutines.with(move, seed);
                List<Step> steps = script.routine().steps();
                int from = random.nextInt(steps.size() + 1) - 1;
                String since = from < 0 ? "" : steps.get(from).id();
                script.claim("seen", "face", "AS", "since", since, "who", "");
                Trace trace = script.trace();
                Set<Integer> fronts = observed(trace, from, steps.size() - 1);
                boolean expected = fronts.stream()
                        .anyMatch(card -> script.plan()
                                .pack()
                                .card(card)
                                .front()
                                .equals(CardText.read("AS").orElseThrow()));
                int own = script.routine().claims().size() - 1;
                assertThat(trace.outcomes().get(own))
                        .as("%s, seed %d, since %s", move.id(), seed, since)
                        .isEqualTo(expected || ownLook(trace, from, steps.size() - 1));
                seen += expected ? 1 : 0;
                unseen += expected ? 0 : 1;
            }
        }
        assertThat(seen).isGreaterThan(2 * Rounds.of(40));
        assertThat(unseen).isGreaterThan(2 * Rounds.of(40));
    }

    /** Whether somebody looks at the ace, their own card or shown to them alone. */
    private static boolean ownLook(Trace trace, int from, int to) {
        boolean looks = false;
        for (int moment = from + 1; moment <= to + 1; moment++) {
            Trace.Moment at = trace.moments().get(moment);
            List<Trace.Shown> all = new ArrayList<>(at.shown());
            all.addAll(at.alsoSeen());
            looks |= all.stream().anyMatch(s -> s.turnedTo() > Knower.PERFORMER && s.front() && s.card() == 0);
        }
        return looks;
    }

    @Test
    void nobody_knows_a_name_they_have_not_seen() {
        int known = 0;
        for (Move move : AllMoves.CATALOGUE.moves()) {
            for (long seed : Rounds.seeds(20).toArray()) {
                Script script = RandomRoutines.with(move, seed);
                int people = script.plan().people().size();
                Trace trace = script.trace();
                Set<String> seen = new HashSet<>();
                for (Trace.Moment moment : trace.moments()) {
                    List<Trace.Shown> all = new ArrayList<>(moment.shown());
                    all.addAll(moment.alsoSeen());
                    assertThat(all).allMatch(s -> s.turnedTo() < people);
                    all.stream().filter(Trace.Shown::front).forEach(s -> seen.add(s.turnedTo() + ":" + s.card()));
                    for (Trace.RoleState role : moment.roles()) {
                        for (int knower : role.nameKnownTo()) {
                            if (knower != Knower.PERFORMER) {
                                known++;
                                assertThat(seen)
                                        .as("%s, seed %d: %s", move.id(), seed, moment.sentence())
                                        .containsAnyOf(
                                                knower + ":" + role.card(), Knower.EVERYBODY + ":" + role.card());
                            }
                        }
                    }
                }
            }
        }
        assertThat(known).isGreaterThan(20 * Rounds.of(20));
    }
}
