package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** As many cards of one pile lie face up as of another, or as many as lie face down in it. */
public final class SameFaceUp extends ClaimKind {

    private static final Option UP = new Option("up", "face up");

    private final PlaceSetting pile = has(Setting.anyPlace("pile", "In", "table:left"));
    private final PlaceSetting other = has(Setting.anyPlace("other", "As in", "table:right"));
    private final OptionSetting side =
            has(Setting.option("side", "There they lie", UP, new Option("down", "face down")));

    public SameFaceUp() {
        super(
                "same-face-up",
                "As many lie face up",
                "As many cards of {pile} lie face up as cards of {other} lie {side}");
    }

    @Override
    protected Check check(Values values) {
        int here = values.of(pile);
        int there = values.of(other);
        boolean up = values.of(side) == UP;
        return hands -> {
            int turned = up(hands, there);
            return hands.size(here) > 0
                    && hands.size(there) > 0
                    && up(hands, here) == (up ? turned : hands.size(there) - turned);
        };
    }

    private static int up(Hands hands, int place) {
        int up = 0;
        for (int position = 1; position <= hands.size(place); position++) {
            up += hands.faceUp(place, position) ? 1 : 0;
        }
        return up;
    }
}
