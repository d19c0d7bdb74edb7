package craftypocket.core.moves.selections;

import craftypocket.core.layout.Hands;
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

/** {@code D[1] + D[p] + D[2..p−1] + D[p+1..n]}: the top key and the touched card fall together on top. */
final class ReturnThrowCentre extends Move {

    private final RoleSetting role = has(Setting.role("role", "Becomes", "A").becomes());
    private final PlaceSetting pile = has(Setting.place("pile", "In", "deck"));
    private final AmountSetting at = has(Setting.amount("at", "Where they touch", "any")
            .asPlace()
            .between(always(1), sizeLess(pile, 0))
            .bySpectator()
            .told("they touch card #"));

    ReturnThrowCentre() {
        super(
                "return-throw-centre",
                Family.SELECTIONS,
                "Touched card thrown with the top key",
                Profile.secret(3, "from the left"),
                new Words(
                        "{role} is touched {at at} in {pile} and thrown back, with the top card directly above it.",
                        "The cards between top card and touched card go below; both fall on top together.",
                        "Look at the person while the packets fall.",
                        List.of("The throw is one gesture.", "Follow it with a few chunks or a cut.")));
    }

    @Override
    public List<Need> needs(Values values) {
        return List.of(Needs.owned(role, values), Needs.open(role, values));
    }

    @Override
    public void perform(Hands hands, Values values) {
        int place = values.of(pile);
        int touched = values.of(at);
        int chosen = values.of(role);
        hands.choose(chosen, hands.card(place, touched));
        if (touched > 1) {
            hands.single(place, touched - 1, place, 1);
        }
        hands.learnName(values.ownerKnower(role), chosen);
    }
}
