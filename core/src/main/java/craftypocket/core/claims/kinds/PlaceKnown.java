package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** The performer knows where a card is. */
public final class PlaceKnown extends ClaimKind {

    private static final Option EXACTLY = new Option("exactly", "exactly");
    private static final Option NEARLY = new Option("nearly", "at least nearly");

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final OptionSetting how = has(Setting.option(
            "how", "How well", EXACTLY, new Option("circle", "at least beside a card you know"), NEARLY));

    public PlaceKnown() {
        super("place-known", "Place known", "You know {how} where {role} is");
    }

    @Override
    protected Check check(Values values) {
        int wanted = values.of(role);
        PlaceKnowledge least = values.of(how) == EXACTLY
                ? PlaceKnowledge.EXACT
                : values.of(how) == NEARLY ? PlaceKnowledge.NEAR : PlaceKnowledge.BY_LOOKING;
        return hands -> hands.cardOf(wanted) >= 0 && hands.placeKnown(wanted).ordinal() >= least.ordinal();
    }

    @Override
    protected boolean saysWhatIsKnown(Values values) {
        return true;
    }
}
