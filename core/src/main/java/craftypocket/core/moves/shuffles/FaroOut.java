package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;

/** The halves interlace perfectly; the top card stays on top. */
final class FaroOut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Shuffle", "deck"));
    private final AmountSetting stock =
            has(Setting.amount("stock", "Cards kept on top", "0").between(always(0), sizeLess(pile, 2)));

    FaroOut() {
        super(
                "faro-out",
                Family.SHUFFLES,
                "Perfect out-shuffle",
                Profile.open(5),
                new Words(
                        "Perfect out-shuffle of {pile}, {stock} kept on top.",
                        "Halves interlace card by card: the top and bottom cards stay where they are.",
                        "Nothing hurried; it is a skill to be seen or not noticed at all.",
                        List.of("Cut at exactly half.", "Check top and bottom after the weave.")));
    }

    @Override
    public Optional<Need> unmet(Hands hands, Values world) {
        return Needs.even(pile, stock, hands, world);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int kept = values.of(stock);
        hands.shuffles().weave(place, kept, (hands.size(place) - kept) / 2, false);
    }
}
