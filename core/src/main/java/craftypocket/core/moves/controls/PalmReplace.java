package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The palmed cards go back on top, in order. */
final class PalmReplace extends Move {

    private final PlaceSetting palm = has(Setting.place("palm", "From", "palm"));
    private final PlaceSetting pile = has(Setting.place("pile", "On", "deck"));

    PalmReplace() {
        super(
                "palm-replace",
                Family.CONTROLS,
                "Replace palmed cards",
                Profile.secret(3, "from behind").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Put the cards from {palm} back on {pile} as you take it.",
                        "The palmed cards are on top again, in order.",
                        "As the deck is dragged towards you or squared.",
                        List.of("Take the deck from above, once.", "Square it for a reason.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(palm, pile, values), Needs.cards(palm, 1, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int believed = hands.believed(values.of(pile));
        hands.gather(values.of(palm), values.of(pile), 0);
        hands.believe(values.of(pile), believed);
    }
}
