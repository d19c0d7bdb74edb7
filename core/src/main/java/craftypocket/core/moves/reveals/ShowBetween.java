package craftypocket.core.moves.reveals;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** A card between two others is shown and turned. */
final class ShowBetween extends Move {

    private final RoleSetting role = has(Setting.role("role", "The card between", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "Spread", "deck"));

    ShowBetween() {
        super(
                "show-between",
                Family.REVEALS,
                "Between two others",
                Profile.open(1),
                new Words(
                        "Spread {pile}: one card lies between two others. Turn it: {role}.",
                        "The card is turned over where it lies; both its neighbours are seen.",
                        "Let them take it out themselves.",
                        List.of("Spread far from the three cards first.", "The two others stay with it.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        return List.of(
                Needs.isIn(pile, role, values),
                new Need(
                        hands -> hands.isIn(place, card)
                                && hands.positionIn(place, hands.cardOf(card)) > 1
                                && hands.positionIn(place, hands.cardOf(card)) < hands.size(place),
                        values.roleLabel(role) + " has no card on either side.",
                        "Cut the pile once more."));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        return List.of(new Expectation(
                hands -> {
                    int at = hands.positionOf(place, card);
                    return at > 1
                            && at < hands.size(place)
                            && Reveals.showsFace(hands, place, at - 1)
                            && Reveals.showsFace(hands, place, at + 1);
                },
                "Before it, the cards on either side of " + values.roleLabel(role) + " lie face up",
                true));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int position = hands.positionIn(place, hands.cardOf(values.of(role)));
        hands.lieFaceUp(place, position, true);
        for (int shown = position - 1; shown <= position + 1; shown++) {
            hands.showing().showTop(place, shown);
        }
    }
}
