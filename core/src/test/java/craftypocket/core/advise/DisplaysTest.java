package craftypocket.core.advise;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.run.Trace;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each rule is raised by one routine and not by its near twin. */
class DisplaysTest {

    private static List<String> rules(Script script) {
        Trace trace = script.trace();
        assertThat(trace.moments()).allSatisfy(m -> assertThat(m.broken()).isEmpty());
        List<Trace.Moment> moments = trace.moments();
        return Displays.advice(script.plan().pack(), moments.get(moments.size() - 2), trace.end()).stream()
                .map(Advice::rule)
                .toList();
    }

    private static Script packet(String cards) {
        return Script.deck(52).extra("none", cards.replace("↑", "")).pile("other-hand", cards);
    }

    @Test
    void a_face_seen_twice_in_a_count_and_backs_that_look_alike() {
        assertThat(rules(packet("KS↑ KH↑ KD↑ KC↑").step("hidden-third"))).containsExactly(Displays.SHOWN_TWICE);
        assertThat(rules(packet("KS KH KD KC").step("hidden-third"))).isEmpty();
        assertThat(rules(packet("KS↑ KS↑ KD↑ KC↑").step("hidden-third"))).isEmpty();
        assertThat(Displays.advice(
                                packet("KS↑ KH↑ KD↑ KC↑")
                                        .step("hidden-third")
                                        .plan()
                                        .pack(),
                                packet("KS↑ KH↑ KD↑ KC↑")
                                        .step("hidden-third")
                                        .trace()
                                        .moments()
                                        .get(0),
                                packet("KS↑ KH↑ KD↑ KC↑")
                                        .step("hidden-third")
                                        .trace()
                                        .end())
                        .get(0)
                        .text())
                .startsWith("The king of spades is seen twice in one count, as the 1st and the 4th.");
    }

    @Test
    void the_other_face_of_a_card_among_backs() {
        Script show = packet("KS KH/AC KD").step("show-sides", "count", "3");

        assertThat(rules(show)).containsExactly(Displays.WRONG_SIDE);
        assertThat(rules(packet("KS KH KD").step("show-sides", "count", "3"))).isEmpty();
        assertThat(rules(packet("KS↑ back/back↑ KD↑").step("show-sides", "count", "3")))
                .containsExactly(Displays.WRONG_SIDE);
    }

    @Test
    void another_back_than_the_usual_one() {
        assertThat(rules(packet("KS KH/back-red").step("show-sides", "count", "2")))
                .containsExactly(Displays.ODD_BACK);
        assertThat(rules(packet("KS↑ KH/back-red↑").step("show-sides", "count", "2")))
                .isEmpty();
    }

    @Test
    void a_packet_thicker_than_it_passes_for() {
        assertThat(rules(packet("KS KH KD KC QS QH").step("hidden-third"))).containsExactly(Displays.THICK);
        assertThat(rules(packet("KS KH KD").step("hidden-third"))).isEmpty();
    }

    @Test
    void special_and_reversed_cards_in_what_is_handed_out() {
        assertThat(rules(packet("KS KH/AC").step("hand-over", "pile", "other-hand")))
                .containsExactly(Displays.SPECIAL);
        assertThat(rules(packet("KS KH↑").step("hand-over", "pile", "other-hand")))
                .containsExactly(Displays.REVERSED);
        assertThat(rules(packet("KS KH").step("hand-over", "pile", "other-hand")))
                .isEmpty();
        assertThat(rules(packet("KS KH/AC").step("hand-over", "pile", "other-hand", "to", "table:aside")))
                .isEmpty();
    }
}
