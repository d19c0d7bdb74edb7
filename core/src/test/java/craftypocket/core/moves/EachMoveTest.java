package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.Script;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knower;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.run.Survey;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Sentence;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The exact effect of each move, on decks small enough to lay out. */
class EachMoveTest {

    private static final Set<String> TRIED = new TreeSet<>();

    private static Script deck(int cards) {
        return Script.deck(cards);
    }

    private static List<Integer> after(Script script) {
        return after(script, "deck");
    }

    private static List<Integer> after(Script script, String place) {
        script.routine().steps().forEach(s -> TRIED.add(s.move()));
        Trace trace = script.trace();
        assertThat(trace.moments()).allSatisfy(m -> assertThat(m.broken()).isEmpty());
        return Script.cards(trace, place);
    }

    private static String broken(Script script) {
        return script.trace().end().broken().orElseThrow().reason();
    }

    @AfterAll
    static void every_move_of_the_catalogue_was_tried() {
        TRIED.addAll(EachMoveTableTest.tried());
        TRIED.addAll(ChanceMovesTest.TRIED);
        assertThat(TRIED)
                .containsAll(AllMoves.CATALOGUE.moves().stream().map(Move::id).toList());
    }

    @Test
    void cuts() {
        assertThat(after(deck(5).step("complete-cut", "depth", "2"))).containsExactly(3, 4, 5, 1, 2);
        assertThat(after(deck(5).step("spectator-cut", "depth", "4"))).containsExactly(5, 1, 2, 3, 4);
        assertThat(after(deck(5).step("false-cut"))).containsExactly(1, 2, 3, 4, 5);
        assertThat(after(deck(6).step("packets-to-table", "packets", "1 2"))).containsExactly(4, 5, 6, 2, 3, 1);
        assertThat(after(deck(5).step("hold-break", "depth", "2").step("cut-to-break")))
                .containsExactly(3, 4, 5, 1, 2);
        assertThat(broken(deck(5).step("cut-to-break"))).isEqualTo("Nothing holds a break in the deck.");
    }

    @Test
    void double_undercut_is_a_cut_at_the_break_whatever_goes_first() {
        for (int first = 1; first <= 5; first++) {
            assertThat(after(deck(9).step("hold-break", "depth", "3")
                            .step("double-undercut", "first", String.valueOf(first))))
                    .containsExactly(4, 5, 6, 7, 8, 9, 1, 2, 3);
        }
        assertThat(broken(deck(9).step("hold-break", "depth", "3").step("double-undercut", "first", "6")))
                .contains("outside 1…5");
    }

    @Test
    void shuffles() {
        assertThat(after(deck(6).step("overhand", "chunks", "1 2 3"))).containsExactly(4, 5, 6, 2, 3, 1);
        assertThat(after(deck(6).step("overhand-top-to-bottom", "chunks", "2 3")))
                .containsExactly(4, 5, 6, 2, 3, 1);
        assertThat(after(deck(6).step("overhand-bottom-to-top", "chunks", "2 3")))
                .containsExactly(6, 3, 4, 5, 1, 2);
        assertThat(after(deck(6).step("overhand-bottom-to-top", "singles", "3", "chunks", "rest")))
                .containsExactly(6, 5, 4, 1, 2, 3);
        assertThat(after(deck(6).step("milk-keep", "chunks", "1 rest"))).containsExactly(3, 4, 5, 2, 1, 6);
        assertThat(after(deck(6).step("hindu", "chunks", "2 1 rest"))).containsExactly(4, 5, 6, 3, 1, 2);
        assertThat(after(deck(6).step("false-shuffle"))).containsExactly(1, 2, 3, 4, 5, 6);
        assertThat(after(deck(6).step("overhand", "chunks", "1 2"))).containsExactly(2, 3, 4, 5, 6, 1);
    }

    @Test
    void hindu_halt_shows_the_bottom_card() {
        Trace shown = deck(6).step("hindu", "chunks", "2 rest", "face", "them").trace();
        Trace glimpsed =
                deck(6).step("hindu", "chunks", "2 rest", "face", "you").trace();

        assertThat(shown.end().shown()).containsExactly(new Trace.Shown(5, true, Knower.EVERYBODY));
        assertThat(glimpsed.end().shown()).containsExactly(new Trace.Shown(5, true, Knower.PERFORMER));
    }

