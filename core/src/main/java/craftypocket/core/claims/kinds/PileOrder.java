package craftypocket.core.claims.kinds;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.TextSetting;
import craftypocket.core.settings.Values;

/** The cards of a pile, from the top, show these fronts. Cards that look alike count as alike. */
public final class PileOrder extends ClaimKind {

    private final PlaceSetting pile = has(Setting.anyPlace("pile", "The pile", "deck"));
    private final TextSetting cards = has(Setting.text("cards", "From the top", "AS"));

    public PileOrder() {
        super("pile-order", "A pile in this order", "{pile} begins, from the top, with {cards}");
    }

    @Override
    protected Check check(Values values) {
        Side[] wanted = CardText.split(values.text(cards)).stream()
                .map(CardText::readCard)
                .map(card -> card.map(Card::front).orElse(null))
                .toArray(Side[]::new);
        int place = values.of(pile);
        return hands -> begins(hands, place, wanted);
    }

    private static boolean begins(Hands hands, int place, Side[] wanted) {
        if (hands.size(place) < wanted.length) {
            return false;
        }
        for (int i = 0; i < wanted.length; i++) {
            if (!hands.shows(hands.card(place, i + 1), true, wanted[i])) {
                return false;
            }
        }
        return true;
    }
}
