package craftypocket.core.moves.forces;

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

/** The shuffled deck goes into a case in which the force card waits, and comes out with it on top. */
final class ForceCase extends Move {

    private final RoleSetting role = has(Forces.forceCard());
    private final PlaceSetting pile = has(Setting.place("pile", "The deck", "deck"));
    private final PlaceSetting box = has(Setting.place("box", "Goes into", "case"));

    ForceCase() {
        super(
                "force-case",
                Family.FORCES,
                "Force from the card case",
                Profile.secret(1, "from above"),
                new Words(
                        "Put {pile} into {box}, where {role} waits; later take it out: the top card is chosen.",
                        "The card from the case lies on top of the deck and is chosen, however the deck was shuffled.",
                        "The case looks empty: never show the inside.",
                        List.of("The card faces the way the deck goes in.", "The deck goes in below the card.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.apart(pile, box, values),
                Needs.cards(pile, 1, values),
                Needs.chosen(role, values),
                Needs.cards(box, 1, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(box);
        int deck = values.of(pile);
        return List.of(
                Expectation.onTop(box, role, values),
                new Expectation(
                        hands -> hands.size(place) == 1,
                        "Before it, only the force card is in " + values.placeLabel(box),
                        true),
                new Expectation(
                        hands -> hands.size(place) > 0
                                && hands.size(deck) > 0
                                && hands.faceUp(place, 1) == hands.faceUp(deck, 1),
                        "Before it, " + values.roleLabel(role) + " faces as the deck does",
                        true));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.gather(values.of(box), values.of(pile), 0);
        Forces.take(hands, values, role, values.of(pile), 1);
    }
}