    @Test
    void a_pick_takes_the_card_and_its_owner_learns_it() {
        Script pick = deck(5).selection("A", "Ines").step("spread-pick", "at", "2");

        assertThat(after(pick)).containsExactly(1, 3, 4, 5);
        assertThat(after(pick, "spectator:Ines")).containsExactly(2);
        assertThat(pick.trace().end().roles().get(0).nameKnownTo()).containsExactly(1);
    }

    @Test
    void a_pick_leaves_out_what_must_not_be_taken() {
        Script ends = deck(5).selection("A", "Ines").step("spread-pick", "not", "ends");
        Script key = deck(5).selection("A", "Ines").key("K", "3S", 3).step("spread-pick", "except", "K");

        assertThat(ends.survey().worlds()).isEqualTo(3);
        assertThat(key.survey().worlds()).isEqualTo(4);
        assertThat(broken(deck(5).selection("A", "Ines").step("spread-pick", "not", "top", "at", "1")))
                .contains("is 1, which is excluded");
    }

    @Test
    void returns() {
        Script picked = deck(6).selection("A", "Ines").step("spread-pick", "at", "1");
        assertThat(after(picked.step("return-on-lower", "at", "3"))).containsExactly(2, 3, 4, 1, 5, 6);

        Trace held = deck(6).selection("A", "Ines")
                .step("spread-pick", "at", "1")
                .step("return-on-lower", "at", "2", "keep", "break")
                .trace();
        assertThat(held.end().layout().holds())
                .singleElement()
                .matches(h -> h.kind() == Hold.Kind.BREAK && h.depth() == 2);
        assertThat(broken(deck(6).selection("A", "Ines").step("return-on-lower", "at", "2")))
                .isEqualTo("Ines’s card is not out of the deck.");
    }

    /** The key is 6, on the bottom; the selection is 1; the other cards are 2 to 5. */
    @Test
    void three_ways_of_dropping_the_key_differ_only_in_the_other_cards() {
        assertThat(after(withKey("cut", "2"))).containsExactly(4, 5, 6, 1, 2, 3);
        assertThat(after(withKey("table", "2"))).containsExactly(4, 5, 6, 1, 2, 3);
        assertThat(after(withKey("hindu", "3"))).containsExactly(5, 6, 1, 4, 2, 3);
        // With the key elsewhere it is done all the same, and fails.
        Script wrong = Script.deck(6)
                .selection("A", "Ines")
                .key("K", "2S", 2)
                .step("spread-pick", "at", "1")
                .step("return-drop-key", "way", "table", "at", "2");
        assertThat(wrong.cards("deck")).containsExactly(4, 5, 6, 1, 2, 3);
        assertThat(wrong.survey().allHold()).isFalse();
        assertThat(wrong.survey().findings())
                .filteredOn(finding -> finding.verdict() != Survey.Verdict.ALWAYS)
                .extracting(finding -> finding.condition().sentence())
                .containsExactly("Before it, key K (2♠) is on the bottom of the deck");
    }

    private static Script withKey(String way, String at) {
        return deck(6).selection("A", "Ines")
                .key("K", "6S", 6)
                .step("spread-pick", "at", "1")
                .step("return-drop-key", "way", way, "at", at, "pull", "2");
    }

    @Test
    void thinking_in_a_packet_parts_the_deck_with_the_thought_of_card_on_its_face() {
        Script thought = deck(6).selection("A", "Orla").step("think-in-packet", "at", "2");

        assertThat(after(thought, "spectator:Orla")).containsExactly(1, 2);
        assertThat(after(thought, "table:rest")).containsExactly(3, 4, 5, 6);
        assertThat(after(
                        thought.step("bury-packet", "packet", "spectator:Orla", "pile", "table:rest", "at", "3"),
                        "table:rest"))
                .containsExactly(3, 4, 5, 1, 2, 6);
    }

