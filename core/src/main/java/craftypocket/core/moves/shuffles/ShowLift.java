package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The deck is lifted once, to show the undersides of the packet and the top of the rest. No card moves. */
final class ShowLift extends Move {

    private static final Option UPPER = new Option("upper", "a back on a face");
    private static final Option JOIN = new Option("join", "a back on a back");
    private static final Option LOWER = new Option("lower", "a face on a back");

    private final PlaceSetting pile = has(Setting.place("pile", "Lift", "deck"));
    private final AmountSetting at =
            has(Setting.amount("at", "After this many cards", "10").between(always(1), sizeLess(pile, 1)));
    private final OptionSetting shows =
            has(Setting.option("shows", "Meant to show", UPPER, JOIN, LOWER, new Option("any", "whatever it is")));

    ShowLift() {
        super(
                "show-lift",
                Family.SHUFFLES,
                "Lift once and show",
                Profile.open(2),
                new Words(
                        "Lift {pile} after {at} cards: {shows}.",
                        "The underside of the packet and the top of the rest are seen. No card moves.",
                        "Say aloud what they see.",
                        List.of("One lift at a time, as if anywhere.", "Never lift under the top card alone.")));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        Option meant = values.of(shows);
        if (meant != UPPER && meant != JOIN && meant != LOWER) {
            return List.of();
        }
        boolean above = meant == UPPER || meant == JOIN;
        boolean below = meant == UPPER;
        return List.of(Expectation.inWorld(
                (hands, world) -> {
                    int depth = world.of(at);
                    return depth >= 1
                            && depth < hands.size(place)
                            && hands.faceUp(place, depth) == above
                            && hands.faceUp(place, depth + 1) == below;
                },
                "The lift is safe: it shows " + meant.label()));
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.showing().showUnder(values.of(pile), values.of(at));
        hands.showing().showTop(values.of(pile), values.of(at) + 1);
    }
}
