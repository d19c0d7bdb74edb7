package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;

/** A card lies at a place, either side up or a certain one. */
public final class Lies extends ClaimKind {

    private final Setting role = has(Setting.role("role", "This card", "A"));
    private final Setting place = has(Setting.place("place", "Lies at", "deck"));
    private final Setting side = has(Setting.option(
            "side", "Side up", new Option("any", ""), new Option("up", "face up "), new Option("down", "face down ")));

    public Lies() {
        super("lies", "Lies at a place", "{role} lies {side}in {place}");
    }

    @Override
    public Check check(Values values) {
        int wanted = values.of(role);
        int at = values.of(place);
        boolean eitherSide = values.is(side, "any");
        boolean faceUp = values.is(side, "up");
        return hands -> hands.isIn(at, wanted)
                && (eitherSide || hands.faceUp(at, hands.positionIn(at, hands.cardOf(wanted))) == faceUp);
    }
}