    @Test
    void packets_are_lifted_dropped_and_dealt() {
        assertThat(after(deck(5).step("lift-packet", "count", "2"), "table:packet"))
                .containsExactly(1, 2);
        assertThat(after(deck(5).step("lift-packet", "count", "2", "end", "bottom"), "table:packet"))
                .containsExactly(4, 5);
        assertThat(after(deck(5).step("lift-packet", "count", "2").step("drop-packet", "onto", "under")))
                .containsExactly(3, 4, 5, 1, 2);
        assertThat(after(deck(5).step("deal-singly", "count", "3"), "table:dealt"))
                .containsExactly(-3, -2, -1);
        assertThat(after(deck(5).step("deal-singly", "count", "3", "face", "down"), "table:dealt"))
                .containsExactly(3, 2, 1);
        assertThat(after(deck(5).key("K", "2S", 2).step("deal-past-key"), "table:dealt"))
                .containsExactly(-3, -2, -1);
        assertThat(broken(deck(5).key("K", "5S", 5).step("deal-past-key")))
                .isEqualTo("key K (5♠) lies so low that no card can be dealt after it.");
        assertThat(broken(deck(5).step("lift-packet", "to", "deck", "count", "1")))
                .isEqualTo("“From” and “To” are the same place.");
    }

    @Test
    void packets_are_cut_off_slipped_and_marked() {
        assertThat(after(deck(6).step("slip-cut", "depth", "3"))).containsExactly(1, 4, 5, 6);
        assertThat(after(deck(6).step("slip-cut", "depth", "3"), "other-hand")).containsExactly(2, 3);
        assertThat(after(deck(6).step("swing-cut", "depth", "2"), "other-hand")).containsExactly(1, 2);
        assertThat(after(deck(6).step("hold-break", "depth", "2").step("pass"))).containsExactly(3, 4, 5, 6, 1, 2);
        Script marked = deck(6).step("crosswise", "depth", "2");
        assertThat(after(marked, "table:below")).containsExactly(1, 2);
        assertThat(after(marked, "table:across")).containsExactly(3, 4, 5, 6);
    }

    @Test
    void shuffles_that_keep_the_top_keep_it_in_order() {
        assertThat(after(deck(9).step("jog-keep-stock", "stock", "3", "chunks", "2 rest", "again", "4 rest")))
                .containsExactly(1, 2, 3, 6, 4, 7, 8, 9, 5);
        assertThat(after(deck(8).step("hindu-keep-top", "stock", "3", "chunks", "2 rest")))
                .containsExactly(1, 2, 3, 6, 7, 8, 4, 5);
    }

    @Test
    void messy_shuffle_needs_its_separation_untouched() {
        assertThat(after(deck(4).step("messy", "blocks", "1 1 rest"))).containsExactly(4, -2, 1, 3);
        assertThat(after(deck(4).step("messy", "blocks", "1 1 rest").step("turn-upper-half")))
                .containsExactly(2, -4, 1, 3);
        assertThat(broken(deck(4).step("messy", "blocks", "1 1 rest")
                        .step("complete-cut", "depth", "1")
                        .step("turn-upper-half")))
                .isEqualTo("Nothing in the deck opens by itself, and no break is held.");
    }

    @Test
    void perfect_shuffles_interlace_the_halves() {
        assertThat(after(deck(6).step("faro-out"))).containsExactly(1, 4, 2, 5, 3, 6);
        assertThat(after(deck(6).step("faro-in"))).containsExactly(4, 1, 5, 2, 6, 3);
        assertThat(broken(deck(7).step("faro-in"))).contains("two equal halves");
    }

    /**
     * Published: P. Diaconis, R. L. Graham, W. M. Kantor, "The mathematics of perfect shuffles", Advances in Applied
     * Mathematics 4 (1983) 175–196; OEIS A002326.
     */
    @ParameterizedTest
    @CsvSource({
        "52, faro-out, 8",
        "52, faro-in, 52",
        "54, faro-out, 52",
        "54, faro-in, 20",
        "20, faro-out, 18",
        "20, faro-in, 6",
        "32, faro-out, 5",
        "32, faro-in, 10"
    })
    void perfect_shuffles_restore_a_pack_after_the_published_number(int cards, String move, int shuffles) {
        Script script = deck(cards);
        List<Integer> start = script.cards("deck");
        for (int shuffle = 1; shuffle <= shuffles; shuffle++) {
            script.step(move);
            assertThat(script.cards("deck").equals(start))
                    .as("after %d", shuffle)
                    .isEqualTo(shuffle == shuffles);
        }
    }

