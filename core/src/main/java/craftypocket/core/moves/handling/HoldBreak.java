package craftypocket.core.moves.handling;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The little finger holds a gap below the nth card. */
final class HoldBreak extends Move {

    private final Setting pile = has(Setting.place("pile", "In", "deck"));
    private final Setting depth =
            has(Setting.amount("depth", "Cards above the break", "26").between(always(1), sizeLess(pile, 1)));

    HoldBreak() {
        super(
                "hold-break",
                Family.HANDLING,
                "Hold a break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Hold a break in {pile} below {depth} cards.",
                        "A gap is kept at that depth until a move uses it or loses it. No card moves.",
                        "While you square the deck.",
                        List.of("Nothing to be seen at the front.", "As little flesh as will hold it.")));
    }

    @Override
    public void perform(Hands hands, Values values) {
        hands.hold(values.of(pile), Hold.Kind.BREAK, values.of(depth));
    }
}
