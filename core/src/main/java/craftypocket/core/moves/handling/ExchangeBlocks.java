package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[a+1..a+b] + D[1..a] + D[a+b+1..n]}: two neighbouring blocks change places. */
final class ExchangeBlocks extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final AmountSetting upper =
            has(Setting.amount("upper", "Cards in the upper block", "1").between(always(1), sizeLess(pile, 1)));
    private final AmountSetting lower = has(Setting.amount("lower", "Cards in the lower block", "1")
            .between(always(1), (hands, values) -> hands.size(values.of(pile)) - values.of(upper)));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards above both", "0")
            .between(always(0), (hands, values) -> hands.size(values.of(pile)) - values.of(upper) - values.of(lower)));

    ExchangeBlocks() {
        super(
                "exchange-blocks",
                Family.HANDLING,
                "Exchange two blocks",
                Profile.open(2),
                new Words(
                        "In {pile}, below {depth} cards, exchange the next {upper} cards with {lower} cards below them.",
                        "The two blocks change places; each keeps its order.",
                        "Nothing to see: keep talking.",
                        List.of("Be sure of both counts.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.transfer(place, values.of(depth) + values.of(upper), values.of(lower), place, values.of(depth));
    }
}
