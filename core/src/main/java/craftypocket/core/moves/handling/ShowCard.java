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
import craftypocket.core.settings.PersonSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** One side of a card is shown, to everybody or to one person. No card moves. */
final class ShowCard extends Move {

    private static final Option UNDER = new Option("under", "the side that lies undermost");

    private final PlaceSetting pile = has(Setting.place("pile", "Of", "deck"));
    private final AmountSetting at =
            has(Setting.amount("at", "Its place from the top", "1").asPlace().between(always(1), sizeLess(pile, 0)));
    private final OptionSetting side =
            has(Setting.option("side", "Shown", UNDER, new Option("upper", "the side that lies uppermost")));
    private final PersonSetting whom = has(Setting.shownTo());

    ShowCard() {
        super(
                "show-card",
                Family.HANDLING,
                "Show a card",
                Profile.open(1),
                new Words(
                        "Show the {nth at} card of {pile}{whom}: {side}.",
                        "One side of a card is seen. No card moves.",
                        "Look at the card, then at them.",
                        List.of("No other card is seen.")));
        is(Trait.SHOWS_FACES);
    }

    @Override
    public void perform(Hands hands, Values values) {
        if (values.of(side) == UNDER) {
            hands.showing().showUnder(values.of(pile), values.of(at), values.of(whom));
        } else {
            hands.showing().showTop(values.of(pile), values.of(at), values.of(whom));
        }
    }
}
