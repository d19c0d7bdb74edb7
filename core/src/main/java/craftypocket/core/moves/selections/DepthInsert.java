package craftypocket.core.moves.selections;

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

/** The top card goes into the gap below the break and seems lost in the middle. */
final class DepthInsert extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Of", "deck"));

    DepthInsert() {
        super(
                "depth-insert",
                Family.SELECTIONS,
                "Insert under the top few",
                Profile.secret(3, "from behind"),
                new Words(
                        "Push the top card of {pile} in at the break, as if into the middle.",
                        "The top card ends just above the gap: with a break below two cards it becomes the second.",
                        "Let them see it go in from the front only.",
                        List.of("The front edge shows it halfway down.", "The cards above it are not lifted.")));
    }

    @Override
    public List<Need> needs(Values values) {
        int place = values.of(pile);
        return List.of(
                Needs.breakHeld(pile, values),
                new Need(
                        hands -> hands.breakDepth(place) >= 2,
                        "The break must lie below at least two cards, or the top card stays where it is.",
                        "Hold the break below two or three cards."));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.transfer(place, 0, 1, place, hands.useBreak(place) - 1);
    }
}
