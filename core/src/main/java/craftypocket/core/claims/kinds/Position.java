package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;

/** A card is the nth of a pile. The first from the top is the top card. */
public final class Position extends ClaimKind {

    private final Setting role = has(Setting.role("role", "This card", "A"));
    private final Setting nth = has(Setting.amount("nth", "Counted place", "1"));
    private final Setting from = has(Setting.option(
            "from", "Counted from the", new Option("top", "from the top"), new Option("bottom", "from the bottom")));
    private final Setting pile = has(Setting.place("pile", "In", "deck"));

    public Position() {
        super("position", "At a place in a pile", "{role} is {nth nth} {from} of {pile}");
    }

    @Override
    public Check check(Values values) {
        return Checks.position(values.of(pile), values.of(role), values.of(nth), values.is(from, "top"));
    }
}
