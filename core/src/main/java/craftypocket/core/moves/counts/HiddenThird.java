package craftypocket.core.moves.counts;

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

/** {@code 1 m 2..m−1}: a packet is counted as four, and what lies between its second and its last card is never seen. */
final class HiddenThird extends Move {

    private final Setting pile = has(Setting.place("pile", "The packet in", "other-hand"));

    HiddenThird() {
        super(
                "hidden-third",
                Family.COUNTS,
                "Count hiding the third",
                Profile.secret(3, "from behind"),
                new Words(
                        "Count {pile} as four: peel, all but the bottom one in exchange, peel, peel.",
                        "The bottom card becomes the second. Seen are the first, the second, the last, and the first again.",
                        "Look at the cards, as you would if it were fair.",
                        List.of(
                                "The exchange on the beat, no faster than the others.",
                                "All beats alike, slowly first.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 3, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int size = hands.size(place);
        hands.showTop(place, 1);
        hands.showTop(place, 2);
        hands.showTop(place, size);
        hands.showTop(place, 1);
        hands.transfer(place, size - 1, 1, place, 1);
    }
}
