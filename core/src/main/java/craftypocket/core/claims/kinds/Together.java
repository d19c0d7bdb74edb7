package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** The cards of a slug lie next to one another. */
public final class Together extends ClaimKind {

    private static final Option APART = new Option("apart", "in their order, others between them");
    private static final Option ANY = new Option("any", "together, in any order");

    private static final String IN_ORDER = "order";

    private final RoleSetting role = has(Setting.role("role", "The slug", "S"));
    private final OptionSetting how =
            has(Setting.option("how", "They lie", new Option(IN_ORDER, "together, in their order"), ANY, APART));

    public Together() {
        super("together", "A slug together", "The cards of {role} lie {how}");
    }

    @Override
    protected Check check(Values values) {
        int slug = values.of(role);
        boolean close = values.of(how) != APART;
        boolean ordered = values.of(how) != ANY;
        return hands -> holds(hands, hands.orderOf(slug), close, ordered);
    }

    private static boolean holds(Hands hands, int[] cards, boolean close, boolean ordered) {
        if (cards.length == 0) {
            return false;
        }
        int place = hands.placeOf(cards[0]);
        int first = Integer.MAX_VALUE;
        int last = 0;
        int before = 0;
        for (int card : cards) {
            int at = hands.positionIn(place, card);
            if (at == 0 || (ordered && at < before)) {
                return false;
            }
            before = at;
            first = Math.min(first, at);
            last = Math.max(last, at);
        }
        return !close || last - first + 1 == cards.length;
    }
}
