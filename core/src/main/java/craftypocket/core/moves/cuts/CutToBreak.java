package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A complete cut at the depth of the held break, which is used up. */
final class CutToBreak extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final OptionSetting hold = has(Fingers.using());

    CutToBreak() {
        super(
                "cut-to-break",
                Family.CUTS,
                "Cut at the break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Cut {pile} at {hold}.",
                        "Everything above the break goes to the bottom; the card below the break becomes the top card.",
                        "Look up while the packets part.",
                        List.of(
                                "The break must not show at the front.",
                                "Take the whole packet at once, without feeling for it.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return Needs.heldBetween(pile, hold, values);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.cut(place, Fingers.use(hands, place, values.of(hold)));
    }
}
