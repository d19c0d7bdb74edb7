package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.cards.CardSize;
import craftypocket.core.cards.Inside;
import craftypocket.core.cards.Inside.Fit;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.SetUp.LaidThing;
import craftypocket.core.settings.ProblemsFound;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Envelopes, notes and wallets: what fits, what lies in what, what is said of predictions. */
class ThingsTest {

    private static LaidThing holder(double wide, double high, String mouth) {
        return new LaidThing("holder", "pocket:inside", 0, "", wide, high, mouth, true, "");
    }

    private static List<String> said(Script script) {
        List<PlannedStep> steps = script.plan().steps();
        return steps.get(steps.size() - 1).remarks().stream().map(Remark::text).toList();
    }

    /** A bank-card holder, open at the mouth, measured at 58 by 90 mm inside; the sizes of cards are from memory. */
    @Test
    void a_bridge_card_goes_into_a_bank_card_holder_a_poker_card_does_not_and_both_do_in_quarters() {
        Inside holder = new Inside(58, 90, true);

        assertThat(holder.fit(Optional.of(CardSize.BRIDGE))).isEqualTo(Fit.FLAT);
        assertThat(holder.fit(Optional.of(CardSize.POKER))).isEqualTo(Fit.NOT);
        assertThat(holder.fit(Optional.of(CardSize.BRIDGE.folded()))).isEqualTo(Fit.FLAT);
        assertThat(holder.fit(Optional.of(CardSize.POKER.folded()))).isEqualTo(Fit.FLAT);
    }

    /** Published: ISO/IEC 7810, the bank-card format ID-1 is 85.60 by 53.98 mm. */
    @Test
    void nothing_larger_than_a_bank_card_goes_where_one_just_fits() {
        Inside holder = new Inside(85.60, 53.98, false);

        assertThat(holder.fit(Optional.of(CardSize.POKER))).isEqualTo(Fit.NOT);
        assertThat(holder.fit(Optional.of(CardSize.BRIDGE))).isEqualTo(Fit.NOT);
        assertThat(holder.fit(Optional.of(CardSize.POKER.folded()))).isEqualTo(Fit.FLAT);
    }

    @ParameterizedTest
    @CsvSource({
        // Across 64 mm goes in, 88.9 along 80 sticks out by 8.9 where the mouth is open, and does not go in otherwise.
        "64, 80, true, STICKS_OUT", "64, 80, false, NOT", "64, 89, false, FLAT",
        // Lying: 88.9 across 90, 63.5 along 60.
        "90, 60, true, STICKS_OUT", "90, 60, false, NOT", "90, 64, false, FLAT",
        "63, 200, true, NOT", "0, 0, true, NOT_MEASURED", "90, 0, false, NOT_MEASURED"
    })
    void a_card_fits_by_its_width_and_sticks_out_only_where_the_mouth_is_open(
            double wide, double high, boolean open, Fit fit) {
        assertThat(new Inside(wide, high, open).fit(Optional.of(CardSize.POKER)))
                .isEqualTo(fit);
        assertThat(new Inside(wide, high, open).fit(Optional.empty())).isEqualTo(Fit.NOT_MEASURED);
    }

    @Test
    void what_was_not_measured_is_never_said_to_fit() {
        Script step = Script.deck(10).size("poker").thing(holder(0, 0, "open")).step("put-in");
        assertThat(said(step)).singleElement().asString().contains("not known", "not measured");
        assertThat(step.trace().end().broken()).isEmpty();

        Script noSize = Script.deck(10).thing(holder(58, 90, "open")).step("put-in");
        assertThat(said(noSize)).singleElement().asString().contains("not known", "how large the cards are");
        assertThat(noSize.trace().end().broken()).isEmpty();
    }

    @Test
    void a_card_that_does_not_go_in_makes_the_step_impossible_until_it_is_folded() {
        Script poker =
                Script.deck(10).size("poker").thing(holder(58, 90, "open")).step("put-in");
        assertThat(poker.trace().end().broken().orElseThrow().reason())
                .isEqualTo("It does not go in: 63.5 × 88.9 mm into 58 × 90 mm, open at the mouth.");

        Script folded =
                Script.deck(10).size("poker").thing(holder(58, 90, "open")).step("put-in", "fold", "quarters");
        assertThat(folded.trace().end().broken()).isEmpty();
        assertThat(said(folded)).singleElement().asString().startsWith("It fits");
        assertThat(said(Script.deck(10)
                        .size("bridge")
                        .thing(holder(58, 80, "open"))
                        .step("put-in")))
                .singleElement()
                .asString()
                .startsWith("It sticks out at the mouth by 8.9 mm");
    }

    @Test
    void what_lies_in_a_thing_is_out_of_reach_of_moves_on_piles() {
        Script cut = Script.deck(10)
                .thing("envelope", "table:mat", "flap")
                .step("put-in", "count", "4")
                .step("complete-cut", "pile", "in:envelope");
        assertThatThrownBy(cut::plan)
                .isInstanceOfSatisfying(
                        ProblemsFound.class,
                        found -> assertThat(found.problems()).singleElement().satisfies(problem -> {
                            assertThat(problem.field()).isEqualTo("steps[1].settings.pile");
                            assertThat(problem.rule()).contains("not handled there");
                            assertThat(problem.cure()).startsWith("Take them out first");
                        }));
    }

