package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code ~P}: the packet is turned over to show its other side. */
final class WristTurn extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "The packet in", "other-hand"));

    WristTurn() {
        super(
                "wrist-turn",
                Family.COUNTS,
                "Turn the packet",
                Profile.open(1),
                new Words(
                        "Turn over {pile} with the wrist and show its other side.",
                        "The order is reversed, every card shows its other side, and the uppermost is seen.",
                        "In the open, at an easy pace.",
                        List.of("The packet stays square as it turns.")));
        is(Trait.SHOWS_FACES);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.turn(values.of(pile), 1, hands.size(values.of(pile)));
        hands.showing().showTop(values.of(pile), 1);
    }
}
