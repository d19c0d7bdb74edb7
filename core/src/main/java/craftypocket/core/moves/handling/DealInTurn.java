package craftypocket.core.moves.handling;

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

/** All cards of a pile are dealt onto two others in turn, as for a game of two: each of them gets every second card. */
final class DealInTurn extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final PlaceSetting to = has(Setting.place("to", "First to", "table:left"));
    private final PlaceSetting second = has(Setting.place("second", "Then to", "table:right"));

    DealInTurn() {
        super(
                "deal-in-turn",
                Family.HANDLING,
                "Deal into two piles in turn",
                Profile.open(1).onTable(),
                new Words(
                        "Deal all of {pile} in turn to {to} and {second}.",
                        "Two piles, each with every second card, in reverse order.",
                        "The beat of a game being dealt.",
                        List.of("Begin at the pile that was said.", "Count nothing aloud.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(
                Needs.cards(pile, 2, values),
                Needs.apart(pile, to, values),
                Needs.apart(pile, second, values),
                Needs.apart(to, second, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int from = values.of(pile);
        for (int left = hands.size(from), dealt = 0; dealt < left; dealt++) {
            hands.deal(from, 1, dealt % 2 == 0 ? values.of(to) : values.of(second));
        }
    }
}
