package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Knower;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** Somebody knows the name of a card. */
public final class NameKnown extends ClaimKind {

    private static final Option PERFORMER = new Option("performer", "you");

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final OptionSetting who =
            has(Setting.option("who", "Known to", PERFORMER, new Option("owner", "whoever it belongs to")));

    public NameKnown() {
        super("name-known", "Name known", "The name of {role} is known to {who}");
    }

    @Override
    protected Check check(Values values) {
        int knower = values.of(who) == PERFORMER ? Knower.PERFORMER : values.ownerKnower(role);
        return Checks.nameKnown(knower, values.of(role));
    }

    @Override
    protected boolean saysWhatIsKnown(Values values) {
        return values.of(who) == PERFORMER;
    }
}
