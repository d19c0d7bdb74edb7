package craftypocket.core.moves.shuffles;

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

/** A packet from the top is woven into the rest, card by card from the top, until one of the two has run out. */
final class WeavePacket extends Move {

    private static final Option STAYS = new Option("stays", "stays on top");
    private static final Option SECOND = new Option("second", "becomes the second");

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting cut =
            has(Setting.amount("cut", "Cards cut off", "a third±4").between(always(1), sizeLess(pile, 1)));
    private final OptionSetting top = has(Setting.option("top", "The top card", STAYS, SECOND));

    WeavePacket() {
        super(
                "weave-packet",
                Family.SHUFFLES,
                "Weave a packet into the rest",
                Profile.open(4),
                new Words(
                        "Cut {cut} cards off the top of {pile} and weave them into the rest, card by card from the top: the top card {top}.",
                        "Card by card they take turns until the smaller packet has run out; what is left of the larger lies below as it lay.",
                        "A shuffle like another one: the packets differ, and nobody minds.",
                        List.of(
                                "Corners square before they touch.",
                                "Look whether the first two cards took turns: the others do then.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.shuffles().weave(values.of(pile), 0, values.of(cut), values.of(top) == SECOND);
    }
}
