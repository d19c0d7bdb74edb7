package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;

/** A card lies between two others, whichever of them is the upper one. */
public final class Between extends ClaimKind {

    private static final String SOMEWHERE = "somewhere";

    private final Setting role = has(Setting.role("role", "This card", "A"));
    private final Setting one = has(Setting.role("one", "Between this one", "K"));
    private final Setting other = has(Setting.role("other", "And this one", "L"));
    private final Setting how = has(Setting.option(
            "how",
            "How close",
            new Option(Neighbours.LINE, "directly between"),
            new Option(Neighbours.CIRCLE, "directly, in the circle, between"),
            new Option(SOMEWHERE, "somewhere between")));

    public Between() {
        super("between", "Between two cards", "{role} lies {how} {one} and {other}");
    }

    @Override
    public Check check(Values values) {
        int card = values.of(role);
        int first = values.of(one);
        int second = values.of(other);
        if (values.is(how, SOMEWHERE)) {
            return hands -> somewhereBetween(hands, card, first, second);
        }
        boolean circle = values.is(how, Neighbours.CIRCLE);
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
