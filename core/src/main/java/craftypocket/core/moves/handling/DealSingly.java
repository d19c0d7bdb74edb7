package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Cards are dealt one at a time, which reverses their order. */
final class DealSingly extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final AmountSetting count =
            has(Setting.amount("count", "Cards", "10").heard().between(always(1), sizeLess(pile, 0)));
    private final OptionSetting face =
            has(Setting.option("face", "Dealt", Dealing.UP, new Option("down", "as they lie")));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:dealt"));

    DealSingly() {
        super(
                "deal-singly",
                Family.HANDLING,
                "Deal singly",
                Profile.open(1).onTable(),
                new Words(
                        "Deal {count} cards from {pile} singly, {face}, to {to}.",
                        "The dealt cards end in reverse order. Face up, every name is seen.",
                        "An even beat; the same before and after the card that matters.",
                        List.of("No pause at any card.", "Overlap the cards a little, so that all can be seen.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, to, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        Dealing.deal(hands, values.of(pile), values.of(count), values.of(to), values.of(face) == Dealing.UP);
    }
}
