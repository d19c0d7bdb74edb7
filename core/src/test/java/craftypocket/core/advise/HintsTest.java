package craftypocket.core.advise;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.routine.Step;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Each rule is raised by one routine and not by its near twin. */
class HintsTest {

    private static List<Hint.Rule> rules(Script script) {
        return Hints.of(script.plan(), script.knownTrace(Map.of()), Set.of()).stream()
                .map(Hint::rule)
                .toList();
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

    /** The opening count is another one, and a card that is turned changes what is seen. */
    @Test
    void an_opening_count_and_a_turned_card_are_no_repeats() {
        Script opened = Script.deck(6).step("block-count", "pile", "deck", "promise", "aside");
        Script turned = Script.deck(4);
        for (int i = 0; i < 3; i++) {
            opened.step("hidden-third", "pile", "deck", "promise", "aside");
        }
        for (int i = 0; i < 4; i++) {
            turned.step("hidden-third", "pile", "deck").step("turn-card", "pile", "deck", "at", "1");
        }

        assertThat(rules(opened)).doesNotContain(Hint.Rule.FOURTH_REPEAT);
        assertThat(rules(turned)).doesNotContain(Hint.Rule.FOURTH_REPEAT);
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
        assertThat(rules(palmed().step("hand-over"))).containsExactly(Hint.Rule.HANDED_OUT_SHORT, Hint.Rule.CARDS_AWAY);
        assertThat(rules(palmed().step("palm-replace").step("hand-over"))).isEmpty();
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
        assertThat(rules(palmed())).containsExactly(Hint.Rule.CARDS_AWAY);
        Script taken = Script.deck(13).selection("A", "Ines").step("spread-pick", "at", "4");
        assertThat(rules(taken)).isEmpty();
        assertThat(rules(taken.step("sign-card"))).containsExactly(Hint.Rule.CARDS_SPOILT);
    }

    private static Script palmed() {
        return Script.deck(10).step(Step.of("palm", "palm-top").looking(Look.PEOPLE));
    }

    private static Script forcedTwice(String second) {
        return Script.deck(20)
                .role("F", RoleKind.FORCE, "Jorun", "AS")
                .role("G", RoleKind.FORCE, "Bruno", "2S")
                .step("force-slip", "role", "F", "at", "10")
                .step("return-on-lower", "role", "F", "at", "8", "keep", "break")
                .step("name-it", "role", "F")
                .step("cut-to-break")
                .step("force-slip", "role", second, "at", "10");
    }

    @Test
    void the_same_card_forced_on_the_same_people_again() {
        assertThat(rules(forcedTwice("F"))).containsExactly(Hint.Rule.SAME_FORCE_CARD);
        Script other = Script.deck(20)
                .role("F", RoleKind.FORCE, "Jorun", "AS")
                .role("G", RoleKind.FORCE, "Bruno", "2S")
                .step("force-slip", "role", "F", "at", "10")
                .step("force-slip", "role", "G", "at", "10");
        assertThat(rules(other)).isEmpty();
    }

    @Test
    void a_card_that_was_forced_on_these_people_before() {
        Script script =
                Script.deck(20).role("F", RoleKind.FORCE, "Jorun", "AS").step("force-slip", "at", "10", "role", "F");
        Side ace = CardText.read("AS").orElseThrow();
        Side two = CardText.read("2S").orElseThrow();

        assertThat(Hints.of(script.plan(), script.trace(), Set.of(ace, two)))
                .extracting(Hint::rule)
                .containsExactly(Hint.Rule.SAME_FORCE_CARD);
        assertThat(Hints.of(script.plan(), script.trace(), Set.of(two))).isEmpty();
    }

    private static Script undercut(Look look) {
        return Script.deck(20)
                .step("hold-break", "depth", "8")
                .step(Step.of("cut", "double-undercut").looking(look));
    }

    @Test
    void eyes_on_the_hands_while_something_secret_is_done() {
        assertThat(rules(undercut(Look.HANDS))).containsExactly(Hint.Rule.LOOKS_AT_HANDS);
        assertThat(rules(undercut(Look.PEOPLE))).isEmpty();
        assertThat(rules(undercut(Look.AS_TAUGHT))).isEmpty();
        // A glimpse is taken with the eyes.
        assertThat(rules(Script.deck(9).step(Step.of("g", "glimpse").looking(Look.HANDS))))
                .isEmpty();
    }

    private static Script passed(Look look, String before, String after) {
        return Script.deck(20)
                .step("hold-break", "depth", "8")
                .step(before)
                .step(Step.of("pass", "pass").looking(look))
                .step(after);
    }

    @Test
    void a_secret_action_that_nothing_covers() {
        assertThat(rules(passed(Look.AS_TAUGHT, "false-cut", "false-cut"))).containsExactly(Hint.Rule.NOTHING_COVERS);
        assertThat(rules(passed(Look.AS_TAUGHT, "false-cut", "spectator-cut"))).isEmpty();
        assertThat(rules(passed(Look.AS_TAUGHT, "show-card", "false-cut"))).isEmpty();
        // A line or a gesture draws the eyes; a pause does not.
        assertThat(rules(passed(Look.AS_TAUGHT, "say", "false-cut"))).isEmpty();
        assertThat(rules(passed(Look.AS_TAUGHT, "false-cut", "gesture"))).isEmpty();
        assertThat(rules(passed(Look.AS_TAUGHT, "wait", "false-cut"))).containsExactly(Hint.Rule.NOTHING_COVERS);
        assertThat(rules(passed(Look.PEOPLE, "false-cut", "false-cut"))).isEmpty();
        assertThat(rules(passed(Look.AWAY, "false-cut", "false-cut"))).isEmpty();
    }

    private static Script coveredBy(String cover, String before, String after) {
        return Script.deck(20)
                .step("hold-break", "depth", "8")
                .step(Step.of("before", before))
                .step(Step.of("pass", "pass").with(new Attention(Look.AS_TAUGHT, Look.AS_TAUGHT, cover)))
                .step(Step.of("after", after));
    }

    @Test
    void a_cover_that_is_named_must_draw_the_eyes_beside_it() {
        assertThat(rules(coveredBy("after", "false-cut", "spectator-cut"))).isEmpty();
        assertThat(rules(coveredBy("before", "show-card", "false-cut"))).isEmpty();
        assertThat(rules(coveredBy("after", "false-cut", "gesture"))).isEmpty();
        // Another step would cover it; the one that is named does not.
        assertThat(rules(coveredBy("before", "false-cut", "spectator-cut"))).containsExactly(Hint.Rule.NOTHING_COVERS);
        assertThat(rules(coveredBy("s1", "false-cut", "spectator-cut"))).containsExactly(Hint.Rule.NOTHING_COVERS);
        assertThat(rules(coveredBy("gone", "false-cut", "spectator-cut"))).containsExactly(Hint.Rule.NOTHING_COVERS);
    }

    /** An open step needs no cover, but one that it names must be there. */
    @Test
    void a_cover_that_is_not_there_is_told_of_an_open_step_too() {
        Step open = Step.of("cut", "complete-cut", "depth", "20");
        Attention gone = new Attention(Look.AS_TAUGHT, Look.AS_TAUGHT, "gone");

        assertThat(rules(Script.deck(52).step(open.with(gone)))).containsExactly(Hint.Rule.NOTHING_COVERS);
        assertThat(rules(Script.deck(52).step(open))).isEmpty();
    }

    @Test
    void eyes_in_two_phases() {
        assertThat(rules(Script.deck(20)
                        .step("hold-break", "depth", "8")
                        .step(Step.of("cut", "double-undercut").with(new Attention(Look.HANDS, Look.PEOPLE, "")))))
                .isEmpty();
        assertThat(rules(Script.deck(20)
                        .step("hold-break", "depth", "8")
                        .step(Step.of("cut", "double-undercut").with(new Attention(Look.HANDS, Look.HANDS, "")))))
                .containsExactly(Hint.Rule.LOOKS_AT_HANDS);
    }

    @Test
    void a_name_revealed_but_never_learnt() {
        assertThat(rules(Script.deck(9)
                        .selection("A", "Ines")
                        .step("follow-card")
                        .step("name-it")))
                .containsExactly(Hint.Rule.NAME_NEVER_LEARNT);
        assertThat(rules(Script.deck(9)
                        .selection("A", "Ines")
                        .step("follow-card")
                        .step("glimpse", "where", "top")
                        .step("name-it")))
                .isEmpty();
    }

    private static Script reliedOn(String shuffle) {
        return Script.deck(20)
                .selection("A", "Ines")
                .step("follow-card", "at", "5")
                .step(shuffle)
                .step("spread-cull", "role", "A", "at", "15");
    }

    @Test
    void a_place_relied_on_but_destroyed() {
        List<Hint> hints = Hints.of(
                reliedOn("spectator-riffle").plan(),
                reliedOn("spectator-riffle").knownTrace(Map.of()),
                Set.of());

        assertThat(hints).extracting(Hint::rule).containsExactly(Hint.Rule.PLACE_DESTROYED);
        assertThat(hints.get(0).text()).contains("in step 2 has lost it");
        assertThat(hints.get(0).step()).isEqualTo(2);
        assertThat(rules(reliedOn("false-shuffle"))).isEmpty();
    }

    @Test
    void a_key_of_which_nobody_says_where_it_lies() {
        Script goesByIt = Script.anyDeck(52)
                .selection("A", "Ines")
                .role("K", RoleKind.KEY, "", "7C")
                .step("spread-pick", "role", "A")
                .step("return-drop-key", "role", "A", "key", "K");
        List<Hint> hints = Hints.of(goesByIt.plan(), goesByIt.knownTrace(Map.of()), Set.of());
        assertThat(hints).extracting(Hint::rule).contains(Hint.Rule.NOT_PLACED);
        assertThat(hints)
                .filteredOn(hint -> hint.rule() == Hint.Rule.NOT_PLACED)
                .singleElement()
                .satisfies(hint -> {
                    assertThat(hint.step()).isEqualTo(1);
                    assertThat(hint.text())
                            .isEqualTo(
                                    "7♣ is a key, and nothing says where it lies: place it, glimpse it, or find it on the way.");
                });
        assertThat(rules(Script.from(goesByIt.routine()).place("7C", 52))).doesNotContain(Hint.Rule.NOT_PLACED);
        assertThat(rules(Script.from(goesByIt.routine()).inNewDeckOrder())).doesNotContain(Hint.Rule.NOT_PLACED);
        // It is found by its name on the way.
        assertThat(rules(Script.anyDeck(52)
                        .role("K", RoleKind.KEY, "", "7C")
                        .step("turn-over")
                        .step("take-found", "role", "K")))
                .doesNotContain(Hint.Rule.NOT_PLACED);
    }

    @Test
    void some_card_has_no_name_in_a_hint() {
        Script script = Script.anyDeck(52)
                .selection("A", "Ines")
                .step("spread-pick", "role", "A", "at", "5")
                .step("sign-card", "role", "A");
        assertThat(Hints.of(script.plan(), script.trace(), Set.of()))
                .extracting(Hint::text)
                .anyMatch(text -> text.contains("some card is signed"))
                .noneMatch(text -> text.contains("♠"));
    }

    @Test
    void special_and_reversed_cards_handed_out() {
        assertThat(rules(Script.deck(0).extra("none", "KH/AC QS 2S").step("hand-over")))
                .containsExactly(Hint.Rule.HANDED_OUT_SPECIAL, Hint.Rule.NOT_EXAMINABLE);
        assertThat(rules(Script.deck(0).extra("none", "KH QS 2S").step("hand-over")))
                .isEmpty();
        assertThat(rules(Script.deck(9).step("turn-card", "at", "4").step("hand-over")))
                .containsExactly(Hint.Rule.HANDED_OUT_REVERSED);
        assertThat(rules(Script.deck(9)
                        .step("turn-card", "at", "4")
                        .step("turn-card", "at", "4")
                        .step("hand-over")))
                .isEmpty();
    }

    private static Script shown(String cards) {
        return Script.deck(0).extra("none", cards).step("turn-over").step("hidden-third", "pile", "deck");
    }

    @Test
    void a_face_seen_twice_in_one_count() {
        assertThat(rules(shown("KH QS 2S 5D"))).containsExactly(Hint.Rule.CARD_SHOWN_TWICE);
        assertThat(rules(shown("KH KH KH KH"))).isEmpty();
    }

    @Test
    void every_hint_says_what_to_do_and_why() {
        for (Hint hint : Hints.of(counts(4).plan(), counts(4).trace(), Set.of())) {
            assertThat(hint.text()).endsWith(".");
            assertThat(hint.reason()).endsWith(".");
            assertThat(hint.step()).isEqualTo(3);
        }
    }
}
