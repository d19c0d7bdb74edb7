package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** A card lies between two others, whichever of them is the upper one. */
public final class BetweenTwo extends ClaimKind {

    private static final Option LINE = new Option("line", "directly between");
    private static final Option CIRCLE = new Option("circle", "directly, in the circle, between");
    private static final Option SOMEWHERE = new Option("somewhere", "somewhere between");

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final RoleSetting one = has(Setting.role("one", "Between this one", "K"));
    private final RoleSetting other = has(Setting.role("other", "And this one", "L"));
    private final OptionSetting how = has(Setting.option("how", "How close", LINE, CIRCLE, SOMEWHERE));

    public BetweenTwo() {
        super("between", "Between two cards", "{role} lies {how} {one} and {other}");
    }

    @Override
    protected Check check(Values values) {
        int card = values.of(role);
        int first = values.of(one);
        int second = values.of(other);
        if (values.of(how) == SOMEWHERE) {
            return hands -> somewhereBetween(hands, card, first, second);
        }
        boolean circle = values.of(how) == CIRCLE;
        Check belowFirst = Checks.directlyBelow(card, first, circle);
        Check aboveFirst = Checks.directlyBelow(first, card, circle);
        Check belowSecond = Checks.directlyBelow(card, second, circle);
        Check aboveSecond = Checks.directlyBelow(second, card, circle);
        return hands -> (belowFirst.holds(hands) && aboveSecond.holds(hands))
                || (belowSecond.holds(hands) && aboveFirst.holds(hands));
    }

    private static boolean somewhereBetween(Hands hands, int card, int first, int second) {
        if (hands.cardOf(card) < 0 || hands.cardOf(first) < 0 || hands.cardOf(second) < 0) {
            return false;
        }
        int place = hands.placeOf(hands.cardOf(card));
        int at = hands.positionIn(place, hands.cardOf(card));
        int firstAt = hands.positionIn(place, hands.cardOf(first));
        int secondAt = hands.positionIn(place, hands.cardOf(second));
        return firstAt > 0 && secondAt > 0 && Math.min(firstAt, secondAt) < at && at < Math.max(firstAt, secondAt);
    }
}
