package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[1..d] + S + D[d+1..]}: a card that was picked goes back and is no longer anybody's. */
final class PutBack extends Move {

    private final RoleSetting role = has(Setting.role("role", "Their card", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "Back into", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards above it", "any")
            .between(always(0), sizeLess(pile, 0))
            .bySpectator()
            .told("they put it back under # cards"));

    PutBack() {
        super(
                "put-back",
                Family.SELECTIONS,
                "Card back, to pick again",
                Profile.bySpectator(),
                new Words(
                        "{role} goes back into {pile} {at at} and counts no longer: they may pick again.",
                        "The card goes back among the others. The role is open for the next card.",
                        "Let them, and gladly: it proves that any card will do.",
                        List.of("No sigh.", "The next card is picked in the same way.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int owner = values.owned(role) ? values.ownerPlace(role) : 0;
        return List.of(
                Needs.owned(role, values),
                Needs.chosen(role, values),
                new Need(
                        hands -> hands.isIn(owner, values.of(role)),
                        values.roleLabel(role) + " is not in their hand.",
                        "Let them pick again before the card has gone back."),
                new Need(
                        hands -> values.of(pile) != owner,
                        "“" + pile.label() + "” is the hand that holds it.",
                        "Choose another pile."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int chosen = values.of(role);
        hands.bring(chosen, values.of(pile), values.of(at));
        hands.forget(chosen);
    }
}
