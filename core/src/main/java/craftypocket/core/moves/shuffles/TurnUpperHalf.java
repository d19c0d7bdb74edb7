package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code ~U + L}: the half above the natural separation is turned over. */
final class TurnUpperHalf extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Of", "deck"));

    TurnUpperHalf() {
        super(
                "turn-upper-half",
                Family.SHUFFLES,
                "Turn the upper half over",
                Profile.secret(1, ""),
                new Words(
                        "Lift {pile} at the natural separation and turn the upper half over.",
                        "After a messy shuffle, all cards then lie face down but for the old top card.",
                        "As if it were one more mix.",
                        List.of("Lift where it opens by itself.", "Turn it in one motion.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.separation(pile, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int opens = hands.depthOf(place, Hold.Kind.SEPARATION);
        hands.turn(place, 1, opens >= 1 ? opens : hands.useBreak(place));
    }
}
