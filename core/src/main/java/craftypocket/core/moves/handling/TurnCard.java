package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Setting.Option;
import craftypocket.core.settings.Values;
import java.util.List;

/** One card of a pile is turned over where it lies. */
final class TurnCard extends Move {

    private final Setting pile = has(Setting.place("pile", "In", "deck"));
    private final Setting at =
            has(Setting.amount("at", "Its place from the top", "1").between(always(1), sizeLess(pile, 0)));
    private final Setting seen =
            has(Setting.option("seen", "Seen", new Option("yes", "in the open"), new Option("no", "secretly")));

    TurnCard() {
        super(
                "turn-card",
                Family.HANDLING,
                "Turn one card",
                Profile.open(2),
                new Words(
                        "Turn over the {nth at} card of {pile}, {seen}.",
                        "One card shows its other side where it lies.",
                        "If it is secret, while the hands come together.",
                        List.of("Only this card turns.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.turn(values.of(pile), values.of(at), values.of(at));
        if (values.is(seen, "yes")) {
            hands.showTop(values.of(pile), values.of(at));
        }
    }
}
