package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.moves.Move;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;

/** The forces of the catalogue: the choice looks free, and one known card is chosen. */
public final class Forces {

    public static final List<Move> ALL = List.of(
            new ForceHindu(),
            new ForceSlip(),
            new ForceRiffleBreak(),
            new ForcePacketCut(),
            new ForceCrosswise(),
            new ForceCase(),
            new ForceUnderCase(),
            new ForceSalt(),
            new ForceShortRiffle(),
            new ForceSlideBack(),
            new ForceGlide(),
            new ForceCountSum());

    private Forces() {}

    /** The chosen card goes to whoever owns it, who looks at it; the force card of nobody stays and is shown to all. */
    static void take(Hands hands, Values values, Setting role, int place, int position) {
        if (values.owned(role)) {
            hands.transfer(place, position - 1, 1, values.ownerPlace(role), 0);
            hands.learnName(values.ownerKnower(role), values.of(role));
        } else {
            show(hands, values, role, place, position);
        }
        hands.knowPlace(values.of(role), PlaceKnowledge.EXACT);
    }

    /** The face of the chosen card is shown where it lies. */
    static void show(Hands hands, Values values, Setting role, int place, int position) {
        hands.showUnder(place, position);
        if (values.owned(role)) {
            hands.learnName(values.ownerKnower(role), values.of(role));
        }
    }

    static Setting forceCard() {
        return Setting.role("role", "Force card", "F");
    }
}
