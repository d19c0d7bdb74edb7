package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The card is turned over where it lies. */
final class TurnItOver extends Move {

    private final RoleSetting role = has(Setting.role("role", "The card", "A"));

    TurnItOver() {
        super(
                "turn-it-over",
                Family.REVEALS,
                "Turn it over",
                Profile.open(1),
                new Words(
                        "Turn over {role}.",
                        "The card shows its other side, where it lies.",
                        "All eyes on the card; hold still afterwards.",
                        List.of("Let them name it first.", "Turn it slowly, away from you.")));
        is(Trait.BARE_REVEAL);
        is(Trait.BY_PLACE);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.chosen(role, values), Needs.placeKnown(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int card = hands.cardOf(values.of(role));
        int place = hands.placeOf(card);
        int position = hands.positionIn(place, card);
        hands.turnCard(place, position);
        hands.showing().showTop(place, position);
    }
}
