package craftypocket.core.claims;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.settings.ProblemsFound;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A deck of ten: A (the ace) on top, K second, L on the bottom. */
class ClaimKindsTest {

    private static Script deck() {
        return Script.deck(10).key("A", "AS", 1).key("K", "2S", 2).key("L", "10S", 10);
    }

    private static boolean holds(Script script) {
        List<Boolean> outcomes = script.trace().outcomes();
        return outcomes.get(0);
    }

    @ParameterizedTest
    @CsvSource({
        // Key, wanted, cards cut off. The order is AS 4S 7S, at 1, 4 and 7 of ten cards.
        "AS, 4S, 1, true",
        "AS, 7S, 1, false",
        "4S, 7S, 1, true",
        "7S, AS, 1, true",
        "AS, 4S, 2, true",
        "AS, 4S, 5, true",
        "4S, AS, 7, false"
    })
    void the_next_card_of_an_order_is_looked_for_as_in_a_ring(String key, String wanted, int cut, boolean expected) {
        Script script = Script.deck(10)
                .role("S", RoleKind.SLUG, "", "AS 4S 7S")
                .role("K", RoleKind.KEY, "", key)
                .role("A", RoleKind.KEY, "", wanted)
                .step("complete-cut", "depth", String.valueOf(cut))
                .claim("next-of-order", "role", "A", "key", "K", "slug", "S");

        assertThat(holds(script)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({
        "directly-below, role=K of=A, true",
        "directly-below, role=A of=K, false",
        "directly-below, role=A of=L, false",
        "directly-below, role=A of=L deck=circle, true",
        "directly-below, role=A of=A deck=circle, false",
        "directly-above, role=A of=K, true",
        "directly-above, role=L of=A deck=circle, true",
        "directly-above, role=L of=A, false",
        "position, role=A nth=1, true",
        "position, role=K nth=2, true",
        "position, role=L nth=1 from=bottom, true",
        "position, role=K nth=9 from=bottom, true",
        "position, role=K nth=11, false",
        "between, role=K one=A other=L how=somewhere, true",
        "between, role=K one=A other=L how=line, false",
        "between, role=A one=L other=K how=circle, true",
        "between, role=A one=L other=K how=line, false",
        "between, role=A one=L other=K how=somewhere, false",
        "lies, role=A place=deck, true",
        "lies, role=A place=deck side=up, false",
        "lies, role=A place=palm, false",
        "only-face-up, role=A, false",
        "pile-size, pile=deck compare=exactly cards=10, true",
        "pile-size, pile=deck compare=at-least cards=11, false",
        "pile-size, pile=deck compare=at-most cards=9, false",
        "name-known, role=A, true",
        "place-known, role=A, true",
        "same-card, role=A of=A, true",
        "same-card, role=A of=K, false"
    })
    void kinds_hold_where_they_should(String kind, String settings, boolean expected) {
        ClaimSpec claim = ClaimSpec.of(kind, settings.split("[ =]"));

        assertThat(holds(deck().claim(claim))).isEqualTo(expected);
        assertThat(holds(deck().claim(claim.denied()))).isEqualTo(!expected);
    }

    @Test
    void the_only_face_up_card_is_found_and_a_second_one_spoils_it() {
        Script one = deck().step("turn-top", "count", "1").claim("only-face-up", "role", "A");
        Script two = deck().step("turn-top", "count", "2").claim("only-face-up", "role", "A");

        assertThat(holds(one)).isTrue();
        assertThat(holds(two)).isFalse();
    }

    /** A deck of seven, dealt in turn: 7 5 3 1 on the left, 6 4 2 on the right, top first. */
    @ParameterizedTest
    @CsvSource({
        "AS, 2S, top, exactly, false",
        "AS, 2S, bottom, exactly, true",
        "3S, 4S, bottom, exactly, true",
        "2S, 3S, bottom, exactly, false",
        "2S, 3S, bottom, beside, true",
        "AS, 6S, top, beside, true",
        "7S, 6S, top, exactly, true",
        "7S, 4S, top, beside, true",
        "7S, 5S, top, beside, false",
        "5S, 2S, top, beside, true",
        "AS, 4S, top, beside, false"
    })
    void two_cards_are_opposite_each_other(String one, String other, String from, String how, boolean expected) {
        Script script = Script.deck(7)
                .role("A", RoleKind.KEY, "", one)
                .role("B", RoleKind.KEY, "", other)
                .step("deal-in-turn")
                .claim("opposite", "role", "A", "other", "B", "from", from, "how", how);

        assertThat(holds(script)).isEqualTo(expected);
    }

    /** Of six, the two on top are turned over and all are dealt in turn: one face up in each pile. Then one pile is turned over. */
    @Test
    void as_many_lie_face_up_in_one_pile_as_in_another_or_face_down() {
        ClaimSpec up = ClaimSpec.of("same-face-up");
        ClaimSpec down = ClaimSpec.of("same-face-up", "side", "down");
        Script dealt = Script.deck(6).step("turn-top", "count", "2").step("deal-in-turn");
        assertThat(holds(dealt.claim(up))).isTrue();
        Script turned = Script.deck(6)
                .step("turn-top", "count", "2")
                .step("deal-in-turn")
                .step("turn-over", "pile", "table:left");
        // Two of three lie face up there now, and two of the other three face down.
        assertThat(holds(turned.claim(down))).isTrue();
        Script one = Script.deck(6).step("turn-top", "count", "1").step("deal-in-turn");
        assertThat(holds(one.claim(up))).isFalse();
        // There is no pile on the left.
        assertThat(holds(Script.deck(6).claim(up))).isFalse();
    }

    @Test
    void one_of_several_claims_is_enough() {
        ClaimSpec wrong = ClaimSpec.of("position", "role", "A", "nth", "5");

        assertThat(holds(deck().claim(wrong))).isFalse();
        assertThat(holds(deck().claim(wrong.or(ClaimSpec.of("position", "role", "A", "nth", "1")))))
                .isTrue();
    }

    @Test
    void a_claim_about_a_role_that_is_gone_is_never_true_nor_is_its_opposite() {
        ClaimSpec gone = ClaimSpec.of("position", "role", "Z");

        assertThat(holds(deck().claim(gone))).isFalse();
        assertThat(holds(deck().claim(gone.denied()))).isFalse();
    }

    @Test
    void a_claim_needs_one_number_and_a_known_kind() {
        assertThatThrownBy(() -> deck().claim("pile-size", "cards", "1-5").plan())
                .isInstanceOf(ProblemsFound.class)
                .hasMessageContaining("claims[0].claim.settings.cards is “1-5”: a claim needs one number");
        assertThatThrownBy(() -> deck().claim("sideways").plan()).hasMessageContaining("there is no such claim");
    }
}
