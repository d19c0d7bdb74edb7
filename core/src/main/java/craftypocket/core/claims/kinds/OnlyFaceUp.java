package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** A card is the only one of its pile that lies face up. */
public final class OnlyFaceUp extends ClaimKind {

    private final Setting role = has(Setting.role("role", "This card", "A"));

    public OnlyFaceUp() {
        super("only-face-up", "The only one face up", "{role} is the only card of its pile that lies face up");
    }

    @Override
    public Check check(Values values) {
        int wanted = values.of(role);
        return hands -> hands.cardOf(wanted) >= 0 && onlyFaceUp(hands, hands.cardOf(wanted));
    }

    private static boolean onlyFaceUp(Hands hands, int card) {
        int place = hands.placeOf(card);
        for (int position = 1; position <= hands.size(place); position++) {
            if (hands.faceUp(place, position) != (hands.card(place, position) == card)) {
                return false;
            }
        }
        return true;
    }
}
