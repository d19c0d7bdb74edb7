package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Around;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.StepSetting;
import craftypocket.core.settings.Values;
import java.util.function.ToIntFunction;

/** Somebody is never shown their own card, which they alone looked at when it was theirs. */
public final class OwnCardUnseen extends ClaimKind {

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final StepSetting since = has(Setting.step("since", "From step"));

    public OwnCardUnseen() {
        super("own-card-unseen", "Own card not shown", "{role} is never shown to whom it belongs {since}");
    }

    @Override
    public Check check(Values values, Around around) {
        ToIntFunction<Hands> seen =
                around.waitFor(values.of(since), Eyes.shownOwn(values.of(role), values.ownerKnower(role)));
        return hands -> seen.applyAsInt(hands) == 0;
    }
}
