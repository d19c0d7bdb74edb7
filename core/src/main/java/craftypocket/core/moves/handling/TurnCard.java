package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** One card of a pile is turned over where it lies. */
final class TurnCard extends Move {

    private static final Option YES = new Option("yes", "in the open");

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final AmountSetting at =
            has(Setting.amount("at", "Its place from the top", "1").asPlace().between(always(1), sizeLess(pile, 0)));
    private final OptionSetting seen = has(Setting.option("seen", "Seen", YES, new Option("no", "secretly")));

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
        is(Trait.SHOWS_FACES);
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.turnCard(values.of(pile), values.of(at));
        if (values.of(seen) == YES) {
            hands.showing().showTop(values.of(pile), values.of(at));
        }
    }
}
