package craftypocket.core.moves.glimpses;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
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

/** The performer looks through the faces for the key; the card beside it must be the selection. */
final class LookByKey extends Move {

    private static final Option ABOVE = new Option("above", "directly above");

    private final PlaceSetting pile = has(Setting.place("pile", "Look through", "deck"));
    private final RoleSetting key = has(Setting.role("key", "For the key", "K"));
    private final OptionSetting side =
            has(Setting.option("side", "The selection is", new Option("below", "directly below"), ABOVE));
    private final RoleSetting role = has(Setting.role("role", "The selection", "A"));

    LookByKey() {
        super(
                "look-by-key",
                Family.GLIMPSES,
                "Look for the card beside the key",
                Profile.open(2),
                new Words(
                        "Look through {pile} for {key}: the card {side} is {role}.",
                        "You learn the name of the card beside your key and where it is. No card moves.",
                        "Have a reason to look, such as taking out the jokers.",
                        List.of("Pass the key without stopping.", "Look beyond it before you close the spread.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isIn(pile, key, values), Needs.nameKnown(key, values), Needs.chosen(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int beacon = values.of(key);
        int selection = values.of(role);
        hands.showing().runThrough(place);
        hands.showing().glimpse(place, hands.positionIn(place, hands.cardOf(beacon)));
        int at = hands.positionIn(place, hands.cardOf(beacon));
        int size = hands.size(place);
        int beside = 1 + Math.floorMod(above(values) ? at - 2 : at, size);
        hands.takeFor(selection, hands.card(place, beside));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(new Expectation(
                beside(values),
                "The card " + (above(values) ? "above " : "below ") + values.roleLabel(key) + " is "
                        + values.roleLabel(role),
                true));
    }

    private Check beside(Values values) {
        return above(values)
                ? Checks.directlyBelow(values.of(key), values.of(role), true)
                : Checks.directlyBelow(values.of(role), values.of(key), true);
    }

    private boolean above(Values values) {
        return values.of(side) == ABOVE;
    }
}
