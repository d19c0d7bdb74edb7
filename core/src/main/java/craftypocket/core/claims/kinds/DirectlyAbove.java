package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** One card lies directly above another. */
public final class DirectlyAbove extends ClaimKind {

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final RoleSetting of = has(Setting.role("of", "Above this one", "K"));
    private final OptionSetting deck = has(Neighbours.deckSetting());

    public DirectlyAbove() {
        super("directly-above", "Directly above", "{role} lies directly above {of}{deck}");
    }

    @Override
    protected Check check(Values values) {
        return Checks.directlyBelow(values.of(of), values.of(role), values.of(deck) == Neighbours.CIRCLE);
    }
}
