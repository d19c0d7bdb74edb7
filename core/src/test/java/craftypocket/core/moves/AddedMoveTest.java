package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.layout.Hands;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The worked example of CONTRIBUTING: a move is one class and one line in a list. */
class AddedMoveTest {

    /** {@code D[2] + D[1] + D[3..n]}: the top two cards change places. */
    static final class SwapTopTwo extends Move {

        private final PlaceSetting pile = has(Setting.place("pile", "Of", "deck"));

        SwapTopTwo() {
            super(
                    "swap-top-two",
                    Family.CUTS,
                    "Swap the top two",
                    Profile.secret(2, "from the sides"),
                    new Words(
                            "Swap the top two cards of {pile}, below the eyes.",
                            "The top card becomes the second, and the second the top card.",
                            "On the off beat, as the hands come together.",
                            List.of("Nothing is heard.", "The rest of the pile does not stir.")));
        }

        @Override
        public List<Need> needs(Values values) {
            return List.of(Needs.cards(pile, 2, values));
        }

        @Override
        public void perform(Hands hands, Values values) {
            int place = values.of(pile);
            hands.transfer(place, 1, 1, place, 0);
        }
    }

    @Test
    void a_move_that_is_listed_can_be_used() {
        Catalogue catalogue =
                new Catalogue(Stream.concat(AllMoves.CATALOGUE.moves().stream(), Stream.of(new SwapTopTwo()))
                        .toList());
        Routine routine =
                new Routine(SetUp.of("5", List.of()), List.of(), List.of(Step.of("a", "swap-top-two")), List.of());

        var deck = Tracer.trace(PlanReader.read(routine, catalogue), World.USUAL)
                .end()
                .layout()
                .piles()
                .get(0);

        assertThat(deck.slots()).containsExactly(1, 0, 2, 3, 4);
    }
}