    /** Published, same source: the binary digits of k, 1 for in and 0 for out, bring the top card below k cards. */
    @Test
    void binary_digits_bring_the_top_card_to_every_place_of_52() {
        for (int k = 0; k < 52; k++) {
            Script script = deck(52);
            for (char digit : Integer.toBinaryString(k).toCharArray()) {
                script.step(digit == '1' ? "faro-in" : "faro-out");
            }
            assertThat(script.cards("deck").indexOf(1)).isEqualTo(k);
        }
    }

    @Test
    void cards_are_thrown_beside_the_key_or_slipped_below_the_top() {
        assertThat(after(deck(6).selection("A", "Ines").step("return-throw-centre", "at", "4")))
                .containsExactly(1, 4, 2, 3, 5, 6);
        assertThat(after(deck(6).selection("A", "Ines").step("deal-to-number", "at", "3")))
                .containsExactly(2, 1, 3, 4, 5, 6);
        assertThat(after(deck(6).step("hold-break", "depth", "3").step("depth-insert")))
                .containsExactly(2, 3, 1, 4, 5, 6);
        assertThat(broken(deck(6).step("hold-break", "depth", "1").step("depth-insert")))
                .contains("at least two cards");
    }

    /** Common practice: orders and faces of the count on three, four and five cards; on six by the same beats. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3 | 1 3 2 | 1 2 3 1",
                "4 | 1 4 2 3 | 1 2 4 1",
                "5 | 1 5 2 3 4 | 1 2 5 1",
                "6 | 1 6 2 3 4 5 | 1 2 6 1"
            })
    void count_hiding_the_third(int cards, String order, String faces) {
        Script count = deck(cards).step("turn-over").step("turn-over").step("hidden-third", "pile", "deck");

        assertThat(after(count)).isEqualTo(numbers(order));
        Trace.Moment end = count.trace().end();
        assertThat(end.shown().stream().map(s -> s.card() + 1).toList()).isEqualTo(numbers(faces));
        assertThat(end.shown()).noneMatch(Trace.Shown::front);
    }

    private static List<Integer> numbers(String text) {
        return Arrays.stream(text.split(" ")).map(Integer::valueOf).toList();
    }

    @Test
    void piles_and_cards_are_turned_over() {
        assertThat(after(deck(3).step("turn-over"))).containsExactly(-3, -2, -1);
        assertThat(after(deck(4).step("turn-top", "count", "2"))).containsExactly(-2, -1, 3, 4);
        assertThat(after(deck(4).key("K", "3S", 3).step("turn-it-over", "role", "K")))
                .containsExactly(1, 2, -3, 4);
        // Hands can turn it over; nobody knows which one to turn.
        Script lost = deck(4).selection("A", "Ines")
                .step("spread-pick", "at", "2")
                .step("return-on-lower", "at", "1-2")
                .step("turn-it-over");
        assertThat(lost.trace().end().broken()).isEmpty();
        assertThat(lost.survey().findings().stream()
                        .filter(finding -> finding.condition().id().equals("s3"))
                        .map(Survey.Finding::verdict))
                .containsExactly(Survey.Verdict.NEVER);
    }

    @Test
    void glimpses_teach_a_name() {
        Script glimpse = deck(4).key("K").step("glimpse", "as", "K");
        assertThat(after(glimpse)).containsExactly(1, 2, 3, 4);
        assertThat(glimpse.trace().end().roles().get(0)).matches(r -> r.card() == 3 && r.takenFor() == 3);
        assertThat(glimpse.known()).matches(known -> known.name(0) && known.place(0) == PlaceKnowledge.EXACT);
        assertThat(deck(4).key("K")
                        .step("hold-break", "depth", "2")
                        .step("glimpse", "where", "break", "as", "K")
                        .trace()
                        .end()
                        .roles()
                        .get(0)
                        .card())
                .isEqualTo(1);
        assertThat(broken(deck(4).key("K", "2S", 2).step("glimpse", "as", "K")))
                .isEqualTo("key K (2♠) is another card already.");
        assertThat(broken(deck(4).key("K").step("glimpse", "where", "break"))).contains("Nothing holds a break");
    }

    @Test
    void the_card_beside_the_key_is_found_and_named() {
        Script found = deck(4).selection("A", "Ines")
                .key("K", "2S", 2)
                .step("follow-card", "at", "3")
                .step("look-by-key", "side", "below")
                .step("name-it");
        assertThat(after(found)).containsExactly(1, 2, 3, 4);
        assertThat(found.known().name(0)).isTrue();

        Script wrongSide = deck(4).selection("A", "Ines")
                .key("K", "2S", 2)
                .step("follow-card", "at", "3")
                .step("look-by-key", "side", "above")
                .step("name-it");
        // He takes the card above the key for hers, and names it.
        assertThat(after(wrongSide)).containsExactly(1, 2, 3, 4);
        assertThat(wrongSide.trace().end().roles().get(0).takenFor()).isZero();
        assertThat(wrongSide.survey().findings())
                .filteredOn(f -> f.condition().sentence().startsWith("The named card"))
                .singleElement()
                .matches(f -> f.verdict() == Survey.Verdict.NEVER);
        assertThat(wrongSide.survey().findings())
                .filteredOn(f -> f.condition().sentence().startsWith("The card above"))
                .singleElement()
                .matches(f -> f.verdict() == Survey.Verdict.NEVER);
    }

    @Test
    void announcing_past_the_key_is_judged_for_every_depth() {
        Script deal = deck(10).selection("A", "Ines")
                .key("K", "4S", 4)
                .step("follow-card", "at", "5")
                .step("announce-past", "estimate", "4±1", "number", "6");

        assertThat(after(deal, "table:dealt")).containsExactly(-5, -4, -3, -2, -1);
        assertThat(deal.plan().steps().get(1).remarks())
                .containsExactly(
                        new Remark(
                                true,
                                "6 is too small: it fails with the key at 5 or deeper. The smallest safe number is 4 + 1 + 2 = 7."));
        assertThat(deal.survey().findings())
                .filteredOn(f -> f.verdict() != Survey.Verdict.ALWAYS)
                .isEmpty();
    }

    @Test
    void a_step_is_told_as_it_was_stated_and_as_it_goes_in_this_world() {
        Script script = deck(20).step("overhand", "chunks", "4±2 any rest").step("complete-cut", "depth", "5-9");

        assertThat(script.plan().steps().get(0).sentence()).isEqualTo("Overhand shuffle the deck: 4±2 any the rest.");
        assertThat(script.plan().steps().get(1).sentence()).isEqualTo("Cut the deck at 5–9 and complete the cut.");
        assertThat(script.trace(Map.of("s1.chunks[0]", 3, "s1.chunks[1]", 6))
                        .moments()
                        .get(1)
                        .sentence())
                .isEqualTo("Overhand shuffle the deck: 3 6 11.");
    }

    @Test
    void words_name_only_settings_that_there_are() {
        for (Move move : AllMoves.CATALOGUE.moves()) {
            List<String> settings =
                    move.settings().all().stream().map(s -> s.name()).toList();

            assertThat(settings)
                    .as(move.id())
                    .containsAll(Sentence.slots(move.words().says()));
            assertThat(move.words().watch()).as(move.id()).isNotEmpty();
            assertThat(move.words().effect()).as(move.id()).endsWith(".");
        }
    }

    @Test
    void places_stay_known_through_counted_chunks_and_not_through_guessed_ones() {
        assertThat(known("1 5-7 rest", 1)).isEqualTo(PlaceKnowledge.EXACT);
        assertThat(known("1 5-7 rest", 4)).isEqualTo(PlaceKnowledge.BY_LOOKING);
        assertThat(known("1 6 rest", 4)).isEqualTo(PlaceKnowledge.EXACT);
        assertThat(known("5-7 rest 1", 20)).isEqualTo(PlaceKnowledge.EXACT);
        assertThat(known("5-7 rest", 20)).isEqualTo(PlaceKnowledge.BY_LOOKING);
    }

    private static PlaceKnowledge known(String chunks, int keyAt) {
        return Script.deck(20)
                .key("K", "AS", keyAt)
                .step("overhand", "chunks", chunks)
                .known()
                .place(0);
    }
}
