package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** Two cards lie at the same place of two piles: whoever turns them over in turn, or deals both off together, meets both at once. */
public final class Opposite extends ClaimKind {

    private static final Option TOP = new Option("top", "from the top");
    private static final Option EXACTLY = new Option("exactly", "the same place");

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final RoleSetting other = has(Setting.role("other", "And this one", "B"));
    private final OptionSetting from =
            has(Setting.option("from", "Counted", TOP, new Option("bottom", "from the bottom")));

    private final OptionSetting how = has(Setting.option(
            "how",
            "How well",
            EXACTLY,
            new Option("beside", "the same place or the one beside it, each pile taken as a circle,")));

    public Opposite() {
        super("opposite", "Opposite each other", "{role} and {other} are at {how} {from} of two piles");
    }

    @Override
    protected Check check(Values values) {
        int one = values.of(role);
        int two = values.of(other);
        boolean top = values.of(from) == TOP;
        boolean exactly = values.of(how) == EXACTLY;
        return hands -> {
            int here = place(hands, one);
            int there = place(hands, two);
            if (here < 0 || there < 0 || here == there) {
                return false;
            }
            int apart = Math.abs(at(hands, here, one, top) - at(hands, there, two, top));
            int circle = Math.max(hands.size(here), hands.size(there));
            return apart == 0 || (!exactly && (apart == 1 || apart == circle - 1));
        };
    }

    private static int place(Hands hands, int role) {
        return hands.cardOf(role) < 0 ? -1 : hands.placeOf(hands.cardOf(role));
    }

    private static int at(Hands hands, int place, int role, boolean top) {
        int position = hands.positionOf(place, role);
        return top ? position : hands.size(place) + 1 - position;
    }
}
