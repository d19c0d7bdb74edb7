package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** All cards of a pile lie the same way. */
public final class AllLie extends ClaimKind {

    private static final Option UP = new Option("up", "face up");

    private final PlaceSetting pile = has(Setting.anyPlace("pile", "The pile", "deck"));
    private final OptionSetting side = has(Setting.option("side", "All lie", new Option("down", "face down"), UP));

    public AllLie() {
        super("all-lie", "All lie the same way", "All cards of {pile} lie {side}");
    }

    @Override
    protected Check check(Values values) {
        int place = values.of(pile);
        boolean up = values.of(side) == UP;
        return hands -> {
            for (int position = 1; position <= hands.size(place); position++) {
                if (hands.faceUp(place, position) != up) {
                    return false;
                }
            }
            return true;
        };
    }
}
