package craftypocket.core.moves.cuts;

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
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The performer looks through the faces and cuts so that the key comes to the top or to the bottom. */
final class CutToKey extends Move {

    private static final Option BOTTOM = new Option("bottom", "the bottom");

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final RoleSetting key = has(Setting.role("key", "Key", "K"));
    private final OptionSetting end = has(Setting.option("end", "Brought to", new Option("top", "the top"), BOTTOM));

    CutToKey() {
        super(
                "cut-to-key",
                Family.CUTS,
                "Look and cut to the key",
                Profile.open(2),
                new Words(
                        "Look through the faces of {pile} and cut, so that {key} comes to {end}.",
                        "A complete cut. What lay beside the key is on the other end, or next to it.",
                        "Have a reason to look, such as taking out the jokers.",
                        List.of("Pass the key without stopping.", "Cut as if anywhere.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isIn(pile, key, values), Needs.nameKnown(key, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int at = hands.positionIn(place, hands.cardOf(values.of(key)));
        hands.showing().runThrough(place);
        hands.showing().glimpse(place, at);
        hands.cut(place, values.of(end) == BOTTOM ? at : at - 1);
    }
}
