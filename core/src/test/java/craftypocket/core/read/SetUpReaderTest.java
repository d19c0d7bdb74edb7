package craftypocket.core.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.cards.CardText;
import craftypocket.core.layout.Hold;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.settings.ProblemsFound;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SetUpReaderTest {

    @ParameterizedTest
    @ValueSource(strings = {"QC 7H 10S", "QC,7H,10S", "qc; 7♥\n10s", "🃝🂷🂪", "Q♣ 7♥ TS"})
    void an_order_is_read_however_it_is_written(String order) {
        Script script = Script.deck(52).order(order);

        assertThat(script.plan().pack().size()).isEqualTo(52);
        assertThat(script.cards("deck")).startsWith(51, 20, 10, 1).hasSize(52);
    }

    @Test
    void cards_lie_where_they_are_laid_and_the_others_follow_in_order() {
        Script script = Script.deck(8).order("3S↑ 2S").pile("palm", "5S 4S^").place("8S", 1);

        assertThat(script.cards("deck")).containsExactly(8, -3, 2, 1, 6, 7);
        assertThat(script.cards("palm")).containsExactly(5, -4);
    }

    @Test
    void cards_of_ones_own_stand_alone_or_beside_the_pack() {
        Script own = Script.deck(52).extra("none", "KH/AC blank back/back QC/back-red blank");
        assertThat(own.plan().pack().cards())
                .extracting(CardText::code)
                .containsExactly("KH/AC", "blank", "back/back", "QC/back-red", "blank");
        assertThat(own.cards("deck")).containsExactly(1, 2, 3, 4, 5);

        Script beside = Script.deck(52).extra("54", "KH/AC").order("KH/AC J2 blank".replace(" blank", ""));
        assertThat(beside.cards("deck")).startsWith(55, 54, 1);
    }

    @Test
    void cards_that_look_alike_are_told_apart_by_count() {
        Script script = Script.deck(52).extra("none", "blank blank blank").role("B", RoleKind.HELPER, "", "#2");

        assertThat(script.trace().end().roles().get(0).position()).isEqualTo(2);
    }

    @Test
    void a_slug_is_followed_card_by_card() {
        Script script = Script.deck(12)
                .role("S", RoleKind.SLUG, "", "9S 10S JS")
                .step("complete-cut", "depth", "9")
                .claim("together", "role", "S", "how", "order")
                .step("overhand", "chunks", "1 1 rest")
                .claim("together", "role", "S", "how", "order")
                .claim("together", "role", "S", "how", "any")
                .step("complete-cut", "depth", "5")
                .claim("together", "role", "S", "how", "apart");

        assertThat(script.trace().outcomes().subList(0, 4)).containsExactly(false, false, true, false);
        assertThat(Script.deck(12)
                        .role("S", RoleKind.SLUG, "", "9S 10S JS")
                        .step("overhand", "chunks", "8 rest")
                        .claim("together", "role", "S")
                        .step("faro-in")
                        .claim("together", "role", "S", "how", "apart")
                        .claim("together", "role", "S")
                        .trace()
                        .outcomes()
                        .subList(0, 3))
                .containsExactly(true, true, false);
    }

    @Test
    void a_bend_stays_through_everything() {
        Script script =
                Script.deck(12).bent().step("overhand", "chunks", "3 rest").step("turn-over");

        assertThat(script.trace().end().layout().holds())
                .singleElement()
                .matches(hold -> hold.kind() == Hold.Kind.BEND);
    }

    /** R8: the riffle before a messy shuffle is not squared, so that the deck opens where its halves lie back to back. */
    @Test
    void a_bend_arises_in_a_riffle_that_is_not_squared_and_goes_when_it_is_taken_out() {
        Script bent = Script.deck(12)
                .step("riffle-keep", "top", "1", "cut", "6", "left", "bent")
                .step("messy", "blocks", "3 2 3 3 rest")
                .step("turn-upper-half");
        Script squared = Script.deck(12)
                .step("riffle-keep", "top", "1", "cut", "6", "left", "bent")
                .step("let-go", "bend", "out")
                .step("messy", "blocks", "3 2 3 3 rest")
                .step("let-go")
                .step("turn-upper-half");

        // W2: with these blocks six cards lie above the join, and only one looks up in the end.
        assertThat(bent.trace().end().broken()).isEmpty();
        assertThat(bent.cards("deck").stream().filter(card -> card < 0)).hasSize(1);
        assertThat(squared.trace().end().broken()).isPresent();
    }

    static Stream<Arguments> wrong() {
        return Stream.of(
                Arguments.of(Script.deck(8).order("3S 3S"), "this card is placed already"),
                Arguments.of(Script.deck(8).order("QH"), "it must be a card of this pack"),
                Arguments.of(Script.deck(8).pile("deck", "2S"), "it must be a place away from the deck"),
                Arguments.of(Script.deck(8).pile("moon", "2S"), "it must be a place away from the deck"),
                Arguments.of(Script.deck(8).mark("2S", "shiny"), "there is no such mark"),
                Arguments.of(Script.deck(8).mark("2H", "short"), "it must be a card of this pack"),
                Arguments.of(Script.deck(8).extra("none", ""), "without a pack there must be cards of your own"),
                Arguments.of(Script.deck(8).extra("52", "KH/"), "it must be a card"),
                Arguments.of(Script.deck(8).extra("52", "KH ".repeat(25)), "at most 24 cards"),
                Arguments.of(Script.deck(8).pile("palm", "AS").place("AS", 1), "this card is placed already"),
                Arguments.of(Script.deck(8).pile("palm", "AS").place("2S", 8), "a place is from 1 to 7"),
                Arguments.of(Script.deck(8).role("S", RoleKind.SLUG, "", "2S"), "a slug has two cards or more"),
                Arguments.of(Script.deck(8).role("K", RoleKind.KEY, "", "2S 3S"), "this role is one card"));
    }

    @ParameterizedTest
    @MethodSource("wrong")
    void what_cannot_be_laid_is_refused_in_words(Script script, String rule) {
        assertThatThrownBy(script::plan).isInstanceOf(ProblemsFound.class).hasMessageContaining(rule);
    }
}
