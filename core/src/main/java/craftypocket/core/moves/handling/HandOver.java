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

/** A whole pile goes to another place: into a spectator's hand, or back. */
final class HandOver extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Hand over", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "To", "spectator:Somebody"));

    HandOver() {
        super(
                "hand-over",
                Family.HANDLING,
                "Hand a pile over",
                Profile.open(1),
                new Words(
                        "The cards of {pile} go to {to}.",
                        "The pile changes its place and keeps its order. Whatever was held in it is let go.",
                        "Give it freely, and look at the person.",
                        List.of("Nothing is held.", "Nothing is in it that must not be seen.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values), Needs.cards(pile, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.gather(values.of(pile), values.of(to), 0);
    }
}
