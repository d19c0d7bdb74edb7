package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftypocket.core.Script;
import craftypocket.core.layout.Pile;
import craftypocket.core.run.Ribbon;
import craftypocket.core.run.Trace;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is true of every move, tried with random settings on random layouts. Seeds are in the messages. */
class MoveLawsTest {

    private static final int ROUNDS = 200;

    static Stream<Move> moves() {
        return AllMoves.CATALOGUE.moves().stream();
    }

    private static List<Integer> allCards(Trace.Moment moment) {
        List<Integer> cards = new ArrayList<>();
        for (Pile pile : moment.layout().piles()) {
            IntStream.rangeClosed(1, pile.size()).forEach(p -> cards.add(pile.card(p)));
        }
        return cards;
    }

    @ParameterizedTest
    @MethodSource("moves")
    void every_card_is_somewhere_exactly_once_and_roles_are_where_their_cards_lie(Move move) {
        int done = 0;
        for (int seed = 0; done < ROUNDS; seed++) {
            Script script = RandomRoutines.with(move, seed);
            Trace trace = script.trace();
            int cards = script.plan().pack().size();
            for (Trace.Moment moment : trace.moments()) {
                assertThat(allCards(moment))
                        .as("%s, seed %d", move.id(), seed)
                        .containsExactlyInAnyOrderElementsOf(
                                IntStream.range(0, cards).boxed().toList());
                for (Trace.RoleState role : moment.roles()) {
                    if (role.place() != null) {
                        assertThat(moment.layout().at(role.place()).card(role.position()))
                                .as("%s, seed %d", move.id(), seed)
                                .isEqualTo(role.card());
                    }
                }
            }
            done += trace.end().broken().isEmpty() ? 1 : 0;
            assertThat(seed)
                    .as("%s can be done often enough to be tried", move.id())
                    .isLessThan(ROUNDS * 60);
        }
    }

    @ParameterizedTest
    @MethodSource("moves")
    void a_step_that_cannot_be_done_says_why_and_leaves_everything_where_it_was(Move move) {
        for (int seed = 0; seed < ROUNDS; seed++) {
            Trace trace = RandomRoutines.with(move, seed).trace();
            Trace.Moment end = trace.end();
            if (end.broken().isPresent()) {
                assertThat(end.broken().get().reason()).as("seed %d", seed).isNotBlank();
                assertThat(end.broken().get().mend()).as("seed %d", seed).isNotBlank();
                List<Ribbon> still = end.ribbons();
                assertThat(still)
                        .as("seed %d", seed)
                        .allMatch(r -> r.from().equals(r.to()) && r.fromPosition() == r.toPosition() && !r.turned());
            }
        }
    }

    @ParameterizedTest
    @MethodSource("moves")
    void ribbons_carry_every_card_from_where_it_lay_to_where_it_lies(Move move) {
        for (int seed = 0; seed < ROUNDS; seed++) {
            List<Trace.Moment> moments = RandomRoutines.with(move, seed).trace().moments();
            for (int i = 1; i < moments.size(); i++) {
                int carried = 0;
                for (Ribbon ribbon : moments.get(i).ribbons()) {
                    Pile from = moments.get(i - 1).layout().at(ribbon.from());
                    Pile to = moments.get(i).layout().at(ribbon.to());
                    for (int k = 0; k < ribbon.length(); k++) {
                        int landed = ribbon.toPosition() + (ribbon.turned() ? ribbon.length() - 1 - k : k);
                        assertThat(to.card(landed)).as("seed %d", seed).isEqualTo(from.card(ribbon.fromPosition() + k));
                        carried++;
                    }
                }
                assertThat(carried)
                        .as("seed %d", seed)
                        .isEqualTo(allCards(moments.get(i)).size());
            }
        }
    }

    @Test
    void complete_cuts_keep_the_order_as_a_circle() {
        for (int depth = 1; depth < 12; depth++) {
            List<Integer> cut = Script.deck(12)
                    .step("complete-cut", "depth", String.valueOf(depth))
                    .cards("deck");
            List<Integer> twice = new ArrayList<>(cut);
            twice.addAll(cut);

            int one = twice.indexOf(1);
            assertThat(twice.subList(one, one + 12))
                    .isEqualTo(IntStream.rangeClosed(1, 12).boxed().toList());
        }
    }

    @Test
    void a_catalogue_lists_each_move_once() {
        Move move = AllMoves.CATALOGUE.moves().get(0);

        assertThatThrownBy(() -> new Catalogue(List.of(move, move))).hasMessageContaining("is listed twice");
    }
}
