package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Around;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.PersonSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.StepSetting;
import craftypocket.core.settings.Values;
import java.util.function.ToIntFunction;

/** Of a pile nothing but backs are seen, from a step on. */
public final class OnlyBacks extends ClaimKind {

    private final PlaceSetting pile = has(Setting.anyPlace("pile", "Of", "deck"));
    private final PersonSetting who = has(Setting.person("who", "Seen by", "people"));
    private final StepSetting since = has(Setting.step("since", "From step"));

    public OnlyBacks() {
        super("only-backs", "Only backs seen", "Of {pile}, {who} see only backs {since}");
    }

    @Override
    public Check check(Values values, Around around) {
        ToIntFunction<Hands> seen = around.waitFor(values.of(since), Eyes.anyFace(values.of(pile), values.of(who)));
        return hands -> seen.applyAsInt(hands) == 0;
    }

    @Override
    protected boolean wantsPile() {
        return true;
    }
}
