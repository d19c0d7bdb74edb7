package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;

/** The name that is written on a thing is that of a card. */
public final class PredictionMatches extends ClaimKind {

    private final ThingSetting thing = has(Setting.thing("thing", "What is written on"));
    private final RoleSetting role = has(Setting.role("role", "Names this card", "A"));

    public PredictionMatches() {
        super("prediction-matches", "The prediction matches", "What is written on {thing} names {role}");
    }

    @Override
    protected Check check(Values values) {
        int on = values.of(thing);
        int of = values.of(role);
        return hands -> hands.cardOf(of) >= 0 && hands.stowing().isWritten(on, hands.cardOf(of));
    }
}
