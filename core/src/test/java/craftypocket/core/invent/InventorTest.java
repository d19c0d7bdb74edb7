package craftypocket.core.invent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Rounds;
import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.settings.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Procedures are found from their questions alone, and each is what it says. */
class InventorTest {

    private static final int ROUNDS = Rounds.of(600);

    private static final ClaimSpec ANYWHERE = ClaimSpec.of("place-known", "role", "A");

    private static Question question(Script script, ClaimSpec goal, int steps, int choices) {
        Routine routine = script.plan().routine();
        String after = routine.steps().isEmpty()
                ? ""
                : routine.steps().get(routine.steps().size() - 1).id();
        return new Question(routine, after, goal, steps, choices, true, 0, 2, List.of(), 1);
    }

    private static List<Invention> found(Question question) {
        Inventor inventor = new Inventor(question, AllMoves.CATALOGUE);
        inventor.search(() -> false);
        assertThat(inventor.done()).isTrue();
        return inventor.found();
    }

    private static Script secretNumber() {
        return Script.deck(52).selection("A", "Ines").step("deal-to-number", "at", "1-12");
    }

    private static Script cutPacket(Script script) {
        return script.step("spectator-cut", "depth", "any").step("spectator-cut", "depth", "any");
    }

    private static Script twoCards(int cards, int first, int second) {
        return Script.deck(cards)
                .role("A", RoleKind.HELPER, "", "3S")
                .role("B", RoleKind.HELPER, "", "4S")
                .place("3S", first)
                .place("4S", second);
    }

    private static Script turnedAndCut(int cards, int rounds) {
        Script script = Script.deck(cards);
        for (int round = 0; round < rounds; round++) {
            script.step("turn-top", "count", "2").step("spectator-cut", "depth", "any");
        }
        return script;
    }

    private static Arguments principle(String does, Question question, String... moves) {
        return Arguments.of(does, question, List.of(moves));
    }

