package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;

/** A pile has so many cards. */
public final class PileSize extends ClaimKind {

    private final Setting pile = has(Setting.place("pile", "The pile", "deck"));
    private final Setting compare = has(Setting.option(
            "compare",
            "Has",
            new Option("exactly", "exactly"),
            new Option("at-least", "at least"),
            new Option("at-most", "at most")));
    private final Setting cards = has(Setting.amount("cards", "Cards", "52"));

    public PileSize() {
        super("pile-size", "Size of a pile", "There are {compare} {cards} cards in {pile}");
    }

    @Override
    public Check check(Values values) {
        int place = values.of(pile);
        int wanted = values.of(cards);
        if (values.is(compare, "at-least")) {
            return hands -> hands.size(place) >= wanted;
        }
        if (values.is(compare, "at-most")) {
            return hands -> hands.size(place) <= wanted;
        }
        return hands -> hands.size(place) == wanted;
    }
}
