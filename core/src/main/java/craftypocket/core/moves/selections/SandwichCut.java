package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Dealing;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Profile;
import craftypocket.core.moves.Words;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** {@code D[d+1..n] + S + D[1..d]}: with guards on top and bottom, the selection comes between them. */
final class SandwichCut extends Move {

    private final RoleSetting role = has(Setting.role("role", "Goes back", "A").returns());
    private final RoleSetting top = has(Setting.role("top", "Guard on top", "J"));
    private final RoleSetting bottom = has(Setting.role("bottom", "Guard on the bottom", "K"));
    private final PlaceSetting pile = has(Setting.place("pile", "Into", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Cards tabled first", "any")
            .between(always(0), sizeLess(pile, 0))
            .aiming(Dealing.between(pile))
            .bySpectator()
            .told("they cut off #"));

    SandwichCut() {
        super(
                "sandwich-cut",
                Family.SELECTIONS,
                "Return between two guards",
                Profile.open(2).onTable(),
                new Words(
                        "They cut {pile} {at at} to the table, {role} goes on it, the rest on that: {bottom}, {role}, {top}.",
                        "The guard from the bottom, the selection and the guard from the top lie together.",
                        "Let them do the cut and the burying.",
                        List.of("No guard may flash.", "The deck is squared before it is cut again.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.isAwayFrom(pile, role, values));
    }

    @Override
    public List<Expectation> expectations(Values values) {
        return List.of(Expectation.onTop(pile, top, values), Expectation.onBottom(pile, bottom, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int chosen = values.of(role);
        hands.bring(chosen, place, 0);
        Dealing.cutOff(hands, place, values.of(at) + 1);
    }
}
