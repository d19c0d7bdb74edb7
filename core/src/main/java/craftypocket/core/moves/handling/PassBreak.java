package craftypocket.core.moves.handling;

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

/** A break goes from one finger to another. No card moves. */
final class PassBreak extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting hold = has(Fingers.using());
    private final OptionSetting to = has(Fingers.taking("to", "Becomes"));

    PassBreak() {
        super(
                "pass-break",
                Family.HANDLING,
                "Pass the break to another finger",
                Profile.secret(2, "from behind"),
                new Words(
                        "Pass {hold} in {pile} over: it becomes {to}.",
                        "The same gap, kept by another finger. No card moves.",
                        "As the deck goes from hand to hand.",
                        List.of("The second finger is there before the first lets go.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.held(pile, hold, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int depth = Fingers.use(hands, place, values.of(hold));
        hands.hold(place, Fingers.kind(hands, place, values.of(to)), depth);
    }
}
