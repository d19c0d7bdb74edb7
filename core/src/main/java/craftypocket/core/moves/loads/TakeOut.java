package craftypocket.core.moves.loads;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/** Hidden cards come to light: from a pocket, a wallet, the case, from under something. */
final class TakeOut extends Move {

    private static final Option FACE = new Option("face", "face up");

    private final PlaceSetting from = has(Setting.anyPlace("from", "From", "pocket:inside"));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:found"));
    private final OptionSetting side = has(Setting.option("side", "Shown", FACE, new Option("as-is", "as they lie")));
    private final RoleSetting only = has(Setting.maybeRole("only", "Only this card"));

    TakeOut() {
        super(
                "take-out",
                Family.LOADS,
                "Take out",
                Profile.open(1),
                new Words(
                        "Take the cards out of {from} and lay them on {to}, {side}.",
                        "The cards of the one place come to the other, in order, and are seen.",
                        "Empty hands first. Let them reach in if they may.",
                        List.of("Two fingers, slowly.", "Nothing else comes out.")));
    }

    @Override
    public List<Need> needs(Values values) {
        List<Need> needs = new ArrayList<>(
                List.of(Needs.apart(from, to, values), Needs.cards(from, 1, values), Needs.open(from, values)));
        if (values.of(only) != Cast.NOBODY) {
            needs.add(Needs.isIn(from, only, values));
        }
        return needs;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(from);
        boolean one = values.of(only) != Cast.NOBODY;
        int depth = one ? hands.positionIn(place, hands.cardOf(values.of(only))) - 1 : 0;
        int cards = one ? 1 : hands.size(place);
        for (int position = depth + 1; position <= depth + cards && values.of(side) == FACE; position++) {
            hands.lieFaceUp(place, position, true);
        }
        int believed = hands.believed(values.of(to)) + cards;
        hands.transfer(place, depth, cards, values.of(to), 0);
        hands.believe(values.of(to), believed);
        hands.showing().showDealt(values.of(to), cards);
    }
}
