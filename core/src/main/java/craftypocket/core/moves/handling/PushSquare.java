package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Fingers;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The uppermost jogged card is pushed square, and a break stays over it or under it. */
final class PushSquare extends Move {

    private static final Option OVER = new Option("over", "over it");
    private static final Option UNDER = new Option("under", "under it");

    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final OptionSetting way = has(Setting.option("way", "The card", Jogged.IN, Jogged.OUT));
    private final OptionSetting gap =
            has(Setting.option("break", "With a break", UNDER, OVER, new Option("none", "nowhere")));
    private final OptionSetting finger = has(Fingers.taking("finger", "Held by"));

    PushSquare() {
        super(
                "push-square",
                Family.HANDLING,
                "Push the jogged card square",
                Profile.secret(2, "from behind"),
                new Words(
                        "Push the uppermost {way} card of {pile} square, a break {break}.",
                        "The card is square with the others; the gap beside it is kept. No card changes its place.",
                        "One push, as the deck is squared.",
                        List.of("Press it down as it goes in: the break is there at once.")));
        is(Trait.JOGS);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Jogged.held(pile, way, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int above = hands.use(place, Jogged.kind(values.of(way)));
        int depth = values.of(gap) == OVER ? above : above + 1;
        boolean held = values.of(gap) == OVER || values.of(gap) == UNDER;
        if (held && depth >= 1 && depth < hands.size(place)) {
            hands.hold(place, Fingers.kind(hands, place, values.of(finger)), depth);
        }
    }
}
