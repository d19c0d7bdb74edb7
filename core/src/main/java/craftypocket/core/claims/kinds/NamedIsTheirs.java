package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** The card that the performer takes for somebody’s, and would name, is theirs. */
public final class NamedIsTheirs extends ClaimKind {

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));

    public NamedIsTheirs() {
        super("named-is-theirs", "The named card is theirs", "The card you would name is {role}");
    }

    @Override
    protected Check check(Values values) {
        return Checks.namedIsTheirs(values.of(role));
    }

    @Override
    protected boolean saysWhatIsKnown(Values values) {
        return true;
    }
}
