package craftypocket.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.read.Condition;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Step;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What the performer lives through, and what he knows by it. */
class KnowingTest {

    private static Script followed(int cards, int at) {
        return Script.deck(cards).selection("A", "Ines").step("follow-card", "at", String.valueOf(at));
    }

    private static PlaceKnowledge place(Script script) {
        return script.known().place(0);
    }

    // ---- numbers ---------------------------------------------------------------------------------------------------

    /** Twenty cards, the 15th is followed, five to eight are dealt: 15 − 8 to 15 − 5 from the top, always sixth from the bottom. */
    @ParameterizedTest
    @EnumSource(
            value = Look.class,
            names = {"AS_TAUGHT", "AWAY"})
    void what_is_counted_before_his_eyes_he_knows(Look look) {
        Script dealt = followed(20, 15)
                .step(Step.of("deal", "deal-singly", "count", "5-8").looking(look));
        Known known = dealt.known();

        assertThat(known.fromBottom(0)).isEqualTo(6);
        assertThat(known.fromTop(0)).isEqualTo(look == Look.AWAY ? 0 : 15 - 6);
        assertThat(known.place(0)).isEqualTo(PlaceKnowledge.EXACT);
    }

    @ParameterizedTest
    @CsvSource({"complete-cut, depth, 4-14", "swing-cut, depth, 4-14", "spectator-cut, depth, 4-14"})
    void what_is_cut_off_nobody_counts(String move, String setting, String number) {
        assertThat(place(followed(20, 18).step(move, setting, number)))
                .isEqualTo(move.equals("swing-cut") ? PlaceKnowledge.EXACT : PlaceKnowledge.NEAR);
        assertThat(followed(20, 18).step(move, setting, number).known().fromTop(0))
                .isZero();
    }

    /** Of ten cards one is counted at a glance, and two; three are some. */
    @Test
    void so_few_as_two_are_counted_at_a_glance() {
        Script cut = followed(10, 9).step("swing-cut", "depth", "1-4");

        assertThat(cut.known(Map.of("s2.depth", 1)).get(2).fromTop(0)).isEqualTo(8);
        assertThat(cut.known(Map.of("s2.depth", 2)).get(2).fromTop(0)).isEqualTo(7);
        assertThat(cut.known(Map.of("s2.depth", 3)).get(2).fromTop(0)).isZero();
    }

    // ---- faces -----------------------------------------------------------------------------------------------------

    /** Running through the faces shows where every card lies whose name he knows, and no other. */
    @Test
    void a_card_is_recognised_by_its_name_only() {
        Script looked = Script.deck(20)
                .selection("A", "Ines")
                .key("K", "AS", 1)
                .role("L", RoleKind.KEY, "", "5S")
                .step("follow-card", "at", "9")
                .step("spectator-cut", "depth", "any")
                .step("look-by-key", "key", "K", "side", "below", "role", "A");
        Known before = looked.known(Map.of()).get(2);
        Known after = looked.known();

        for (int role = 0; role < 3; role++) {
            // The key lies eight cards above the followed one, and he knows its name.
            assertThat(before.place(role)).isEqualTo(PlaceKnowledge.BY_LOOKING);
            assertThat(after.place(role)).isEqualTo(PlaceKnowledge.EXACT);
        }
        assertThat(before.name(0)).isFalse();
        assertThat(after.name(0)).isTrue();
    }

    /** A glimpse is a look, wherever else he seems to look. */
    @ParameterizedTest
    @EnumSource(
            value = Look.class,
            names = {"AS_TAUGHT", "AWAY"})
    void what_he_looks_at_himself_he_sees(Look look) {
        Script glimpsed = Script.deck(12)
                .key("K")
                .step(Step.of("see", "glimpse", "where", "bottom", "as", "K").looking(look));

        assertThat(glimpsed.known().name(0)).isTrue();
    }

