package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The deck is lifted at three points to show back to face, back to back and face to back. No card moves. */
final class ShowMixture extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Show", "deck"));
    private final AmountSetting upper = has(lift("upper", "Lift in the upper half, after", "10")
            .where(
                    (hands, values, at) -> hands.faceUp(values.of(pile), at) && hands.faceUp(values.of(pile), at + 1),
                    "does not show a back on a face"));
    private final AmountSetting join = has(lift("join", "Lift at the join, after", "any")
            .where(
                    (hands, values, at) -> hands.faceUp(values.of(pile), at) && !hands.faceUp(values.of(pile), at + 1),
                    "does not show a back on a back"));
    private final AmountSetting lower = has(lift("lower", "Lift in the lower half, after", "45")
            .where(
                    (hands, values, at) -> !hands.faceUp(values.of(pile), at) && !hands.faceUp(values.of(pile), at + 1),
                    "does not show a face on a back"));

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

    private AmountSetting lift(String name, String label, String usual) {
        return Setting.amount(name, label, usual)
                .between(always(1), (hands, values) -> hands.size(values.of(pile)) - 1);
    }

    @Override
    public void perform(Hands hands, Values values) {
        show(hands, values.of(pile), values.of(upper));
        show(hands, values.of(pile), values.of(join));
        show(hands, values.of(pile), values.of(lower));
    }

    private static void show(Hands hands, int place, int depth) {
        hands.showUnder(place, depth);
        hands.showTop(place, depth + 1);
    }
}
