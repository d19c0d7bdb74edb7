package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The same as a complete cut at the break, whatever the first undercut takes. */
final class DoubleUndercut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final OptionSetting hold = has(Fingers.using());
    private final AmountSetting first =
            has(Setting.amount("first", "Cards of the first undercut", "any").between(always(1), (hands, values) -> {
                int place = values.of(pile);
                return hands.size(place) - Fingers.depth(hands, place, values.of(hold)) - 1;
            }));

    DoubleUndercut() {
        super(
                "double-undercut",
                Family.CUTS,
                "Double undercut to the break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Double undercut {pile} to {hold}, {first} cards first.",
                        "Some cards go from below to the top, then the rest below the break: together a cut at the break.",
                        "Both undercuts in one rhythm, without a look.",
                        List.of("Keep the break while the first packet lands.", "Both packets of a similar size.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return Needs.heldBetween(pile, hold, values);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int taken = values.of(first);
        int depth = Fingers.use(hands, place, values.of(hold));
        hands.cut(place, hands.size(place) - taken);
        hands.cut(place, depth + taken);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("only the first undercut was done", (hands, values) -> {
            hands.cut(values.of(pile), hands.size(values.of(pile)) - values.of(first));
        }));
    }
}
