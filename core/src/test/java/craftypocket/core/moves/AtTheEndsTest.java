package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.evening.Handover;
import craftypocket.core.evening.Reset;
import craftypocket.core.evening.Resets;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Known;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Survey.Verdict;
import craftypocket.core.run.Trace;
import craftypocket.core.run.World;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Packets that run out, breaks with nothing on one side, cards taken from either end: each case laid out by hand. */
class AtTheEndsTest {

    private static List<Integer> after(Script script) {
        Trace trace = script.trace();
        assertThat(trace.moments()).allSatisfy(m -> assertThat(m.broken()).isEmpty());
        return Script.cards(trace, "deck");
    }

    private static String broken(Script script) {
        return script.trace().end().broken().orElseThrow().reason();
    }

    /** What a survey says of the condition whose sentence holds these words. */
    private static Survey.Finding finding(Script script, String words) {
        return script.survey().findings().stream()
                .filter(finding -> finding.condition().sentence() != null
                        && finding.condition().sentence().contains(words))
                .findFirst()
                .orElseThrow();
    }

    private static Verdict verdict(Script script, String words) {
        return finding(script, words).verdict();
    }

    // ---- chunks ---------------------------------------------------------------------------------------------

    @ParameterizedTest
    @ValueSource(strings = {"overhand", "hindu"})
    void small_chunks_before_the_ones_until_gone_do_not_make_them_fewer(String shuffle) {
        Script script = Script.deck(12).step(shuffle, "chunks", "1 1 5 until gone");

        assertThat(after(script)).containsExactly(8, 9, 10, 11, 12, 3, 4, 5, 6, 7, 2, 1);
        assertThat(script.trace().end().remarks()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // The break at 9: packets of 1, 1, 4 and the 3 that are left above it, the rest on top.
        "9, 1 1 4 to break, 10 11 12 7 8 9 3 4 5 6 2 1",
        "7, 3 2 to break, 8 9 10 11 12 6 7 4 5 1 2 3",
        "1, 3 to break, 2 3 4 5 6 7 8 9 10 11 12 1"
    })
    void packets_go_on_down_to_the_break(int depth, String packets, String order) {
        Script script = Script.deck(12)
                .step("hold-break", "depth", String.valueOf(depth))
                .step("packets-to-table", "packets", packets);

        assertThat(after(script))
                .isEqualTo(
                        List.of(order.split(" ")).stream().map(Integer::valueOf).toList());
        assertThat(script.trace().end().remarks()).isEmpty();
    }

    @Test
    void eight_threes_are_twenty_four() {
        Script script = Script.deck(52)
                .step("lift-packet", "count", "28", "to", "table:away")
                .step("overhand", "chunks", "3 until gone");

        assertThat(after(script).subList(0, 6)).containsExactly(50, 51, 52, 47, 48, 49);
        assertThat(script.trace().end().remarks()).isEmpty();
    }

    @Test
    void a_perfect_shuffle_needs_equal_halves_of_what_is_not_kept_in_each_world() {
        Script twelve = Script.deck(12).step("faro-out", "stock", "4±1");
        Script thirteen = Script.deck(13).step("faro-out", "stock", "4±1");

        assertThat(Script.cards(twelve.trace(Map.of("s1.stock", 4)), "deck"))
                .containsExactly(1, 2, 3, 4, 5, 9, 6, 10, 7, 11, 8, 12);
        assertThat(twelve.trace(Map.of("s1.stock", 3)).end().broken()).isPresent();
        assertThat(thirteen.trace(Map.of("s1.stock", 4)).end().broken()).isPresent();
        assertThat(thirteen.trace(Map.of("s1.stock", 5)).end().broken()).isEmpty();
    }

    // ---- breaks ---------------------------------------------------------------------------------------------

    @ParameterizedTest
    @CsvSource({
        "force-riffle-break, bottom, No card lies below the break.",
        "force-packet-cut, bottom, No card lies below the break.",
        "cut-to-break, bottom, No card lies below the break.",
        "pass, bottom, No card lies below the break.",
        "half-pass, bottom, No card lies below the break.",
        "double-undercut, bottom, No card lies below the break.",
        "shuffle-from-break, bottom, No card lies below the break.",
        "feed-sandwich, top, No card lies above the break.",
        "peek-by-step, top, No card lies above the break.",
        "cut-to-break, top, No card lies above the break."
    })
    void beside_a_break_at_an_end_nothing_is_left_when_its_card_is_taken(String move, String end, String reason) {
        boolean top = end.equals("top");
        Script script = Script.deck(12)
                .selection("A", "Ines")
                .role("F", RoleKind.FORCE, "", "9S")
                .step("hold-break", "depth", top ? "1" : "11")
                .step("lift-packet", "end", end, "count", "1", "to", "table:away")
                .step(move);

        assertThat(broken(script)).isEqualTo(reason);
    }

