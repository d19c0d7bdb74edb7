package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[1..d] + S + D[d+1..n]}: the deck is split, the card put on the lower packet and the upper dropped on it. */
final class ReturnOnLower extends Move {

    private static final Option BREAK = new Option("break", "keeping a break above it");
    private static final Option BELOW = new Option("below", "keeping a break below it");

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards above it", "15-37")
            .between(always(0), sizeLess(pile, 0))
            .aiming(Dealing.between(pile))
            .bySpectator()
            .told("they stop at #"));
    private final OptionSetting keep =
            has(Setting.option("keep", "The card is put in", new Option("nothing", "without a break"), BREAK, BELOW));

    ReturnOnLower() {
        super(
                "return-on-lower",
                Family.SELECTIONS,
                "Return on the lower packet",
                Profile.open(1),
                new Words(
                        "{role} goes back {at at} and the upper packet is dropped on it, {keep}.",
                        "The card lies directly below the cards that were cut off.",
                        "Follow the card with your eyes as it goes in, then look up.",
                        List.of("Square all round.", "The break, if held, must not show from the front.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isAwayFrom(pile, role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int into = values.of(pile);
        int chosen = values.of(role);
        hands.bring(chosen, into, values.of(at));
        boolean held = values.of(keep) == BREAK || values.of(keep) == BELOW;
        if (held) {
            hands.hold(into, Hold.Kind.BREAK, values.of(at) + (values.of(keep) == BELOW ? 1 : 0));
        }
    }
}
