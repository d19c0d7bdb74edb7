package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A complete cut at the break that nobody sees. */
final class Pass extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting hold = has(Fingers.using());

    Pass() {
        super(
                "pass",
                Family.CUTS,
                "Pass at the break",
                Profile.secret(5, "from above and from the right").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Pass: exchange the halves of {pile} at {hold}, unseen.",
                        "As a cut at the break, but the deck seems not to have been cut.",
                        "On the off beat, covered by a gesture or a question.",
                        List.of("No sound of the packets.", "The deck looks the same before and after.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return Needs.heldBetween(pile, hold, values);
    }

    @Override
    public Seems seems() {
        return Seems.NOTHING;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.cut(place, Fingers.use(hands, place, values.of(hold)));
    }
}
