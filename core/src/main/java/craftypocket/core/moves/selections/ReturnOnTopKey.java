package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Expectation;
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

/** {@code D[d+1..n] + S + D[1..d]}: the cards above the pick are tabled, the card goes on the key that is on top of them, the rest on it. */
final class ReturnOnTopKey extends Move {

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final RoleSetting key = has(Setting.role("key", "Key, on top", "K"));
    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards tabled", "15-37")
            .between(always(0), sizeLess(pile, 0))
            .aiming(Dealing.between(pile))
            .bySpectator()
            .told("# cards are tabled"));

    ReturnOnTopKey() {
        super(
                "return-on-top-key",
                Family.SELECTIONS,
                "Return on the top key",
                Profile.open(1).onTable(),
                new Words(
                        "Table the top {at} cards of {pile}, {role} goes on {key} on top of them, the rest on it.",
                        "The key from the top lies directly below the card.",
                        "Look at the card going down, then up at them before the packet falls.",
                        List.of("The cards above the pick are tabled as one.", "Drop the packet, do not place it.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isAwayFrom(pile, role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onTop(pile, key, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.bring(values.of(role), place, 0);
        Dealing.cutOff(hands, place, values.of(at) + 1);
    }
}
