package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;

/** The cards of a slug lie next to one another. */
public final class Together extends ClaimKind {

    private static final String IN_ORDER = "order";

    private final Setting role = has(Setting.role("role", "The slug", "S"));
    private final Setting how = has(Setting.option(
            "how",
            "They lie",
            new Option(IN_ORDER, "together, in their order"),
            new Option("any", "together, in any order"),
            new Option("apart", "in their order, others between them")));

    public Together() {
        super("together", "A slug together", "The cards of {role} lie {how}");
    }

    @Override
    public Check check(Values values) {
        int slug = values.of(role);
        boolean close = !values.is(how, "apart");
        boolean ordered = !values.is(how, "any");
        return hands -> holds(hands, hands.slug(slug), close, ordered);
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
