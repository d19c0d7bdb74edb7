package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Around;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.FaceSetting;
import craftypocket.core.settings.PersonSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.StepSetting;
import craftypocket.core.settings.Values;
import java.util.function.ToIntFunction;

/** A side is not seen by somebody, from a step on. */
public final class NeverSeen extends ClaimKind {

    private final FaceSetting face = has(Setting.face("face", "This role or card", "A"));
    private final PersonSetting who = has(Setting.person("who", "Not seen by", "anybody"));
    private final StepSetting since = has(Setting.step("since", "From step"));

    public NeverSeen() {
        super("never-seen", "Never seen", "{face} is never seen by {who} {since}");
    }

    @Override
    public Check check(Values values, Around around) {
        ToIntFunction<Hands> seen = around.waitFor(values.of(since), Eyes.once(values.of(face), values.of(who)));
        return hands -> seen.applyAsInt(hands) == 0;
    }
}
