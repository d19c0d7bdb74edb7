package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** Two roles turn out to be one card: somebody chose the key. */
public final class SameCard extends ClaimKind {

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final RoleSetting of = has(Setting.role("of", "Is this one", "K"));

    public SameCard() {
        super("same-card", "One and the same card", "{role} is {of} itself");
    }

    @Override
    protected Check check(Values values) {
        int one = values.of(role);
        int other = values.of(of);
        return hands -> hands.cardOf(one) >= 0 && hands.cardOf(one) == hands.cardOf(other);
    }
}
