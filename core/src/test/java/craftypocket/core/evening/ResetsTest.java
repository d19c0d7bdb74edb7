package craftypocket.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Step;
import craftypocket.core.run.World;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What must be put right, worked out by hand. */
class ResetsTest {

    private static final Plan QUEEN_ON_TOP = Script.anyDeck(52).place("QD", 1).plan();

    private static Handover after(Script script) {
        return Handover.after(script.plan(), World.USUAL);
    }

    private static List<String> told(Handover now, Plan next) {
        return Resets.before(now, next).list().stream().map(Reset::sentence).toList();
    }

    @Test
    void a_reversed_card_is_turned_over_where_it_lies() {
        // The 15th card of a deck in which every card is named.
        Handover now = Handover.before(Script.anyDeck(52)
                .order("AC 2C 3C 4C 5C 6C 7C 8C 9C 10C JC QC KC AD 7H↑")
                .plan());

        assertThat(told(now, Script.anyDeck(52).plan())).containsExactly("Turn over the reversed 7♥ (it is 15th).");
    }

    @Test
    void one_cut_is_enough_where_the_stated_card_only_went_round() {
        Handover now = after(Script.anyDeck(52).place("QD", 1).step("complete-cut", "depth", "20"));

        // Twenty cards were cut to the bottom: the queen is 33rd, and 32 cards lie above her.
        Resets resets = Resets.before(now, QUEEN_ON_TOP);
        assertThat(resets.list()).extracting(Reset::kind).containsExactly(Reset.Kind.CUT);
        assertThat(resets.list().get(0).sentence())
                .isEqualTo("Cut so that Q♦ comes to the top: 32 cards from the top go underneath.");
        assertThat(resets.after().placements()).containsExactly(new Placement("QD", 1, false));
    }

    @Test
    void cards_come_back_from_pockets_and_jokers_go() {
        Handover now = Handover.before(Script.anyDeck(52)
                .extra("54", "")
                .pile("pocket:inside", "QD")
                .pile("spectator:Ines", "3C")
                .plan());

        assertThat(told(now, QUEEN_ON_TOP))
                .containsExactly(
                        "Take 3♣ back from Ines’s hand, under the deck.",
                        "Take Q♦ back from the pocket (inside), under the deck.",
                        "Take Joker 1 Joker 2 out of the deck.",
                        "Bring Q♦ to the top.");
    }

    @Test
    void what_lies_as_it_should_needs_nothing() {
        assertThat(told(Handover.before(QUEEN_ON_TOP), QUEEN_ON_TOP)).isEmpty();
        // The other way round: a deck that states nothing takes any order.
        assertThat(told(
                        after(Script.anyDeck(52).step("faro-out")),
                        Script.anyDeck(52).plan()))
                .isEmpty();
    }

    @Test
    void a_lost_order_is_laid_again_and_a_bend_goes() {
        Plan ordered = Script.anyDeck(52).order("AS KH QC JD 10S 9H 8C").plan();
        Handover now =
                after(Script.anyDeck(52).bent().order("AS KH QC JD 10S 9H 8C").step("faro-in"));

        Resets resets = Resets.before(now, ordered);
        assertThat(resets.list()).extracting(Reset::kind).containsExactly(Reset.Kind.STACK, Reset.Kind.STRAIGHTEN);
        assertThat(resets.after().placements())
                .extracting(Placement::card)
                .containsExactly("AS", "KH", "QC", "JD", "10S", "9H", "8C");
        assertThat(resets.seconds()).isEqualTo(7 * 4 + 3);
    }

