package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** Looking on from a key card, the first card of a slug that comes is this one. */
public final class NextOfOrder extends ClaimKind {

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final RoleSetting slug = has(Setting.role("slug", "Is the next of", "S"));
    private final AmountSetting within = has(Setting.amount("within", "Among the next", "1"));
    private final RoleSetting key = has(Setting.role("key", "Below", "K"));

    public NextOfOrder() {
        super("next-of-order", "The next card of an order", "{role} is among the next {within} of {slug} below {key}");
    }

    @Override
    protected Check check(Values values) {
        return Checks.nextOfOrder(values.of(key), values.of(slug), values.of(role), values.of(within));
    }
}
