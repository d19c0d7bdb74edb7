package craftypocket.core.evening;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.read.Plan;
import craftypocket.core.run.World;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What must be put right, worked out by hand. */
class ResetsTest {

    private static final Plan QUEEN_ON_TOP = Script.deck(52).place("QD", 1).plan();

    private static Between after(Script script) {
        return Between.after(script.plan(), World.USUAL);
    }

    private static List<String> told(Between now, Plan next) {
        return Resets.before(now, next).list().stream().map(Reset::sentence).toList();
    }

    @Test
    void a_reversed_card_is_turned_over_where_it_lies() {
        // The 15th card of a deck in which every card is named.
        Between now = Between.before(Script.deck(52)
                .order("AC 2C 3C 4C 5C 6C 7C 8C 9C 10C JC QC KC AD 7H↑")
                .plan());

        assertThat(told(now, Script.deck(52).plan())).containsExactly("Turn over the reversed 7♥ (it is 15th).");
    }

    @Test
    void one_cut_is_enough_where_the_stated_card_only_went_round() {
        Between now = after(Script.deck(52).place("QD", 1).step("complete-cut", "depth", "20"));

        // Twenty cards were cut to the bottom: the queen is 33rd, and 32 cards lie above her.
        Resets resets = Resets.before(now, QUEEN_ON_TOP);
        assertThat(resets.list()).extracting(Reset::kind).containsExactly(Reset.Kind.CUT);
        assertThat(resets.list().get(0).sentence())
                .isEqualTo("Cut so that Q♦ comes to the top: 32 cards from the top go underneath.");
        assertThat(resets.after().order()).startsWith("QD ");
    }

    @Test
    void cards_come_back_from_pockets_and_jokers_go() {
        Between now = Between.before(Script.deck(52)
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
        assertThat(told(Between.before(QUEEN_ON_TOP), QUEEN_ON_TOP)).isEmpty();
        // The other way round: a deck that states nothing takes any order.
        assertThat(told(after(Script.deck(52).step("faro-out")), Script.deck(52).plan()))
                .isEmpty();
    }

    @Test
    void a_lost_order_is_laid_again_and_a_bend_goes() {
        Plan ordered = Script.deck(52).order("AS KH QC JD 10S 9H 8C").plan();
        Between now =
                after(Script.deck(52).bent().order("AS KH QC JD 10S 9H 8C").step("faro-in"));

        Resets resets = Resets.before(now, ordered);
        assertThat(resets.list()).extracting(Reset::kind).containsExactly(Reset.Kind.STACK, Reset.Kind.STRAIGHTEN);
        assertThat(resets.after().order()).startsWith("AS KH QC JD 10S 9H 8C ");
        assertThat(resets.seconds()).isEqualTo(7 * 4 + 3);
    }
}
