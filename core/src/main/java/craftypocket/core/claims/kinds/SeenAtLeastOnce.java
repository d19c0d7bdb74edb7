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

/** A side is seen by somebody at least once, from a step on. */
public final class SeenAtLeastOnce extends ClaimKind {

    private final FaceSetting face = has(Setting.face("face", "This role or card", "A"));
    private final PersonSetting who = has(Setting.person("who", "Seen by", "somebody"));
    private final StepSetting since = has(Setting.step("since", "From step"));

    public SeenAtLeastOnce() {
        super("seen", "Seen at least once", "{face} is seen by {who} at least once {since}");
    }

    @Override
    public Check check(Values values, Around around) {
        ToIntFunction<Hands> seen = around.waitFor(values.of(since), Eyes.once(values.of(face), values.of(who)));
        return hands -> seen.applyAsInt(hands) != 0;
    }
}