    @Test
    void what_lies_above_a_break_shows_what_is_on_its_under_side() {
        Script glimpse = Script.deck(5)
                .step("turn-card", "at", "2")
                .step("hold-break", "depth", "2")
                .step("glimpse", "where", "break");
        Script peek = Script.deck(5)
                .step("turn-card", "at", "2")
                .step("hold-break", "depth", "2")
                .step("peek-by-step");

        Trace.Shown back = new Trace.Shown(1, false, Knower.PERFORMER);
        assertThat(glimpse.trace().end().shown()).containsExactly(back);
        assertThat(peek.trace().end().shown()).containsExactly(back);
        assertThat(broken(Script.deck(5)
                        .step("hold-break", "depth", "1")
                        .step("lift-packet", "count", "1", "to", "table:away")
                        .step("glimpse", "where", "break")))
                .isEqualTo("No card lies above the break.");
    }

    /** The bottom card lies face up and is known: from below only its back is seen, and it is known all the same. */
    @Test
    void a_glimpse_takes_no_name_away() {
        Known known = Script.deck(9)
                .key("L")
                .key("K", "3S", 9)
                .step("turn-card", "at", "9")
                .step("glimpse", "where", "bottom", "as", "L")
                .known();

        assertThat(known.name(0)).isTrue();
    }

    @Test
    void of_one_card_there_is_no_second_and_an_empty_deck_is_not_cut() {
        assertThat(broken(Script.deck(1).step("glimpse", "where", "second"))).contains("at least 2 cards");
        assertThat(broken(Script.deck(3)
                        .step("lift-packet", "count", "3", "to", "table:away")
                        .step("packets-to-table", "packets", "1")))
                .contains("at least 1 card");
    }

    @Test
    void nothing_is_held_in_a_hand_that_is_not_yours() {
        for (String place : List.of("spectator:Ines", "pocket:left", "case")) {
            Script script = Script.deck(9)
                    .selection("A", "Ines")
                    .step("lift-packet", "count", "5", "to", place)
                    .step("hold-break", "pile", place, "depth", "2");

            assertThat(broken(script)).as(place).contains("it is not in your hands");
        }
    }

    @Test
    void a_block_that_is_turned_keeps_its_jogged_card_and_its_break() {
        // The third of twelve lies sixth when eight are turned: 9 − 3.
        Trace jogged = Script.deck(12)
                .step("jog-card", "at", "3", "way", "in")
                .step("turn-top", "count", "8")
                .step("push-square", "way", "in", "break", "under")
                .trace();
        Trace held = Script.deck(12)
                .step("hold-break", "depth", "3")
                .step("turn-top", "count", "8")
                .step("turn-over")
                .trace();

        assertThat(jogged.end().layout().holds()).containsExactly(new Hold(Hold.Kind.BREAK, Place.DECK, 6));
        // Three above it become five of the turned eight, and those seven of the whole.
        assertThat(held.moments().get(2).layout().holds()).containsExactly(new Hold(Hold.Kind.BREAK, Place.DECK, 5));
        assertThat(held.end().layout().holds()).containsExactly(new Hold(Hold.Kind.BREAK, Place.DECK, 7));
    }

    // ---- returns --------------------------------------------------------------------------------------------

