package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** Some cards of a packet are shown on one side only, as double-faced cards ask for. No card moves. */
final class ShowSides extends Move {

    private static final Option UNDER = new Option("under", "the side that lies undermost");

    private static final Option UPPER = new Option("upper", "the side that lies uppermost");

    private final PlaceSetting pile = has(Setting.place("pile", "The packet in", "other-hand"));
    private final AmountSetting first =
            has(Setting.amount("first", "From card", "1").between(always(1), sizeLess(pile, 0)));
    private final AmountSetting count = has(Setting.amount("count", "Cards", "4")
            .between(always(1), (hands, values) -> hands.size(values.of(pile)) - values.of(first) + 1));
    private final OptionSetting side =
            has(Setting.option("side", "Shown of each", UPPER, UNDER, new Option("both", "both sides")));

    ShowSides() {
        super(
                "show-sides",
                Family.COUNTS,
                "Show chosen sides",
                Profile.secret(2, "from behind"),
                new Words(
                        "Show {count} cards of {pile} from the {nth first} on: {side}.",
                        "Only the chosen sides are seen. No card moves.",
                        "An even spread, for as long as they would need, no longer.",
                        List.of("No other side flashes.", "Turn the hand, not the cards.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        for (int position = values.of(first); position < values.of(first) + values.of(count); position++) {
            if (values.of(side) != UNDER) {
                hands.showTop(place, position);
            }
            if (values.of(side) != UPPER) {
                hands.showUnder(place, position);
            }
        }
        hands.passesFor(place, values.of(count), values.of(count));
    }
}