    /** One card or many are dealt behind his back: one is not told from two by the ear. */
    @Test
    void what_is_dealt_while_he_looks_away_he_does_not_count() {
        Script dealt = followed(20, 15)
                .step(Step.of("deal", "deal-singly", "count", "1-8").looking(Look.AWAY));

        assertThat(dealt.known(Map.of("deal.count", 5)).get(2).fromTop(0)).isZero();
    }

    /** They take any card, also the one that he saw on the bottom: that he saw it then he does not know. */
    @Test
    void a_face_that_he_saw_is_no_name_of_what_they_take() {
        Script seen = Script.deck(12)
                .selection("A", "Ines")
                .step("glimpse", "where", "bottom")
                .step("spread-pick", "role", "A", "at", "any");

        assertThat(seen.known(Map.of("s2.at", 12)).get(2).name(0)).isFalse();
        assertThat(Script.deck(12)
                        .selection("A", "Ines")
                        .key("K")
                        .step("glimpse", "where", "bottom", "as", "K")
                        .step("spread-pick", "role", "A", "at", "12")
                        .known()
                        .name(0))
                .isTrue();
    }

    /** A marked back is told where it lies uppermost: that it does not, tells as much. */
    @Test
    void a_marked_back_is_seen_where_it_lies_uppermost() {
        Script cut = Script.deck(6)
                .mark("3S", "dotted")
                .selection("A", "Ines")
                .step("follow-card", "at", "3")
                .step("spectator-cut", "depth", "any");

        assertThat(cut.known(Map.of("s2.depth", 2)).get(2).fromTop(0)).isEqualTo(1);
        assertThat(cut.known(Map.of("s2.depth", 1)).get(2).fromTop(0)).isZero();
    }

    // ---- what stays so ---------------------------------------------------------------------------------------------

    /** Too much to go through: that a name is known, once it is, needs no more proof; a place is not told from a sample. */
    @Test
    void a_name_stays_known_where_there_is_too_much_to_go_through() {
        Script mixed = Script.deck(52)
                .selection("A", "Ines")
                .selection("B", "Marek")
                .selection("C", "Ulla")
                .key("K")
                .step("glimpse", "where", "bottom", "as", "K")
                .step("spread-pick", "role", "A")
                .step("return-on-lower", "role", "A", "at", "any")
                .step("spread-pick", "role", "B")
                .step("return-on-lower", "role", "B", "at", "any")
                .step("spread-pick", "role", "C")
                .step("return-on-lower", "role", "C", "at", "any")
                .step("spectator-overhand", "times", "3")
                .step("look-by-key", "key", "K", "role", "A")
                .claim("name-known", "role", "K")
                .claim("place-known", "role", "A");
        Survey survey = mixed.survey();

        assertThat(survey.exhaustive()).isFalse();
        assertThat(survey.findings().get(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
        assertThat(survey.findings().get(1).verdict()).isEqualTo(Survey.Verdict.UNTOLD);
        assertThat(survey.findings().stream()
                        .filter(f -> f.condition().kind() == Condition.Kind.CAN_BE_DONE)
                        .map(Survey.Finding::verdict))
                .doesNotContain(Survey.Verdict.UNTOLD, Survey.Verdict.NEVER);
    }

    /** Taken at 26 and put back below ten: where it was taken is the 26th place all the same, below 25 cards. */
    @Test
    void the_place_from_which_a_card_was_taken_stays_that_when_it_goes_back() {
        Script back = Script.deck(52)
                .selection("A", "Ines")
                .selection("B", "Marek")
                .step("spread-pick", "role", "B", "at", "26")
                .step("spread-pick", "role", "A", "at", "40")
                .step("return-on-lower", "role", "B", "at", "10")
                .step("return-on-lower", "role", "A", "at", "from B")
                .claim("position", "role", "A", "nth", "26");

        assertThat(back.verdict(0).verdict()).isEqualTo(Survey.Verdict.ALWAYS);
    }
}