    /** The card is in the envelope wherever it was taken, whatever is then shuffled, and whoever holds the envelope. */
    @Test
    void a_card_in_an_envelope_stays_there_in_every_world() {
        var survey = Script.deck(12)
                .selection("A", "Ines")
                .thing("envelope", "pocket:inside", "flap")
                .step("spread-pick")
                .step("put-in", "what", "role", "role", "A")
                .step("open-thing", "how", "close")
                .step("complete-cut", "depth", "any")
                .step("place-thing", "to", "spectator:Tove")
                .claim("lies", "role", "A", "place", "in:envelope")
                .claim("thing-lies", "place", "spectator:Tove")
                .survey();

        assertThat(survey.worlds()).isEqualTo(12 * 10);
        assertThat(survey.findings()).allSatisfy(c -> assertThat(c.held()).isEqualTo(12 * 10));
    }

    /** One world in ten has the very card. */
    @Test
    void a_prediction_matches_only_where_it_does() {
        Script free = Script.deck(10)
                .selection("A", "Ines")
                .thing(new LaidThing("note", "table:mat", 0, "", 0, 0, "none", true, "4S"))
                .step("spread-pick")
                .claim("prediction-matches");
        assertThat(free.survey().worlds()).isEqualTo(10);
        assertThat(free.survey().findings().get(0).held()).isEqualTo(1);

        Script written = Script.deck(10)
                .selection("A", "Ines")
                .thing("note", "pocket:left", "none")
                .step("riffle-peek")
                .step("cut-to-break")
                .step("glimpse", "as", "A")
                .step("write-on")
                .claim("prediction-matches");
        assertThat(written.survey().findings())
                .allSatisfy(c -> assertThat(c.held()).isEqualTo(written.survey().worlds()));
    }

    @Test
    void a_prediction_is_a_name_so_a_second_copy_matches_too() {
        Script copy = Script.deck(3)
                .extra("3", "2S")
                .selection("A", "Ines")
                .thing(new LaidThing("note", "table:mat", 0, "", 0, 0, "none", true, "2S"))
                .step("spread-pick")
                .claim("prediction-matches");
        assertThat(copy.survey().findings().get(0).held()).isEqualTo(2);
    }

    @Test
    void the_set_up_says_what_cannot_be() {
        assertThat(problem(new LaidThing("a", "in:a", 0, "", 0, 0, "open", true, "")))
                .isEqualTo("setUp.things[0].place: a thing cannot lie inside itself");
        assertThat(problem(
                        new LaidThing("a", "in:b", 0, "", 0, 0, "open", true, ""),
                        new LaidThing("b", "in:a", 0, "", 0, 0, "open", true, "")))
                .isEqualTo("setUp.things[0].place: a thing cannot lie inside itself");
        assertThat(problem(new LaidThing("a", "in:c", 0, "", 0, 0, "open", true, "")))
                .isEqualTo("setUp.things[0].place: no thing has such a part");
        assertThat(problem(new LaidThing("a", "deck", 0, "", 0, 0, "open", true, "")))
                .isEqualTo("setUp.things[0].place: it must be a place away from the deck");
        assertThat(problem(new LaidThing("", "table:mat", 0, "", 0, 0, "open", true, "")))
                .isEqualTo("setUp.things[0].name: a thing has a name of up to 30 letters");
        assertThat(problem(new LaidThing("a", "table:mat", 0, "x, x", 0, 0, "open", true, "")))
                .startsWith("setUp.things[0].slots: ");
        assertThat(problem(new LaidThing("a", "table:mat", 0, "", -1, 0, "open", true, "")))
                .startsWith("setUp.things[0].wide: ");
        assertThat(problem(new LaidThing("a", "table:mat", 0, "", Double.NaN, 0, "open", true, "")))
                .startsWith("setUp.things[0].wide: ");
        assertThat(problem(new LaidThing("a", "table:mat", 0, "", 0, 0, "ajar", true, "")))
                .startsWith("setUp.things[0].mouth: ");
        assertThat(problem(new LaidThing("a", "table:mat", 0, "", 0, 0, "none", true, "hearts")))
                .startsWith("setUp.things[0].written: ");
    }

    private static String problem(LaidThing... things) {
        Script script = Script.deck(10);
        for (LaidThing thing : things) {
            script.thing(thing);
        }
        try {
            script.plan();
        } catch (ProblemsFound found) {
            return found.problems().get(0).field() + ": "
                    + found.problems().get(0).rule();
        }
        throw new AssertionError("no problem was found");
    }

    private static Script loaded(String size, String... settings) {
        Script script = Script.deck(9).size(size).step("palm-top", "count", "1");
        return script.step("load", settings);
    }

    /** Bridge cards are 57 by 89 mm, poker cards 63 by 89 mm: common sizes, from memory. */
    @Test
    void what_does_not_fit_is_not_loaded_and_what_nobody_measured_is_not_known() {
        Script bridge = loaded("bridge", "wide", "58", "high", "90");
        Script poker = loaded("poker", "wide", "58", "high", "90");

        assertThat(bridge.trace().end().broken()).isEmpty();
        assertThat(bridge.plan().steps().get(1).remarks())
                .extracting(Remark::text)
                .first()
                .asString()
                .startsWith("It fits: ");
        assertThat(poker.trace().end().broken().orElseThrow().reason()).startsWith("It does not go in: ");
        assertThat(Script.cards(poker.trace(), "palm")).hasSize(1);
        assertThat(loaded("poker", "wide", "58", "high", "90", "fold", "quarters")
                        .trace()
                        .end()
                        .broken())
                .isEmpty();
        assertThat(loaded("poker").plan().steps().get(1).remarks())
                .extracting(Remark::text)
                .first()
                .asString()
                .contains("the inside is not measured");
        assertThat(loaded("", "wide", "58", "high", "90").plan().steps().get(1).remarks())
                .extracting(Remark::text)
                .first()
                .asString()
                .contains("nobody said how large the cards are");
    }
}
