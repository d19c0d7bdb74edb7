package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** A card is the only one of its pile that lies its way: the only one face up, or the only one face down. */
public final class OnlyFaceUp extends ClaimKind {

    private static final Option UP = new Option("up", "face up");

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final OptionSetting side =
            has(Setting.option("side", "Alone in lying", UP, new Option("down", "face down")));

    public OnlyFaceUp() {
        super("only-face-up", "The only one reversed", "{role} is the only card of its pile that lies {side}");
    }

    @Override
    protected Check check(Values values) {
        int wanted = values.of(role);
        boolean up = values.of(side) == UP;
        return hands -> hands.cardOf(wanted) >= 0 && alone(hands, hands.cardOf(wanted), up);
    }

    private static boolean alone(Hands hands, int card, boolean up) {
        int place = hands.placeOf(card);
        for (int position = 1; position <= hands.size(place); position++) {
            if ((hands.faceUp(place, position) == up) != (hands.card(place, position) == card)) {
                return false;
            }
        }
        return true;
    }
}
