package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.ThingSetting;
import craftypocket.core.settings.Values;

/** A thing lies at a place, or in another thing. */
public final class ThingLies extends ClaimKind {

    private final ThingSetting thing = has(Setting.thing("thing", "This thing"));
    private final PlaceSetting place = has(Setting.spot("place", "Lies at", "table:mat"));

    public ThingLies() {
        super("thing-lies", "A thing lies at a place", "{thing} lies {place}");
    }

    @Override
    protected Check check(Values values) {
        int what = values.of(thing);
        int at = values.of(place);
        return hands -> hands.stowing().placeOfThing(what) == at;
    }
}
