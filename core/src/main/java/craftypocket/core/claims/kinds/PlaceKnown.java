package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;

/** The performer knows where a card is. */
public final class PlaceKnown extends ClaimKind {

    private final Setting role = has(Setting.role("role", "This card", "A"));
    private final Setting how = has(Setting.option(
            "how",
            "How well",
            new Option("exactly", "exactly"),
            new Option("circle", "at least beside a card you know")));

    public PlaceKnown() {
        super("place-known", "Place known", "You know {how} where {role} is");
    }

    @Override
    public Check check(Values values) {
        int wanted = values.of(role);
        PlaceKnowledge least = values.is(how, "exactly") ? PlaceKnowledge.EXACT : PlaceKnowledge.IN_THE_CIRCLE;
        return hands -> hands.cardOf(wanted) >= 0 && hands.placeKnown(wanted).ordinal() >= least.ordinal();
    }
}
