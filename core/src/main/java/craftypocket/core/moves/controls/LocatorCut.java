package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Caution;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A card that fingers find is cut to: it comes to the top, or to the bottom. */
final class LocatorCut extends Move {

    private static final Option BOTTOM = new Option("bottom", "the bottom");

    private final RoleSetting role = has(Setting.role("role", "Card found by touch", "K"));
    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final OptionSetting end = has(Setting.option("end", "Brought to", BOTTOM, new Option("top", "the top")));

    LocatorCut() {
        super(
                "locator-cut",
                Family.CONTROLS,
                "Cut to a card by touch",
                Profile.secret(2, "").coveredBy(Profile.Cover.REASON),
                new Words(
                        "Cut {pile} at {role}, found by touch, and bring it to {end}.",
                        "A complete cut: the marked card is on the bottom or on top, whatever was done to the deck before.",
                        "As any cut, without looking.",
                        List.of("One touch, no searching.", "Cut at once, and cut now and then elsewhere.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isIn(pile, role, values), Needs.felt(role, values));
    }

    @Override
    public List<Caution> cautions() {
        return List.of(Caution.TRIMMING);
    }

    @Override
    public Seems seems() {
        return Seems.MIXED;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int at = hands.positionIn(place, hands.cardOf(values.of(role)));
        hands.cut(place, values.of(end) == BOTTOM ? at : at - 1);
    }
}
