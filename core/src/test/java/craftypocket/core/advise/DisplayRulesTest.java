package craftypocket.core.advise;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.run.Trace;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Each rule is raised by one routine and not by its near twin. */
class DisplayRulesTest {

    private static List<Hint> hints(Script script) {
        Trace trace = script.trace();
        assertThat(trace.moments()).allSatisfy(m -> assertThat(m.broken()).isEmpty());
        return Hints.of(script.plan(), trace, Set.of());
    }

    /** What is said of it, but for what is said of special cards at every end. */
    private static List<Hint.Rule> rules(Script script) {
        return hints(script).stream()
                .map(Hint::rule)
                .filter(rule -> rule != Hint.Rule.NOT_EXAMINABLE)
                .toList();
    }

    private static Script packet(String cards) {
        return Script.deck(52).extra("none", cards.replace("↑", "")).pile("other-hand", cards);
    }

    @Test
    void a_face_seen_twice_in_a_count_and_backs_that_look_alike() {
        assertThat(rules(packet("KS↑ KH↑ KD↑ KC↑").step("hidden-third"))).containsExactly(Hint.Rule.CARD_SHOWN_TWICE);
        assertThat(rules(packet("KS KH KD KC").step("hidden-third"))).isEmpty();
        assertThat(rules(packet("KS↑ KS↑ KD↑ KC↑").step("hidden-third"))).isEmpty();
        assertThat(hints(packet("KS↑ KH↑ KD↑ KC↑").step("hidden-third")).get(0).text())
                .startsWith("The king of spades is seen twice in one count, as the 1st and the 4th.");
    }

    @Test
    void the_other_face_of_a_card_among_backs() {
        Script show = packet("KS KH/AC KD").step("show-sides", "count", "3");

        assertThat(rules(show)).containsExactly(Hint.Rule.WRONG_SIDE);
        assertThat(rules(packet("KS KH KD").step("show-sides", "count", "3"))).isEmpty();
        assertThat(rules(packet("KS↑ back/back↑ KD↑").step("show-sides", "count", "3")))
                .containsExactly(Hint.Rule.WRONG_SIDE);
    }

    /** Three cards with two faces and one plain card, all turned the same way: the back of the plain one is what is wrong. */
    @Test
    void of_two_faced_cards_the_back_of_a_plain_one_is_the_wrong_side() {
        Script show = packet("AS/4S AH/4H AD/4D KC").step("show-sides", "count", "4");

        assertThat(hints(show))
                .filteredOn(hint -> hint.rule() == Hint.Rule.WRONG_SIDE)
                .singleElement()
                .satisfies(hint -> assertThat(hint.text()).startsWith("A back is seen"));
    }

    @Test
    void a_packet_of_which_fewer_are_seen_is_thick() {
        assertThat(rules(packet("KS KH KD KC").step("show-sides", "count", "3")))
                .containsExactly(Hint.Rule.THICK_PACKET);
        assertThat(rules(packet("KS KH KD").step("show-sides", "count", "3"))).isEmpty();
    }

    @Test
    void another_back_than_the_usual_one() {
        assertThat(rules(packet("KS KH/back-red").step("show-sides", "count", "2")))
                .containsExactly(Hint.Rule.ODD_BACK);
        assertThat(rules(packet("KS↑ KH/back-red↑").step("show-sides", "count", "2")))
                .isEmpty();
    }

    @Test
    void a_packet_thicker_than_it_passes_for() {
        assertThat(rules(packet("KS KH KD KC QS QH").step("hidden-third"))).containsExactly(Hint.Rule.THICK_PACKET);
        assertThat(rules(packet("KS KH KD").step("hidden-third"))).isEmpty();
    }

    /** Six: one is drawn, then all but the bottom one of five and none, that is four, as one; then two singly. */
    @Test
    void the_beat_whose_edge_is_seen_is_named() {
        assertThat(hints(packet("KS KH KD KC QS QH").step("block-count")).get(0).text())
                .isEqualTo("6 cards pass for 4: keep the packet square and its edge away from them."
                        + " The 2nd beat carries 4 of them.");
    }

    @Test
    void special_and_reversed_cards_in_what_is_handed_out() {
        assertThat(rules(packet("KS KH/AC").step("hand-over", "pile", "other-hand")))
                .containsExactly(Hint.Rule.HANDED_OUT_SPECIAL);
        assertThat(rules(packet("KS KH↑").step("hand-over", "pile", "other-hand")))
                .containsExactly(Hint.Rule.HANDED_OUT_REVERSED);
        assertThat(rules(packet("KS KH").step("hand-over", "pile", "other-hand")))
                .isEmpty();
        assertThat(rules(packet("KS KH/AC").step("hand-over", "pile", "other-hand", "to", "table:aside")))
                .isEmpty();
    }

    @Test
    void a_plain_blank_is_a_card_like_others() {
        assertThat(rules(packet("KS blank").step("hand-over", "pile", "other-hand")))
                .isEmpty();
        assertThat(hints(packet("KS blank").step("false-cut", "pile", "other-hand")))
                .isEmpty();
    }

    @Test
    void cards_in_the_pocket_from_the_start_were_never_on_the_table() {
        Script loaded = Script.deck(10).pile("pocket:left", "AS");

        assertThat(rules(loaded.step("hand-over", "to", "spectator:Ines"))).isEmpty();
        assertThat(rules(Script.deck(10).step("palm-top", "count", "1").step("hand-over", "to", "spectator:Ines")))
                .contains(Hint.Rule.HANDED_OUT_SHORT);
    }

    @Test
    void a_face_that_comes_up_by_accident() {
        Script turned = Script.deck(10).key("K", "AS", 10);

        assertThat(rules(turned.step("turn-over"))).containsExactly(Hint.Rule.SEEN_BY_ACCIDENT);
        assertThat(rules(Script.deck(10).key("K", "AS", 9).step("turn-over"))).isEmpty();
        assertThat(rules(Script.deck(10)
                        .key("K", "AS", 10)
                        .step("show-card", "at", "10")
                        .step("turn-over")))
                .doesNotContain(Hint.Rule.SEEN_BY_ACCIDENT);
        assertThat(rules(packet("KS KH/AC KD").step("lift-packet", "pile", "other-hand", "count", "1")))
                .containsExactly(Hint.Rule.SEEN_BY_ACCIDENT);
    }

    @Test
    void a_pile_handed_out_that_has_more_cards_than_it_is_taken_for() {
        assertThat(rules(packet("KS KH KD KC QS QH").step("block-count").step("hand-over", "pile", "other-hand")))
                .contains(Hint.Rule.HANDED_OUT_OTHER_NUMBER);
        assertThat(rules(packet("KS KH KD KC")
                        .step("count-beats", "beats", "peel peel peel peel")
                        .step("hand-over", "pile", "other-hand")))
                .isEmpty();
    }
}