    /**
     * What people who work with cards found in a hundred years, each from its question alone.
     *
     * <p>Published: 1 to 3: M. Gardner, “Mathematics, Magic and Mystery”, 1956, chapter 1 (counting and dealing). 4 to 6: P. Diaconis,
     * R. L. Graham, “Magical Mathematics”, 2011, chapters 1 and 2 (turning two and cutting; cuts keep the circle). 7 to 10: C. Mulcahy,
     * “Mathematical Card Magic”, 2013, chapters 1 to 4 (dealing, cutting, parity). Chapters from memory.
     */
    static Stream<Arguments> principles() {
        Script faces = Script.deck(20).step("turn-top", "count", "6").step("spectator-cut", "depth", "any");
        Script key = Script.deck(20)
                .role("A", RoleKind.HELPER, "", "3S")
                .role("K", RoleKind.KEY, "", "4S")
                .place("4S", 20)
                .place("3S", 1);
        return Stream.of(
                principle(
                        "1 a fixed packet dealt, and the secret number of cards on it: one place",
                        question(secretNumber(), ANYWHERE, 2, 0),
                        "deal-singly",
                        "swing-cut"),
                principle(
                        "2 as many under as was thought of: the card goes to the bottom",
                        question(secretNumber(), ANYWHERE, 1, 0),
                        "complete-cut"),
                principle(
                        "3 more dealt on it, and as many cut off again: whatever the number",
                        question(secretNumber(), ANYWHERE, 3, 1),
                        "deal-singly",
                        "deal-singly",
                        "swing-cut"),
                principle(
                        "4 turn two and cut: every second card, as many face up in both halves",
                        question(turnedAndCut(8, 5), ClaimSpec.of("same-face-up"), 1, 0),
                        "deal-in-turn"),
                principle(
                        "5 a cut keeps the circle",
                        question(key, ClaimSpec.of("directly-below", "role", "A", "of", "K", "deck", "circle"), 1, 1),
                        "spectator-cut"),
                principle(
                        "6 as many taken off and turned over as lie face up: as many in both",
                        question(faces, ClaimSpec.of("same-face-up", "pile", "deck", "other", "table:left"), 2, 0),
                        "swing-cut",
                        "turn-over"),
                principle(
                        "7 two cards side by side, cut and dealt in turn: opposite, give or take one",
                        question(cutPacket(twoCards(12, 1, 2)), ClaimSpec.of("opposite", "how", "beside"), 1, 0),
                        "deal-in-turn"),
                principle(
                        "8 two cards half a packet apart, cut and halved: opposite",
                        question(cutPacket(twoCards(12, 3, 9)), ClaimSpec.of("opposite"), 2, 0),
                        "swing-cut"),
                principle(
                        "9 two cards as far from both ends, one half dealt: opposite",
                        question(twoCards(20, 3, 18), ClaimSpec.of("opposite"), 1, 0),
                        "deal-singly"),
                principle(
                        "10 a packet dealt through turns its order round: dealt again, it is back",
                        question(
                                Script.deck(12)
                                        .role("A", RoleKind.HELPER, "", "3S")
                                        .place("3S", 3)
                                        .step("deal-singly", "count", "12", "face", "down", "to", "table:left"),
                                ClaimSpec.of("position", "role", "A", "nth", "3"),
                                1,
                                0),
                        "deal-singly"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("principles")
    void a_known_principle_is_found_from_its_question(String does, Question question, List<String> moves) {
        List<Invention> found = found(question);

        assertThat(found)
                .as(does)
                .anyMatch(invention ->
                        invention.steps().stream().map(Step::move).toList().equals(moves));
        found.forEach(invention -> holdsAndNeedsEachStep(question, invention));
    }

    /** Dealt, a card that was a-th of 26 is 27 − a from the top; a more on it, and it is the 27th: by hand. */
    @Test
    void why_it_works_is_told_as_a_sum_in_which_the_choice_cancels() {
        Question thirteen =
                new Question(secretNumber().plan().routine(), "s1", ANYWHERE, 2, 0, true, 0, 2, List.of(13), 1);
        Invention reversed = found(thirteen).stream()
                .filter(invention ->
                        invention.steps().stream().map(Step::move).toList().equals(List.of("deal-singly", "swing-cut")))
                .findFirst()
                .orElseThrow();
        int dealt = Integer.parseInt(reversed.steps().get(0).settings().get("count"));

        assertThat(reversed.why())
                .extracting(Invention.Line::position)
                .containsExactly("a", (dealt + 1) + " − a", String.valueOf(dealt + 1));
        assertThat(reversed.letters()).extracting(Invention.Letter::meaning).containsExactly("They think of a");
        assertThat(dealt).isEqualTo(13);
        assertThat(reversed.sentence()).isEqualTo("Ines’s card is 14th from the top of the “left” pile");
        assertThat(reversed.ways()).isEqualTo(12);
        // From a dozen, which the number may be, to as many as leave a dozen in the deck, less one that stays: by hand.
        assertThat(reversed.slacks()).containsExactly(new Invention.Slack(0, 12, 39, false));
        assertThat(reversed.steps().get(1).attention().first()).isEqualTo(Look.AWAY);
    }

    /** The a-th of 52 is the a-th of what is swung off, if that is as many, and else it is 53 − a from the bottom of the rest: by hand. */
    @Test
    void why_it_works_is_told_of_each_pile_in_which_the_card_can_lie() {
        Question cut = new Question(secretNumber().plan().routine(), "s1", ANYWHERE, 3, 1, true, 0, 2, List.of(1), 1);
        Invention swung = found(cut).stream()
                .filter(invention -> invention.steps().stream()
                        .map(Step::move)
                        .toList()
                        .equals(List.of("swing-cut", "drop-packet", "complete-cut")))
                .findFirst()
                .orElseThrow();

        assertThat(swung.why().get(1))
                .isEqualTo(new Invention.Line(
                        "the “left” pile",
                        "a",
                        false,
                        List.of(new Invention.Line("the deck", "53 − a", true, List.of()))));
        assertThat(swung.why()).extracting(Invention.Line::position).containsExactly("a", "a", "a", "52");
        assertThat(swung.sentences().get(1)).isEqualTo("Put the deck under the “left” pile.");
    }

    /** Five numbers each of five choices are 3,125 layouts in the end, more than are kept: the answer is left out, and the search goes on. */
    @Test
    @EnabledIfSystemProperty(named = "crafty.laws", matches = "true", disabledReason = "takes two minutes")
    void an_end_with_too_many_layouts_is_no_answer() {
        Script three = secretNumber()
                .step("lift-packet", "count", "13-29", "to", "table:packet")
                .step("lift-packet", "count", "1-9", "to", "table:other");
        ClaimSpec always = ClaimSpec.of("pile-size", "pile", "palm", "compare", "exactly", "cards", "0");
        Inventor inventor = new Inventor(
                new Question(three.plan().routine(), "s3", always, 2, 2, true, 0, 2, List.of(1), 1),
                AllMoves.CATALOGUE);

        inventor.search(() -> false);

        assertThat(inventor.states()).isEqualTo(125);
        assertThat(inventor.done()).isTrue();
    }

    /** What is shown holds by the plain definition of a survey, and without any one of its plain steps it does not. */
    private static void holdsAndNeedsEachStep(Question question, Invention invention) {
        assertThat(always(question, invention.steps(), invention.claim()))
                .as(invention.toString())
                .isTrue();
        for (int left = 0; left < invention.steps().size(); left++) {
            int out = left;
            Step step = invention.steps().get(left);
            boolean chooses = step.settings().values().stream()
                    .flatMap(text -> Amount.read(text).stream())
                    .anyMatch(Amount::isChoice);
            List<Step> others = IntStream.range(0, invention.steps().size())
                    .filter(i -> i != out)
                    .mapToObj(invention.steps()::get)
                    .toList();
            if (!chooses) {
                assertThat(always(question, others, invention.claim()))
                        .as(step + " left out of " + invention)
                        .isFalse();
            }
        }
    }

    private static boolean always(Question question, List<Step> steps, ClaimSpec claim) {
        List<Step> all = new ArrayList<>(question.routine().steps());
        all.addAll(steps);
        Routine routine = new Routine(
                question.routine().setUp(),
                question.routine().roles(),
                all,
                List.of(new RoutineClaim("end", "", claim)));
        Survey survey = Surveyor.survey(
                PlanReader.read(routine, AllMoves.CATALOGUE),
                SurveyOptions.withDefaults().visiting());
        return survey.exhaustive() && survey.allHold();
    }

    /** Random questions: nothing is shown that does not hold, and nothing that has a step too many. */
    @Test
    void every_answer_of_random_questions_always_holds_and_needs_each_step() {
        SplittableRandom random = new SplittableRandom(32);
        int answers = 0;
        for (int round = 0; round < ROUNDS; round++) {
            int cards = 1 + random.nextInt(12);
            Script script = Script.deck(cards).selection("A", "Ines");
            script.step("deal-to-number", "at", "1-" + (1 + random.nextInt(cards)));
            ClaimSpec goal = random.nextBoolean()
                    ? ANYWHERE
                    : ClaimSpec.of("position", "role", "A", "nth", String.valueOf(1 + random.nextInt(cards)));
            Question question = question(script, goal, 1 + random.nextInt(2), random.nextInt(2));
            for (Invention invention : found(question)) {
                assertThat(invention.choices()).isGreaterThanOrEqualTo(question.choices());
                assertThat(invention.steps()).hasSizeLessThanOrEqualTo(question.steps());
                holdsAndNeedsEachStep(question, invention);
                answers++;
            }
        }
        assertThat(answers).isGreaterThan(ROUNDS);
    }

    @Test
    void stopped_and_continued_it_finds_the_same() {
        Question question = question(secretNumber(), ANYWHERE, 2, 0);
        Inventor stopped = new Inventor(question, AllMoves.CATALOGUE);
        int[] asked = {0};
        while (!stopped.done()) {
            stopped.search(() -> ++asked[0] % 3 == 0);
        }
        assertThat(asked[0]).isGreaterThan(30);
        assertThat(stopped.found()).isEqualTo(found(question));
    }

    @Test
    void a_question_without_an_answer_says_how_far_it_was_tried() {
        // One card, which is where it is: nothing that anybody can do with it is a choice.
        Script one = Script.deck(1).role("A", RoleKind.HELPER, "", "AS").place("AS", 1);
        Inventor inventor = new Inventor(question(one, ANYWHERE, 3, 2), AllMoves.CATALOGUE);
        inventor.search(() -> false);

        assertThat(inventor.found()).isEmpty();
        assertThat(inventor.done()).isTrue();
        assertThat(inventor.tried()).isPositive();
        assertThat(inventor.states()).isEqualTo(1);
    }

    @Test
    void only_actions_that_are_allowed_are_used() {
        Routine routine = secretNumber().plan().routine();
        Question noTable = new Question(routine, "s1", ANYWHERE, 2, 0, false, 0, 1, List.of(7), 1);
        Predicate<Step> table = step ->
                AllMoves.CATALOGUE.find(step.move()).orElseThrow().profile().table();

        assertThat(found(noTable))
                .isNotEmpty()
                .noneMatch(i -> i.steps().stream().anyMatch(table));
        assertThat(found(noTable)).allMatch(i -> i.secret() == 0 && i.difficulty() == 1);
        Question secret = new Question(routine, "s1", ANYWHERE, 2, 0, true, 1, 2, List.of(7), 1);
        assertThat(found(secret)).allMatch(i -> i.secret() <= 1);
    }

    /** Three piles that have the names of new ones, and a number that is remembered by where a card came from. */
    @Test
    void a_full_table_and_a_place_that_is_remembered_are_gone_on_from() {
        Script full = Script.deck(20)
                .role("A", RoleKind.HELPER, "", "3S")
                .place("3S", 1)
                .step("lift-packet", "count", "3", "end", "bottom", "to", "table:left")
                .step("lift-packet", "count", "3", "end", "bottom", "to", "table:right")
                .step("lift-packet", "count", "3", "end", "bottom", "to", "table:front")
                .step("lift-packet", "count", "3", "end", "bottom", "to", "table:back");
        Question onto = question(full, ClaimSpec.of("position", "role", "A", "nth", "1", "pile", "table:left"), 1, 0);
        assertThat(found(onto)).isNotEmpty().allSatisfy(found -> holdsAndNeedsEachStep(onto, found));
        Script from = Script.deck(10)
                .selection("A", "Ines")
                .step("spread-pick", "at", "any")
                .step("return-on-lower", "at", "from A");
        Question back = question(from, ClaimSpec.of("position", "role", "A", "nth", "1"), 1, 0);
        assertThat(found(back)).allSatisfy(found -> holdsAndNeedsEachStep(back, found));
    }

    @Test
    void a_question_over_its_limits_is_refused_in_words() {
        Script script = secretNumber();
        assertThatThrownBy(() -> question(script, ANYWHERE, 9, 0)).hasMessageContaining("from 1 to 8");
        assertThatThrownBy(() -> question(script, ANYWHERE, 2, 3)).hasMessageContaining("more free choices than steps");
        assertThatThrownBy(() -> question(script, ANYWHERE.denied(), 2, 0)).hasMessageContaining("by itself");
        assertThatThrownBy(() -> question(script, ClaimSpec.of("nothing-strange"), 2, 0))
                .hasMessageContaining("not asked of a layout");
        assertThatThrownBy(() ->
                        new Question(script.plan().routine(), "nowhere", ANYWHERE, 2, 0, true, 0, 2, List.of(), 1))
                .hasMessageContaining("no step of this name");
        assertThatThrownBy(() -> new Inventor(question(Script.deck(9), ANYWHERE, 2, 0), AllMoves.CATALOGUE))
                .hasMessageContaining("there is no such card");
        ClaimSpec named = ClaimSpec.of("name-known", "role", "A");
        assertThatThrownBy(() -> new Inventor(question(script, named, 2, 0), AllMoves.CATALOGUE))
                .hasMessageContaining("what you know is told of a whole routine only");
        Script riffled = Script.deck(52).selection("A", "Ines").step("spectator-riffle");
        assertThatThrownBy(() -> new Inventor(question(riffled, ANYWHERE, 2, 0), AllMoves.CATALOGUE))
                .hasMessageContaining("really shuffled");
        Script many = twoCards(52, 1, 2);
        for (int i = 0; i < 4; i++) {
            many.step("lift-packet", "count", "1-9", "to", "table:p" + i);
        }
        assertThatThrownBy(() -> new Inventor(question(many, ANYWHERE, 2, 0), AllMoves.CATALOGUE))
                .hasMessageContaining("more than 3000 layouts");
    }
}
