package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Mishap;
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

/** {@code D[1..b] + ~D[b+1..n]}: everything below the break is turned over. */
final class HalfPass extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Of", "deck"));
    private final OptionSetting hold = has(Fingers.using());

    HalfPass() {
        super(
                "half-pass",
                Family.CUTS,
                "Turn over below the break",
                Profile.secret(4, "from the sides").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Turn over secretly what lies below {hold} in {pile}.",
                        "The cards below the break lie the other way up, in reverse order.",
                        "On the off beat, as the hands come together.",
                        List.of("The break shows nowhere.", "The deck does not grow as it turns.")));
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
        hands.turn(place, Fingers.use(hands, place, values.of(hold)) + 1, hands.size(place));
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("what lies above was turned, not what lies below", (hands, values) -> {
            hands.turn(values.of(pile), 1, Fingers.use(hands, values.of(pile), values.of(hold)));
        }));
    }
}
