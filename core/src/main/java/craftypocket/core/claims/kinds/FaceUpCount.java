package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** So many cards of a pile lie face up. */
public final class FaceUpCount extends ClaimKind {

    private final AmountSetting cards =
            has(Setting.amount("cards", "Cards face up", "1").ranged());
    private final PlaceSetting pile = has(Setting.anyPlace("pile", "In", "deck"));

    public FaceUpCount() {
        super("face-up-count", "So many lie face up", "{cards} cards of {pile} lie face up");
    }

    @Override
    protected Check check(Values values) {
        int least = values.amount(cards).low();
        int most = values.amount(cards).high();
        int place = values.of(pile);
        return hands -> {
            int up = 0;
            for (int position = 1; position <= hands.size(place); position++) {
                up += hands.faceUp(place, position) ? 1 : 0;
            }
            return up >= least && up <= most;
        };
    }
}
