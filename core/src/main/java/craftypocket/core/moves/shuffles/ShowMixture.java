package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The deck is lifted at three points to show back to face, back to back and face to back. No card moves. */
final class ShowMixture extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Show", "deck"));
    private final AmountSetting upper = has(lift("upper", "Lift in the upper half, after", "10", true, true));
    private final AmountSetting join = has(lift("join", "Lift at the join, after", "any", true, false));
    private final AmountSetting lower = has(lift("lower", "Lift in the lower half, after", "45", false, false));

    ShowMixture() {
        super(
                "show-mixture",
                Family.SHUFFLES,
                "Show the mixture",
                Profile.open(2),
                new Words(
                        "Lift {pile} after {upper}, after {join} and after {lower} cards: back to face, back to back, face to back.",
                        "The lifts show some cards face up and some face down. No card moves; wrong lifts give it away.",
                        "Say aloud what they see: back to face, face to back, back to back.",
                        List.of("The middle lift exactly at the join.", "Never lift under the top card alone.")));
    }

    private AmountSetting lift(String name, String label, String usual, boolean above, boolean below) {
        return Setting.amount(name, label, usual)
                .between(always(1), sizeLess(pile, 1))
                .aiming((hands, values, at) -> shows(hands, values.of(pile), at, above, below));
    }

    private static boolean shows(Hands hands, int place, int at, boolean above, boolean below) {
        return at >= 1
                && at < hands.size(place)
                && hands.faceUp(place, at) == above
                && hands.faceUp(place, at + 1) == below;
    }

    @Override
    public List<Expectation> expectations(Values values) {
        int place = values.of(pile);
        return List.of(
                Expectation.inWorld(
                        (hands, world) -> shows(hands, place, world.of(upper), true, true),
                        "The first lift shows a back on a face"),
                Expectation.inWorld(
                        (hands, world) -> shows(hands, place, world.of(join), true, false),
                        "The second lift shows a back on a back"),
                Expectation.inWorld(
                        (hands, world) -> shows(hands, place, world.of(lower), false, false),
                        "The third lift shows a face on a back"));
    }

    @Override
    public Seems seems() {
        return Seems.ITSELF;
    }

    @Override
    public void perform(Hands hands, Values values) {
        show(hands, values.of(pile), values.of(upper));
        show(hands, values.of(pile), values.of(join));
        show(hands, values.of(pile), values.of(lower));
    }

    private static void show(Hands hands, int place, int depth) {
        hands.showing().showUnder(place, depth);
        hands.showing().showTop(place, depth + 1);
    }
}
