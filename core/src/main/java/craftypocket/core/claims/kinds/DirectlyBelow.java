package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** One card lies directly below another. */
public final class DirectlyBelow extends ClaimKind {

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final RoleSetting of = has(Setting.role("of", "Below this one", "K"));
    private final OptionSetting deck = has(Neighbours.deckSetting());

    public DirectlyBelow() {
        super("directly-below", "Directly below", "{role} lies directly below {of}{deck}");
    }

    @Override
    protected Check check(Values values) {
        return Checks.directlyBelow(values.of(role), values.of(of), values.of(deck) == Neighbours.CIRCLE);
    }
}
