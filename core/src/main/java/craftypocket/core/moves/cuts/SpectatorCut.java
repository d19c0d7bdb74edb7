package craftypocket.core.moves.cuts;

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

/** A complete cut by somebody else, anywhere: afterwards every place is known only in the circle. */
final class SpectatorCut extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards they cut off", "any")
            .between(always(1), sizeLess(pile, 1))
            .bySpectator()
            .told("they cut off #"));

    SpectatorCut() {
        super(
                "spectator-cut",
                Family.CUTS,
                "Spectator cuts and completes",
                Profile.bySpectator(),
                new Words(
                        "They cut {pile} {at depth} and complete it.",
                        "A complete cut. Neighbours stay neighbours, with the bottom card counting as above the top one.",
                        "Look at them, not at the deck.",
                        List.of("See that the cut is completed.", "No break survives the deck leaving your hands.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.cut(values.of(pile), values.of(depth));
    }
}
