package craftypocket.core.advise;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.routine.RoleKind;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Each rule is raised by one routine and not by its near twin. */
class HintsTest {

    private static List<Hint.Rule> rules(Script script) {
        return Hints.of(script.plan(), script.trace()).stream().map(Hint::rule).toList();
    }

    private static Script counts(int times) {
        Script script = Script.deck(4);
        for (int i = 0; i < times; i++) {
            script.step("hidden-third", "pile", "deck");
        }
        return script;
    }

    @Test
    void the_fourth_repeat_of_a_packet_effect() {
        assertThat(rules(counts(4))).containsExactly(Hint.Rule.FOURTH_REPEAT);
        assertThat(rules(counts(3))).isEmpty();
    }

    private static Script riffled(String times, RoleKind kind, String card) {
        return Script.deck(12).role("S", kind, "", card).step("spectator-riffle", "times", times);
    }

    @Test
    void a_third_riffle_over_an_order() {
        assertThat(rules(riffled("3", RoleKind.SLUG, "AS 2S 3S"))).containsExactly(Hint.Rule.THIRD_RIFFLE);
        assertThat(rules(riffled("1-2", RoleKind.SLUG, "AS 2S 3S"))).isEmpty();
        assertThat(rules(riffled("3", RoleKind.HELPER, "AS"))).isEmpty();
        assertThat(rules(riffled("2", RoleKind.SLUG, "AS 2S 3S").step("spectator-riffle")))
                .containsExactly(Hint.Rule.THIRD_RIFFLE);
    }

    @Test
    void many_overhand_shuffles_over_a_key() {
        assertThat(rules(Script.deck(20).key("K", "AS", 1).step("spectator-overhand", "times", "5")))
                .containsExactly(Hint.Rule.OVERHANDS_OVER_KEY);
        assertThat(rules(Script.deck(20).key("K", "AS", 1).step("spectator-overhand", "times", "4")))
                .isEmpty();
    }

    private static Script announced(String number) {
        return Script.deck(10)
                .selection("A", "Ines")
                .key("K", "4S", 4)
                .step("follow-card", "at", "5")
                .step("announce-past", "estimate", "4±1", "number", number);
    }

    @Test
    void a_number_without_margin() {
        assertThat(rules(announced("6"))).containsExactly(Hint.Rule.NO_MARGIN);
        assertThat(rules(announced("7"))).isEmpty();
    }

    private static Script held(int steps) {
        Script script = Script.deck(10).step("hold-break", "depth", "5");
        for (int i = 1; i < steps; i++) {
            script.step("false-cut");
        }
        return script;
    }

    @Test
    void a_break_held_over_many_steps() {
        assertThat(rules(held(4))).containsExactly(Hint.Rule.LONG_BREAK);
        assertThat(rules(held(3))).isEmpty();
    }

    @Test
    void a_deck_handed_out_with_a_break_or_a_card_short() {
        assertThat(rules(held(1).step("hand-over"))).containsExactly(Hint.Rule.HANDED_OUT_WITH_BREAK);
        assertThat(rules(held(1).step("cut-to-break").step("hand-over"))).isEmpty();
        assertThat(rules(Script.deck(10).step("palm-top").step("hand-over")))
                .containsExactly(Hint.Rule.HANDED_OUT_SHORT, Hint.Rule.CARDS_AWAY);
        assertThat(rules(Script.deck(10).step("palm-top").step("palm-replace").step("hand-over")))
                .isEmpty();
    }

    @Test
    void a_key_that_everybody_sees() {
        assertThat(rules(Script.deck(10).key("K", "10S", 10).step("show-card", "at", "10")))
                .containsExactly(Hint.Rule.KEY_SHOWN);
        assertThat(rules(Script.deck(10).key("K", "10S", 10).step("show-card", "at", "9")))
                .isEmpty();
        assertThat(rules(Script.deck(10).key("K", "10S", 10).step("glimpse"))).isEmpty();
    }

    @Test
    void an_ending_without_drama_or_with_something_that_must_not_be_seen() {
        Script bare = Script.deck(10).key("A", "AS", 1).step("false-cut").step("turn-it-over");
        assertThat(rules(bare)).containsExactly(Hint.Rule.NO_DRAMA);
        assertThat(rules(Script.deck(10).key("A", "AS", 1).step("name-it").step("turn-it-over")))
                .isEmpty();

        assertThat(rules(Script.deck(52).extra("none", "KH/AC QS").step("false-cut")))
                .containsExactly(Hint.Rule.NOT_EXAMINABLE);
        assertThat(rules(Script.deck(52).extra("none", "KH QS").step("false-cut")))
                .isEmpty();
        assertThat(rules(Script.deck(10).step("palm-top"))).containsExactly(Hint.Rule.CARDS_AWAY);
    }

    @Test
    void every_hint_says_what_to_do_and_why() {
        for (Hint hint : Hints.of(counts(4).plan(), counts(4).trace())) {
            assertThat(hint.text()).endsWith(".");
            assertThat(hint.reason()).endsWith(".");
            assertThat(hint.step()).isEqualTo(3);
        }
    }
}
