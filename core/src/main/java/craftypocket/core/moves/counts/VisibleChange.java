package craftypocket.core.moves.counts;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Seems;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Option;
import craftypocket.core.settings.OptionSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[2]↑ + D[1] + D[3..n]} or {@code D[2]↑ + D[3..n] + D[1]}: the card that is seen becomes another as it is swung. */
final class VisibleChange extends Move {

    private static final Option UNDER = new Option("under", "it goes under the packet");

    private final PlaceSetting pile = has(Setting.place("pile", "The packet in", "other-hand"));
    private final OptionSetting how =
            has(Setting.option("how", "The card that was seen", new Option("second", "it becomes the second"), UNDER));

    VisibleChange() {
        super(
                "visible-change",
                Family.COUNTS,
                "Change the top card visibly",
                Profile.secret(4, "from behind and from the left").coveredBy(Profile.Cover.ELSEWHERE),
                new Words(
                        "Swing {pile}: its top card changes for the next one; {how}.",
                        "The second card is on top, face up; the one that was seen lies second or undermost.",
                        "The large movement covers the small one: look at the place where the card will be.",
                        List.of(
                                "The hand stops before anybody can ask.",
                                "Nothing of the other card shows at the edge.")));
        is(Trait.SHOWS_FACES);
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.cards(pile, 2, values));
    }

    @Override
    public Seems seems() {
        return Seems.NOTHING;
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        hands.single(place, 0, place, values.of(how) == UNDER ? hands.size(place) - 1 : 1);
        hands.lieFaceUp(place, 1, true);
        hands.showing().showTop(place, 1);
    }
}
