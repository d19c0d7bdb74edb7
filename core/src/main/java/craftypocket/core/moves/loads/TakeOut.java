package craftypocket.core.moves.loads;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Hidden cards come to light: from a pocket, a wallet, the case, from under something. */
final class TakeOut extends Move {

    private static final Option FACE = new Option("face", "face up");

    private final PlaceSetting from = has(Setting.place("from", "From", "pocket:inside"));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:found"));
    private final OptionSetting side = has(Setting.option("side", "Shown", FACE, new Option("as-is", "as they lie")));

    TakeOut() {
        super(
                "take-out",
                Family.LOADS,
                "Take out",
                Profile.open(1),
                new Words(
                        "Take the cards out of {from} and lay them on {to}, {side}.",
                        "All cards of the one place come to the other, in order, and are seen.",
                        "Empty hands first. Let them reach in if they may.",
                        List.of("Two fingers, slowly.", "Nothing else comes out.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(from, to, values), Needs.cards(from, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(from);
        int cards = hands.size(place);
        for (int position = 1; position <= cards && values.of(side) == FACE; position++) {
            hands.lieFaceUp(place, position, true);
        }
        hands.transfer(place, 0, cards, values.of(to), 0);
        hands.showDealt(values.of(to), cards);
    }
}
