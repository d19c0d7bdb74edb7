package craftypocket.core.moves.reveals;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** After shuffles, the first card of the slug below the key is taken for the selection. */
final class FindOrderCard extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Look through", "deck"));
    private final RoleSetting key = has(Setting.role("key", "Key", "K"));
    private final RoleSetting slug = has(Setting.role("slug", "Cards of the order", "S"));
    private final RoleSetting role = has(Setting.role("role", "The selection", "A"));

    FindOrderCard() {
        super(
                "find-order-card",
                Family.REVEALS,
                "Find the next card of the order",
                Profile.secret(2, "").coveredBy(Profile.Cover.REASON),
                new Words(
                        "Look through {pile} for {key}: the next card of {slug} below it is taken for {role}.",
                        "You learn a name: the true one as long as the shuffles have left the order whole. No card moves.",
                        "Have a reason to look, such as taking out the jokers.",
                        List.of("Go on from the bottom to the top if none comes.", "Do not stop at the card.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isIn(pile, key, values), Needs.nameKnown(key, values), Needs.chosen(role, values));
    }

    private Check found(Values values) {
        return Checks.nextOfOrder(values.of(key), values.of(slug), values.of(role));
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.showing().runThrough(place);
        hands.showing().glimpse(place, hands.positionIn(place, hands.cardOf(values.of(key))));
        // Right or wrong, this is the card that is taken for it.
        hands.takeNextOfOrder(values.of(key), values.of(slug), values.of(role));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(new Expectation(
                found(values),
                "The next card of the order below " + values.roleLabel(key) + " is " + values.roleLabel(role),
                true));
    }
}
