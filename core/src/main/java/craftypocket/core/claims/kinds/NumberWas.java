package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.EarlierSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** A number that was chosen or hit in an earlier step was so many. */
public final class NumberWas extends ClaimKind {

    private final EarlierSetting number = has(Setting.earlier("number", "This amount of an earlier step"));
    private final AmountSetting is = has(Setting.amount("is", "Was", "1").ranged());

    public NumberWas() {
        super("number-was", "A number was chosen", "{number} was {is}");
    }

    @Override
    protected Check check(Values values) {
        int note = values.of(number);
        int low = values.amount(is).low();
        int high = values.amount(is).high();
        return hands -> hands.isNoted(note, low, high);
    }

    @Override
    protected Check settled(Values values) {
        int note = values.of(number);
        return hands -> hands.isNoted(note);
    }
}
