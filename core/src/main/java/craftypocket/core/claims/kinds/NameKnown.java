package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Knower;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;

/** Somebody knows the name of a card. */
public final class NameKnown extends ClaimKind {

    private final Setting role = has(Setting.role("role", "This card", "A"));
    private final Setting who = has(Setting.option(
            "who", "Known to", new Option("performer", "you"), new Option("owner", "whoever it belongs to")));

    public NameKnown() {
        super("name-known", "Name known", "The name of {role} is known to {who}");
    }

    @Override
    public Check check(Values values) {
        int knower = values.is(who, "performer") ? Knower.PERFORMER : values.ownerKnower(role);
        return Checks.nameKnown(knower, values.of(role));
    }
}
