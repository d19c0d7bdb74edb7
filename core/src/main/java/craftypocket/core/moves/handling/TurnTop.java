package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code ~D[1..k] + D[k+1..n]}: the top cards are turned over as one. */
final class TurnTop extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Of", "deck"));
    private final AmountSetting count =
            has(Setting.amount("count", "Top cards turned", "1").between(always(1), sizeLess(pile, 0)));

    TurnTop() {
        super(
                "turn-top",
                Family.HANDLING,
                "Turn over the top cards",
                Profile.open(1),
                new Words(
                        "Turn over the top {count} of {pile} as one.",
                        "The turned cards are reversed in order and show their other sides; the rest stays.",
                        "In the open, at an easy pace.",
                        List.of("The cards turn as one.")));
        is(Trait.SHOWS_FACES);
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.turn(values.of(pile), 1, values.of(count));
        hands.showing().showTop(values.of(pile), 1);
    }
}
