package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** A card is the nth of a pile, or among the nth to the mth. The first from the top is the top card. */
public final class Position extends ClaimKind {

    private static final Option TOP = new Option("top", "from the top");

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final AmountSetting nth =
            has(Setting.amount("nth", "Counted place, or a range of them", "1").ranged());
    private final OptionSetting from =
            has(Setting.option("from", "Counted from the", TOP, new Option("bottom", "from the bottom")));
    private final PlaceSetting pile = has(Setting.anyPlace("pile", "In", "deck"));

    public Position() {
        super("position", "At a place in a pile", "{role} is {nth nth} {from} of {pile}");
    }

    @Override
    protected Check check(Values values) {
        return Checks.among(
                values.of(pile),
                values.of(role),
                values.amount(nth).low(),
                values.amount(nth).high(),
                values.of(from) == TOP);
    }

    @Override
    protected int glance(Values values) {
        return values.of(from) != TOP && values.amount(nth).high() <= 1 ? values.of(pile) : NO_PLACE;
    }
}
