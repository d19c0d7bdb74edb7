package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** A card lies at a place, either side up or a certain one. */
public final class Lies extends ClaimKind {

    private static final Option ANY = new Option("any", "");
    private static final Option UP = new Option("up", "face up ");

    private final RoleSetting role = has(Setting.role("role", "This card", "A"));
    private final PlaceSetting place = has(Setting.anyPlace("place", "Lies at", "deck"));
    private final OptionSetting side =
            has(Setting.option("side", "Side up", ANY, UP, new Option("down", "face down ")));

    public Lies() {
        super("lies", "Lies at a place", "{role} lies {side}in {place}");
    }

    @Override
    protected Check check(Values values) {
        int wanted = values.of(role);
        int at = values.of(place);
        boolean eitherSide = values.of(side) == ANY;
        boolean faceUp = values.of(side) == UP;
        return hands -> hands.isIn(at, wanted)
                && (eitherSide || hands.faceUp(at, hands.positionIn(at, hands.cardOf(wanted))) == faceUp);
    }
}
