package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Family;
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

/** Cards are dealt face up until the key has been seen, and a few more: the card after the key can be felt coming. */
final class DealPastKey extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final RoleSetting key = has(Setting.role("key", "Until this key", "K"));
    private final AmountSetting more =
            has(Setting.amount("more", "And this many more", "1").heard().between(always(0), (hands, values) -> {
                int place = values.of(pile);
                return hands.size(place) - hands.positionIn(place, hands.cardOf(values.of(key)));
            }));
    private final PlaceSetting to = has(Setting.place("to", "To", "table:dealt"));
    private final RoleSetting role = has(Setting.maybeRole("role", "The card after it is", "A"));

    DealPastKey() {
        super(
                "deal-past-key",
                Family.HANDLING,
                "Deal face up past the key",
                Profile.open(2).onTable(),
                new Words(
                        "Deal face up from {pile} to {to} until {key} has come and {more} more.",
                        "All cards down to the key and a little further end face up, in reverse order.",
                        "The beat must not change when the key comes.",
                        List.of(
                                "Same tempo before and after the key.",
                                "Know your key well enough not to look twice.")));
        is(Trait.KEY_AMONG_OTHERS);
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        int beacon = values.of(key);
        int after = values.amount(more).low();
        return List.of(
                Needs.apart(pile, to, values),
                Needs.isIn(pile, key, values),
                Needs.nameKnown(key, values),
                new Need(
                        hands -> hands.size(place) - hands.positionIn(place, hands.cardOf(beacon)) >= after,
                        values.roleLabel(key) + " lies so low that no " + (after == 1 ? "card" : after + " cards")
                                + " can be dealt after it.",
                        "Cut the deck once more before you deal."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int count = hands.positionIn(place, hands.cardOf(values.of(key))) + values.of(more);
        Dealing.takeNext(hands, place, values.of(key), count, values.of(role));
        Dealing.deal(hands, place, count, values.of(to), true);
    }
}
