package craftypocket.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HandsTest {

    private static Hands deck(int cards) {
        Places places = new Places();
        places.indexOf(Place.read("table:left").orElseThrow());
        Hands hands = new Hands(Kit.plain(cards, 1), places, 1);
        IntStream.range(0, cards).forEach(card -> hands.lay(0, card, false));
        return hands;
    }

    /** The cards of a place by number, the face-up ones as -1 - number. */
    private static List<Integer> at(Hands hands, int place) {
        return IntStream.rangeClosed(1, hands.size(place))
                .mapToObj(p -> hands.faceUp(place, p) ? -1 - hands.card(place, p) : hands.card(place, p))
                .toList();
    }

    @Test
    void turning_a_pile_twice_changes_nothing() {
        Hands hands = deck(7);

        hands.turn(0, 1, 7);
        assertThat(at(hands, 0)).containsExactly(-7, -6, -5, -4, -3, -2, -1);
        hands.turn(0, 1, 7);
        assertThat(at(hands, 0)).containsExactly(0, 1, 2, 3, 4, 5, 6);
    }

    @Test
    void shuffling_overhand_by_single_cards_reverses_and_twice_restores() {
        Hands hands = deck(52);
        int[] singles = IntStream.range(0, 52).map(i -> 1).toArray();

        hands.shuffles().overhand(0, 0, 52, singles);
        assertThat(at(hands, 0))
                .isEqualTo(IntStream.range(0, 52).mapToObj(i -> 51 - i).toList());
        hands.shuffles().overhand(0, 0, 52, singles);
        assertThat(at(hands, 0)).isEqualTo(IntStream.range(0, 52).boxed().toList());
    }

    @Test
    void single_card_cuts_as_many_as_there_are_cards_restore_the_pile() {
        Hands hands = deck(52);

        for (int i = 0; i < 52; i++) {
            hands.cut(0, 1);
        }

        assertThat(at(hands, 0)).isEqualTo(IntStream.range(0, 52).boxed().toList());
    }

    /** Every primitive against the obvious list of cards, many times over. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void primitives_do_what_lists_do(long seed) {
        Random random = new Random(seed);
        Hands hands = deck(20);
        List<List<Integer>> model = List.of(new ArrayList<>(at(hands, 0)), new ArrayList<>());
        for (int round = 0; round < 400; round++) {
            int place = random.nextInt(2);
            List<Integer> pile = model.get(place);
            List<Integer> other = model.get(1 - place);
            if (pile.isEmpty()) {
                continue;
            }
            int depth = random.nextInt(pile.size());
            int count = 1 + random.nextInt(pile.size() - depth);
            switch (random.nextInt(4)) {
                case 0 -> {
                    hands.cut(place, depth);
                    Collections.rotate(pile, -depth);
                }
                case 1 -> {
                    int into = random.nextInt(other.size() + 1);
                    hands.transfer(place, depth, count, 1 - place, into);
                    List<Integer> block = pile.subList(depth, depth + count);
                    other.addAll(into, block);
                    block.clear();
                }
                case 2 -> {
                    hands.turn(place, depth + 1, depth + count);
                    List<Integer> block = pile.subList(depth, depth + count);
                    Collections.reverse(block);
                    block.replaceAll(card -> -1 - card);
                }
                default -> {
                    hands.deal(place, count, 1 - place);
                    for (int i = 0; i < count; i++) {
                        other.add(0, pile.remove(0));
                    }
                }
            }
            assertThat(at(hands, 0)).as("seed %d, round %d", seed, round).isEqualTo(model.get(0));
            assertThat(at(hands, 1)).as("seed %d, round %d", seed, round).isEqualTo(model.get(1));
        }
    }

    @Test
    void a_break_is_lost_by_what_does_not_use_it_and_a_bend_stays() {
        Hands hands = deck(10);
        List<Hold> lost = new ArrayList<>();
        hands.showing().watchedBy(new Watcher() {
            @Override
            public void shown(int card, boolean front, int turnedTo) {}

            @Override
            public void lost(Hold hold) {
                lost.add(hold);
            }
        });
        hands.hold(0, Hold.Kind.BREAK, 4);
        hands.hold(0, Hold.Kind.BEND, 5);

        hands.cut(0, 3);

        assertThat(lost).containsExactly(new Hold(Hold.Kind.BREAK, Place.DECK, 4));
        assertThat(hands.depthOf(0, Hold.Kind.BREAK)).isEqualTo(-1);
        assertThat(hands.layout().holds()).containsExactly(new Hold(Hold.Kind.BEND, Place.DECK, 10));
    }

    @Test
    void places_are_read_and_written_and_limited() {
        assertThat(Place.read("spectator:Ines").orElseThrow().text()).isEqualTo("spectator:Ines");
        assertThat(Place.read("deck")).contains(Place.DECK);
        assertThat(Place.read("deck:left")).isEmpty();
        assertThat(Place.read("table:")).isEmpty();
        assertThat(Place.read("table:" + "x".repeat(Place.LONGEST_NAME + 1))).isEmpty();

        Places places = new Places();
        for (int i = 1; i < Places.MOST_PLACES; i++) {
            places.indexOf(new Place(Place.Kind.TABLE, "p" + i));
        }
        assertThatThrownBy(() -> places.indexOf(Place.spectator("Ines"))).hasMessageContaining("one too many");
    }
}
