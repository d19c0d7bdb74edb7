package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code ~D}: a whole pile is turned over. */
final class TurnOver extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Turn over", "deck"));

    TurnOver() {
        super(
                "turn-over",
                Family.HANDLING,
                "Turn the pile over",
                Profile.open(1),
                new Words(
                        "Turn over {pile}.",
                        "The order is reversed and every card shows its other side.",
                        "In the open, at an easy pace.",
                        List.of("All cards turn as one.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.turn(values.of(pile), 1, hands.size(values.of(pile)));
    }
}
