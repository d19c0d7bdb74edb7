package craftypocket.core.moves.cuts;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Trait;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[d+1..n] | D[1..d]}: the deck is cut and a break is kept above the old top card. */
final class CutTopUnderBreak extends Move {

    private final PlaceSetting pile = has(Setting.place("pile", "Cut", "deck"));
    private final AmountSetting depth = has(Setting.amount("depth", "Cards cut off", "26±4")
            .between(always(1), sizeLess(pile, 1))
            .told("you cut off #"));

    CutTopUnderBreak() {
        super(
                "cut-top-under-break",
                Family.CUTS,
                "Cut the top card to a break",
                Profile.secret(2, "from behind"),
                new Words(
                        "Cut {pile} {at depth} and keep a break above the old top card.",
                        "The old top card lies in the middle, directly below the break.",
                        "Look up as you complete the cut.",
                        List.of("The break is no wider than it must be.", "Square the front at once.")));
        is(Trait.HOLDS_BREAK);
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int below = hands.size(place) - values.of(depth);
        hands.cut(place, values.of(depth));
        hands.hold(place, Hold.Kind.BREAK, below);
    }
}