    @ParameterizedTest
    @CsvSource({"2, table", "3, table", "4, table", "52, table", "2, cut", "4, cut", "52, cut", "3, hindu", "52, hindu"
    })
    void a_card_from_either_end_comes_back_beside_the_bottom_key(int cards, String way) {
        Script script = Script.deck(cards)
                .selection("A", "Ines")
                .key("K", "AS", cards)
                .step("spread-pick", "at", "1-" + (cards - 1))
                .step("return-drop-key", "at", "from A", "way", way)
                .claim("directly-below", "role", "A", "of", "K", "deck", "circle");

        assertThat(script.survey().allHold()).isTrue();
        assertThat(script.survey().worlds()).isEqualTo(cards - 1);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 52})
    void a_card_from_either_end_comes_back_beside_the_top_key(int cards) {
        Script script = Script.deck(cards)
                .selection("A", "Ines")
                .key("K", "AS", 1)
                .step("spread-pick", "at", "2-" + cards)
                .step("return-on-top-key", "at", "from A")
                .claim("directly-below", "role", "K", "of", "A", "deck", "circle");

        assertThat(script.survey().allHold()).isTrue();
    }

    @Test
    void all_tabled_is_a_return_too() {
        // The key lies below 2, 3, 4 and 5, so the second card is 3.
        Script pick = Script.deck(5).selection("A", "Ines").key("K", "AS", 5).step("spread-pick", "at", "2");

        assertThat(after(Script.from(pick.routine()).step("return-drop-key", "at", "4", "way", "table"))
                        .get(0))
                .isEqualTo(3);
        assertThat(after(Script.from(pick.routine()).step("return-on-lower", "at", "0"))
                        .get(0))
                .isEqualTo(3);
        assertThat(after(Script.from(pick.routine()).step("return-on-lower", "at", "4"))
                        .get(4))
                .isEqualTo(3);
        // Nobody lets them put it on top or at the bottom when they may stop anywhere.
        assertThat(Script.from(pick.routine())
                        .step("return-on-lower", "at", "any")
                        .survey()
                        .worlds())
                .isEqualTo(3);
    }

    // ---- forces ---------------------------------------------------------------------------------------------

    @ParameterizedTest
    @CsvSource({"1, NEVER", "12, NEVER", "13, ALWAYS", "26, ALWAYS", "39, ALWAYS", "40, NEVER", "51, NEVER"})
    void salt_opens_a_deck_near_the_middle_only(int at, Verdict expected) {
        Script script = Script.deck(52)
                .role("F", RoleKind.FORCE, "Ines", "QD")
                .place("QD", at)
                .place("7C", at + 1)
                .mark("7C", "salted")
                .step("force-salt", "role", "F");

        assertThat(verdict(script, "near the middle")).isEqualTo(expected);
    }

    @Test
    void salt_stays_until_it_is_brushed_off() {
        Script salted = Script.anyDeck(52)
                .role("F", RoleKind.FORCE, "Ines", "QD")
                .place("QD", 25)
                .place("7C", 26)
                .mark("7C", "salted");
        Plan plain = Script.anyDeck(52).plan();

        Script forced = Script.from(salted.routine()).step("force-salt", "role", "F");
        Script brushed = Script.from(forced.routine()).step("brush-off");
        assertThat(broken(Script.from(salted.routine()).step("brush-off").step("force-salt", "role", "F")))
                .startsWith("There is no salt below");
        assertThat(broken(Script.from(brushed.routine()).step("brush-off"))).isEqualTo("There is no salt in the deck.");
        assertThat(Resets.before(Handover.after(forced.plan(), World.USUAL), plain)
                        .list())
                .extracting(Reset::sentence)
                .containsExactly("Brush the salt off 7♣.");
        assertThat(Resets.before(Handover.after(brushed.plan(), World.USUAL), plain)
                        .list())
                .isEmpty();
    }

    @Test
    void a_stop_far_from_the_break_is_seen() {
        Script middle = riffleForce(26, "any");

        // 21 to 31 of the 52 places at which they can stop.
        assertThat(finding(middle, "within 5 cards").held()).isEqualTo(11);
        assertThat(middle.survey().worlds()).isEqualTo(52);
        assertThat(riffleForce(26, "at break±5").survey().allHold()).isTrue();
        assertThat(verdict(riffleForce(2, "2"), "near the middle")).isEqualTo(Verdict.NEVER);
        assertThat(verdict(riffleForce(2, "any"), "within 5 cards")).isEqualTo(Verdict.SOMETIMES);
    }

    private static Script riffleForce(int depth, String at) {
        return Script.deck(52)
                .role("F", RoleKind.FORCE, "Ines", "QD")
                .place("QD", depth + 1)
                .step("hold-break", "depth", String.valueOf(depth))
                .step("force-riffle-break", "role", "F", "at", at);
    }

    /** 25 cards above the one over the break: six packets of four, one card, and the packet taken at the break. */
    @Test
    void they_stop_at_a_packet_that_there_is() {
        Script script = Script.deck(52)
                .role("F", RoleKind.FORCE, "Ines", "QD")
                .place("QD", 27)
                .step("hold-break", "depth", "26")
                .step("force-packet-cut", "packets", "4 until gone", "stop", "any");

        assertThat(script.survey().worlds()).isEqualTo(8);
        assertThat(script.survey().allHold()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"19, above, true", "19, below, false", "21, below, true", "21, above, false"})
    void a_short_card_lies_on_either_side_of_the_force_card(int at, String side, boolean done) {
        Script script = Script.deck(52)
                .selection("A", "Ines")
                .role("F", RoleKind.FORCE, "", "QD")
                .place("QD", 20)
                .place("7C", at)
                .mark("7C", "short")
                .step("force-short-riffle", "role", "A", "force", "F", "short", side);

        assertThat(script.trace().end().broken().isEmpty()).isEqualTo(done);
        assertThat(verdict(script, "near the middle")).isEqualTo(Verdict.ALWAYS);
    }

    // ---- reveals and displays --------------------------------------------------------------------------------

    private static Script placed(String card, int nth) {
        return Script.deck(9).role("A", RoleKind.SELECTION, "Ines", card).place(card, nth);
    }

    @Test
    void between_two_backs_is_no_sandwich() {
        Script backs = placed("9S", 4).step("show-between", "role", "A");
        Script faces = placed("9S", 4)
                .step("turn-card", "at", "3")
                .step("turn-card", "at", "5")
                .step("show-between", "role", "A");

        assertThat(verdict(backs, "on either side")).isEqualTo(Verdict.NEVER);
        assertThat(verdict(faces, "on either side")).isEqualTo(Verdict.ALWAYS);
    }

    @Test
    void what_lies_face_up_already_is_no_reveal() {
        for (List<String> reveal : List.of(List.of("top-card-turn"), List.of("count-to", "number", "1"))) {
            String[] settings = reveal.subList(1, reveal.size()).toArray(String[]::new);
            Script down = placed("9S", 1).step(reveal.get(0), settings);
            Script up = placed("9S", 1).step("turn-card", "at", "1").step(reveal.get(0), settings);

            assertThat(verdict(down, "lies face down")).as("%s", reveal).isEqualTo(Verdict.ALWAYS);
            assertThat(verdict(up, "lies face down")).as("%s", reveal).isEqualTo(Verdict.NEVER);
        }
    }

    @Test
    void the_only_reversed_card_is_the_only_one() {
        assertThat(verdict(placed("9S", 4).step("only-reversed", "role", "A", "at", "3"), "only card"))
                .isEqualTo(Verdict.ALWAYS);
        assertThat(verdict(
                        placed("9S", 4).step("turn-card", "at", "7").step("only-reversed", "role", "A", "at", "3"),
                        "only card"))
                .isEqualTo(Verdict.NEVER);
    }

    @Test
    void a_wrong_lift_is_done_and_said_to_be_wrong() {
        Script script = Script.deck(12)
                .step("turn-top", "count", "6")
                .step("show-mixture", "upper", "6", "join", "5", "lower", "9");

        assertThat(after(script)).hasSize(12);
        assertThat(verdict(script, "The first lift")).isEqualTo(Verdict.NEVER);
        assertThat(verdict(script, "The second lift")).isEqualTo(Verdict.NEVER);
        assertThat(verdict(script, "The third lift")).isEqualTo(Verdict.ALWAYS);
    }

    @Test
    void a_card_on_the_face_that_is_not_theirs_is_taken_for_it() {
        Script script = Script.deck(52)
                .role("A", RoleKind.SELECTION, "Ines", "QD")
                .key("L")
                .place("QD", 30)
                .step("double-spell-cut", "role", "A", "first", "L");

        assertThat(script.trace().end().broken()).isEmpty();
        assertThat(verdict(script, "on the bottom")).isEqualTo(Verdict.NEVER);
    }

    @Test
    void a_jogged_card_does_not_ask_for_a_place() {
        Script script = placed("9S", 4).step("jog-card", "which", "card", "role", "A", "at", "60");

        assertThat(script.trace().end().broken()).isEmpty();
        assertThat(script.trace().end().layout().holds()).containsExactly(new Hold(Hold.Kind.OUT_JOG, Place.DECK, 3));
    }

    @Test
    void cards_that_lay_face_down_are_seen_as_they_are_added_on() {
        Trace trace = Script.deck(12)
                .step("lift-packet", "count", "3", "to", "other-hand")
                .step("hold-break", "depth", "2")
                .step("add-on")
                .trace();

        assertThat(trace.end().shown())
                .contains(
                        new Trace.Shown(0, true, Knower.EVERYBODY),
                        new Trace.Shown(1, true, Knower.EVERYBODY),
                        new Trace.Shown(2, true, Knower.EVERYBODY));
    }

    @Test
    void without_a_break_only_the_break_is_missing() {
        Script script = Script.deck(12)
                .step("lift-packet", "count", "3", "to", "other-hand")
                .step("add-on");

        assertThat(verdict(script, "the break is under")).isEqualTo(Verdict.NEVER);
        assertThat(verdict(script, "have backs up")).isEqualTo(Verdict.ALWAYS);
    }

    @Test
    void three_counted_as_four_hide_nothing() {
        Script three = Script.deck(3)
                .step("lift-packet", "count", "3", "to", "other-hand")
                .step("hidden-third");

        assertThat(three.survey().allHold()).isTrue();
    }
}
