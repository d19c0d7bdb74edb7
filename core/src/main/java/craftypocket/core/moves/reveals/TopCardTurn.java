package craftypocket.core.moves.reveals;

import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The top card is turned over and is the one. */
final class TopCardTurn extends Move {

    private final RoleSetting role = has(Setting.role("role", "It is", "A"));
    private final PlaceSetting pile = has(Setting.place("pile", "On", "deck"));

    TopCardTurn() {
        super(
                "top-card-turn",
                Family.REVEALS,
                "Turn the top card",
                Profile.open(1),
                new Words(
                        "Turn over the top card of {pile}: it is {role}.",
                        "The top card lies face up.",
                        "A pause, one word, then the card.",
                        List.of("Let them name it first.", "Only one card turns.")));
        is(Trait.BARE_REVEAL);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 1, values), Needs.chosen(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.lieFaceUp(values.of(pile), 1, true);
        hands.showing().showTop(values.of(pile), 1);
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(
                Reveals.backUp(role, values),
                new Expectation(
                        Checks.position(values.of(pile), values.of(role), 1, true),
                        "The top card is " + values.roleLabel(role),
                        true));
    }
}