    /** What nobody stated is not told by name, nor where it lies: another card could be there. */
    @Test
    void cards_that_nobody_stated_have_no_name() {
        Script fifth = Script.anyDeck(52).selection("A", "Ines").step("spread-pick", "at", "5");
        assertThat(toldOfAllEnds(fifth, Script.anyDeck(52).plan()))
                .containsExactly("Take back what is in Ines’s hand, under the deck, face down.");
        // The queen, which that routine knows nothing of, may lie anywhere.
        assertThat(toldOfAllEnds(Script.anyDeck(52).step("complete-cut", "depth", "20"), QUEEN_ON_TOP))
                .containsExactly("Cut so that Q♦ comes to the top.");
        assertThat(toldOfAllEnds(Script.deck(52).step("complete-cut", "depth", "20"), QUEEN_ON_TOP))
                .containsExactly("Cut so that Q♦ comes to the top: 17 cards from the top go underneath.");
        // It lies so in one of all orders.
        assertThat(toldOfAllEnds(Script.anyDeck(52), Script.deck(52).plan()))
                .containsExactly(
                        "In some runs: lay the deck in new-deck order: spades, hearts, diamonds, clubs, each from ace to king.");
    }

    private static List<String> toldOfAllEnds(Script before, Plan next) {
        return Resets.before(Ends.of(before.plan()), next).list().stream()
                .map(Reset::sentence)
                .toList();
    }

    @Test
    void a_number_is_told_only_where_all_ends_agree() {
        Script queen = Script.anyDeck(52).place("QD", 1);

        assertThat(toldOfAllEnds(Script.from(queen.routine()).step("complete-cut", "depth", "20"), QUEEN_ON_TOP))
                .containsExactly("Cut so that Q♦ comes to the top: 32 cards from the top go underneath.");
        assertThat(toldOfAllEnds(Script.from(queen.routine()).step("spectator-cut", "depth", "any"), QUEEN_ON_TOP))
                .containsExactly("Cut so that Q♦ comes to the top.");
        // After a riffle she may lie first or anywhere; nothing lies face up or elsewhere, which is proved.
        assertThat(toldOfAllEnds(Script.from(queen.routine()).step("spectator-riffle", "times", "2"), QUEEN_ON_TOP))
                .singleElement()
                .asString()
                .contains("ut so that Q♦ comes to the top.");
    }

    @Test
    void what_varies_is_said_as_what_to_look_for() {
        assertThat(toldOfAllEnds(Script.anyDeck(52).step("turn-card", "at", "10-12"), QUEEN_ON_TOP))
                .startsWith("Turn every card of the deck that lies face up face down.");
        assertThat(toldOfAllEnds(
                        Script.anyDeck(52).step("deal-singly", "count", "3-5", "face", "up", "to", "table:dealt"),
                        Script.anyDeck(52).plan()))
                .containsExactly("Take the “dealt” pile back, under the deck, face down.");
        assertThat(toldOfAllEnds(
                        Script.anyDeck(52).selection("A", "Ines").step("spread-pick", "at", "any"),
                        Script.anyDeck(52).plan()))
                .containsExactly("Take back what is in Ines’s hand, under the deck, face down.");
    }

    @Test
    void what_only_some_ends_need_says_so() {
        ClaimSpec wentFar = ClaimSpec.of("position", "role", "K", "nth", "52");
        Step turned = new Step("turn", "turn-card", Map.of("at", "1"), Optional.of(wentFar));
        Script script = Script.anyDeck(52)
                .key("K", "KS", 51)
                .step("complete-cut", "depth", "50-52")
                .step(turned);

        assertThat(toldOfAllEnds(script, Script.anyDeck(52).plan()))
                .allMatch(told -> told.startsWith("In some runs: turn "));
    }

    /** Put in one after another, each would push the others on: they are taken out first. */
    @Test
    void several_cards_come_to_their_places_together() {
        Plan wanted = Script.anyDeck(52).place("2S", 3).place("AS", 10).plan();
        Handover now = Handover.before(
                Script.anyDeck(52).place("2S", 20).place("AS", 1).plan());

        Resets resets = Resets.before(now, wanted);

        assertThat(resets.list())
                .extracting(Reset::sentence)
                .containsExactly(
                        "Take 2♠ A♠ out of the deck and bring 2♠ to be 3rd from the top, then A♠ to be 10th from the top.");
        List<LyingCard> deck = new Followed(now, resets.list(), Set.of()).deck;
        assertThat(List.of(deck.get(2).code(), deck.get(9).code())).containsExactly("2S", "AS");
    }
}
