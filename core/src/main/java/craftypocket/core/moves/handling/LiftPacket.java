package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
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

/** Some cards are lifted from one end of a pile and put on or under another. */
final class LiftPacket extends Move {

    private static final Option TOP = new Option("top", "top");
    private static final Option ON_TOP = new Option("top", "on top of");

    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final OptionSetting end = has(Setting.option("end", "Taken from", TOP, new Option("bottom", "bottom")));
    private final AmountSetting count =
            has(Setting.amount("count", "Cards", "10").between(always(1), sizeLess(pile, 0)));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:packet"));
    private final OptionSetting onto = has(Setting.option("onto", "Put", ON_TOP, new Option("under", "under")));

    LiftPacket() {
        super(
                "lift-packet",
                Family.HANDLING,
                "Lift a packet",
                Profile.open(1),
                new Words(
                        "Lift {count} cards from the {end} of {pile} and put them {onto} {to}.",
                        "The packet keeps its order at its new place.",
                        "Nothing to see: keep talking.",
                        List.of("Packet square as it lands.")));
    }

    @Override
    public List<Need> needs(Values values) {
        boolean sameEnd = (values.of(end) == TOP) == (values.of(onto) == ON_TOP);
        return sameEnd ? List.of(Needs.apart(pile, to, values)) : List.of();
    }

    @Override
    public void perform(Hands hands, Values values) {
        int from = values.of(pile);
        int target = values.of(to);
        int cards = values.of(count);
        int depth = values.of(end) == TOP ? 0 : hands.size(from) - cards;
        int below = hands.size(target) - (target == from ? cards : 0);
        hands.transfer(from, depth, cards, target, values.of(onto) == ON_TOP ? 0 : below);
    }
}
