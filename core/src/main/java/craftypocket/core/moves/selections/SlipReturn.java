package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[2..d] | S + D[1] + D[d+1..n]}: the known top card comes to lie directly below the selection, under a break. */
final class SlipReturn extends Move {

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards cut off", "15-37")
            .between(always(2), sizeLess(pile, 1))
            .bySpectator()
            .told("they stop at #"));

    SlipReturn() {
        super(
                "slip-return",
                Family.SELECTIONS,
                "Return on the slipped card",
                Profile.secret(3, "from the side of the fingers"),
                new Words(
                        "Slip cut {pile} {at at}: the old top card stays on the lower packet, {role} goes on it, and the upper packet on that under a break.",
                        "The selection lies directly above the old top card, with a break above it.",
                        "Look at the selection as it goes back.",
                        List.of("The top card does not scrape.", "The break is held before the packet is let go.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.inYourHands(pile, values), Needs.isAwayFrom(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int chosen = values.of(role);
        int above = values.of(at) - 1;
        hands.single(place, 0, place, above);
        hands.bring(chosen, place, above);
        hands.hold(place, Hold.Kind.BREAK, above);
    }

    @Override
    public List<Mishap> mishaps() {
        return List.of(new Mishap("the top card did not slip", (hands, values) -> {
            int place = values.of(pile);
            hands.bring(values.of(role), place, values.of(at));
            hands.hold(place, Hold.Kind.BREAK, values.of(at));
        }));
    }
}
