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
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/**
 * The card goes back on a packet, and the packet with the key on its bottom is dropped on it: the key lies directly above
 * the card. The three ways differ in what happens to the other cards.
 */
final class ReturnDropKey extends Move {

    private static final Option HINDU = new Option("hindu", "at a halt of a Hindu shuffle");

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final RoleSetting key = has(Setting.role("key", "Key, on the bottom", "K"));
    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final OptionSetting way = has(Setting.option(
            "way",
            "How",
            HINDU,
            new Option("table", "on the tabled upper packet"),
            new Option("cut", "on top, then a cut")));
    private final AmountSetting at = has(Setting.amount("at", "Cards that come to lie below", "30-38")
            .between(always(0), (hands, values) -> hands.size(values.of(pile)) - (values.of(way) == HINDU ? 1 : 0))
            .aiming(Dealing.between(pile))
            .bySpectator()
            .told("they stop with # below"));
    private final AmountSetting pull = has(Setting.amount("pull", "Cards to a pull of the Hindu shuffle", "6")
            .between(always(1), always(Amount.MOST)));

    ReturnDropKey() {
        super(
                "return-drop-key",
                Family.SELECTIONS,
                "Return, key dropped on it",
                Profile.secret(2, ""),
                new Words(
                        "{role} goes back above {at} cards and {key} falls on it, {way}.",
                        "The key from the bottom lies directly above the card.",
                        "Look at the card going in, then up at them before the packet falls.",
                        List.of("The face of the packet stays tipped down.", "Drop the packet, do not place it.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isAwayFrom(pile, role, values), Needs.cards(pile, 1, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onBottom(pile, key, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int into = values.of(pile);
        int below = values.of(at);
        int chosen = values.of(role);
        int from = hands.placeOf(hands.cardOf(chosen));
        int fromPosition = hands.positionIn(from, hands.cardOf(chosen));
        if (values.of(way) == HINDU) {
            Dealing.drawOff(hands, into, below, values.of(pull));
        }
        hands.single(from, fromPosition - 1, into, 0);
        // The card is on top now: what was drawn off, tabled or is cut off with it comes below, the key falls on it.
        Dealing.cutOff(hands, into, below + 1);
    }
}
