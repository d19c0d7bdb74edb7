package craftypocket.core.moves.controls;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[1..k]} goes to the palm; the deck is short of it and must not be counted. */
final class PalmTop extends Move {

    /** More than a third of a deck shows round the hand: common practice. */
    private static final int MOST_PALMED = 16;

    private final PlaceSetting pile = has(Setting.place("pile", "From", "deck"));
    private final AmountSetting count = has(Setting.amount("count", "Cards", "1")
            .between(always(1), (hands, values) -> Math.min(MOST_PALMED, hands.size(values.of(pile)))));
    private final PlaceSetting palm = has(Setting.place("palm", "To", "palm"));

    PalmTop() {
        super(
                "palm-top",
                Family.CONTROLS,
                "Palm off the top",
                Profile.secret(4, "from below and from behind").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Palm the top {count} of {pile} to {palm}.",
                        "The cards leave the deck unseen; it is short of them until they are back.",
                        "On the off beat, with the eyes up and a question asked.",
                        List.of(
                                "The hand hangs as it did before.",
                                "No window between the fingers.",
                                "Do not hurry away.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.apart(pile, palm, values), Needs.empty(palm, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int believed = hands.believed(values.of(pile));
        hands.transfer(values.of(pile), 0, values.of(count), values.of(palm), 0);
        hands.believe(values.of(pile), believed);
    }
}
