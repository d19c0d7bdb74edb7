package craftypocket.core.moves;

import static org.assertj.core.api.Assertions.assertThat;

import craftypocket.core.layout.Hands;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.run.PlanReader;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The worked example of CONTRIBUTING: a move is one class and one line in a list. */
class AddedMoveTest {

    /** {@code D[1..b] + ~D[b+1..n]}: everything below the break is turned over. */
    static final class HalfPass extends Move {

        private final Setting pile = has(Setting.place("pile", "Of", "deck"));

        HalfPass() {
            super(
                    "half-pass",
                    Family.CUTS,
                    "Turn over below the break",
                    Profile.secret(4, "from the sides"),
                    new Words(
                            "Turn over secretly what lies below the break in {pile}.",
                            "The cards below the break lie the other way up, in reverse order.",
                            "On the off beat, as the hands come together.",
                            List.of("The break shows nowhere.", "The deck does not grow as it turns.")));
        }

        @Override
        public List<Need> needs(Values values) {
            return List.of(Needs.breakHeld(pile, values));
        }

        @Override
        public void perform(Hands hands, Values values) {
            int place = values.of(pile);
            hands.turn(place, hands.useBreak(place) + 1, hands.size(place));
        }
    }

    @Test
    void a_move_that_is_listed_can_be_used() {
        Catalogue catalogue =
                new Catalogue(Stream.concat(AllMoves.CATALOGUE.moves().stream(), Stream.of(new HalfPass()))
                        .toList());
        Routine routine = new Routine(
                new SetUp("5", List.of()),
                List.of(),
                List.of(Step.of("a", "hold-break", "depth", "2"), Step.of("b", "half-pass")),
                List.of());

        var deck = Tracer.trace(PlanReader.read(routine, catalogue), World.USUAL)
                .end()
                .layout()
                .piles()
                .get(0);

        assertThat(deck.slots()).containsExactly(0, 1, 4 | 0x80, 3 | 0x80, 2 | 0x80);
    }
}
