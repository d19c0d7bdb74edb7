package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Claim;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.Optional;

/** A pile has so many cards. */
public final class PileSize extends ClaimKind {

    private static final Option EXACTLY = new Option("exactly", "exactly");
    private static final Option AT_LEAST = new Option("at-least", "at least");
    private static final Option AT_MOST = new Option("at-most", "at most");

    private final PlaceSetting pile = has(Setting.anyPlace("pile", "The pile", "deck"));
    private final OptionSetting compare = has(Setting.option("compare", "Has", EXACTLY, AT_LEAST, AT_MOST));
    private final AmountSetting cards = has(Setting.amount("cards", "Cards", "52"));

    public PileSize() {
        super("pile-size", "Size of a pile", "There are {compare} {cards} cards in {pile}");
    }

    @Override
    protected Check check(Values values) {
        int place = values.of(pile);
        int wanted = values.of(cards);
        if (values.of(compare) == AT_LEAST) {
            return hands -> hands.size(place) >= wanted;
        }
        if (values.of(compare) == AT_MOST) {
            return hands -> hands.size(place) <= wanted;
        }
        return hands -> hands.size(place) == wanted;
    }

    @Override
    protected Optional<Claim.Taken> taken(Values values) {
        return values.of(compare) == EXACTLY
                ? Optional.of(new Claim.Taken(values.of(pile), values.of(cards)))
                : Optional.empty();
    }
}
