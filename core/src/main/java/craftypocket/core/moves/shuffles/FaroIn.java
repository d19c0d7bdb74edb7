package craftypocket.core.moves.shuffles;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The halves interlace perfectly; the top card becomes second. */
final class FaroIn extends Move {

    private final Setting pile = has(Setting.place("pile", "Shuffle", "deck"));

    FaroIn() {
        super(
                "faro-in",
                Family.SHUFFLES,
                "Perfect in-shuffle",
                Profile.open(5),
                new Words(
                        "Perfect in-shuffle of {pile}.",
                        "Halves interlace card by card: the top card becomes the second, the bottom one the last but one.",
                        "Nothing hurried; it is a skill to be seen or not noticed at all.",
                        List.of("Cut at exactly half.", "Check top and bottom after the weave.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.even(pile, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.weave(values.of(pile), true);
    }
}
