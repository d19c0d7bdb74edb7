package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** People take a pile for so many cards, as the last count of it or what was said of it made them believe. */
public final class BelievedSize extends ClaimKind {

    private final PlaceSetting pile = has(Setting.anyPlace("pile", "The pile", "other-hand"));
    private final AmountSetting cards = has(Setting.amount("cards", "Taken for", "4"));

    public BelievedSize() {
        super("believed-size", "What a pile is taken for", "{pile} is taken for {cards} cards");
    }

    @Override
    protected Check check(Values values) {
        int place = values.of(pile);
        int wanted = values.of(cards);
        return hands -> hands.believed(place) == wanted;
    }

    @Override
    protected boolean wantsPile() {
        return true;
    }
}
