package craftypocket.core.claims.kinds;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.TextSetting;
import craftypocket.core.settings.Values;

/** Any card is at a place of a pile, or somewhere in it, either side up or a certain one. Cards that look alike count as alike. */
public final class CardAt extends ClaimKind {

    private static final Option ANY = new Option("any", "");
    private static final Option UP = new Option("up", "face up ");
    private static final Option TOP = new Option("top", "from the top");

    private final TextSetting card = has(Setting.text("card", "This card", "AS"));
    private final PlaceSetting pile = has(Setting.anyPlace("pile", "In", "deck"));
    private final AmountSetting nth =
            has(Setting.amount("nth", "Counted place, or a range of them", "1").ranged());
    private final OptionSetting from =
            has(Setting.option("from", "Counted", TOP, new Option("bottom", "from the bottom")));
    private final OptionSetting side =
            has(Setting.option("side", "Side up", ANY, UP, new Option("down", "face down ")));

    public CardAt() {
        super("card-at", "A card at a place", "{card} is {side}{nth nth} {from} of {pile}");
    }

    @Override
    protected Check check(Values values) {
        Side wanted = CardText.readCard(values.text(card)).map(Card::front).orElse(null);
        int place = values.of(pile);
        int first = values.amount(nth).low();
        int last = values.amount(nth).high();
        boolean top = values.of(from) == TOP;
        Option lies = values.of(side);
        return hands -> {
            for (int counted = Math.max(1, first); counted <= Math.min(last, hands.size(place)); counted++) {
                int position = top ? counted : hands.size(place) + 1 - counted;
                if (is(hands, place, position, wanted, lies)) {
                    return true;
                }
            }
            return false;
        };
    }

    private static boolean is(Hands hands, int place, int position, Side wanted, Option lies) {
        boolean asItLies = lies == ANY || hands.faceUp(place, position) == (lies == UP);
        return asItLies && hands.shows(hands.card(place, position), true, wanted);
    }

    @Override
    protected int glance(Values values) {
        return values.of(from) != TOP && values.amount(nth).high() <= 1 ? values.of(pile) : NO_PLACE;
    }
}
