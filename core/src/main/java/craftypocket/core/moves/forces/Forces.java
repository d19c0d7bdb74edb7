package craftypocket.core.moves.forces;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Move;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.function.ToIntFunction;

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

    /** By how many cards they may stop beside the gap without noticing: “four or five”, common practice. */
    static final int UNNOTICED = 5;

    /** What part of the deck must lie on either side of a place at which it opens by itself: from memory. */
    private static final int LEAST_PART = 4;

    private Forces() {}

    /** A deck opens in the middle, never at an end: so a gap there is no place to stop at. */
    static Expectation nearMiddle(String what, int place, ToIntFunction<Hands> gap) {
        return new Expectation(
                hands -> {
                    int size = hands.size(place);
                    int above = gap.applyAsInt(hands);
                    return LEAST_PART * Math.min(above, size - above) >= size;
                },
                "Before it, " + what + " is near the middle, a quarter of the cards or more on either side",
                true);
    }

    /**
     * The card at a position goes to whoever owns the force card, who looks at it; the force card of nobody stays and is
     * shown to all. When it is another card, nobody learns the name of the force card by it.
     */
    static void take(Hands hands, Values values, RoleSetting role, int place, int position) {
        if (values.owned(role)) {
            boolean forced = hands.card(place, position) == hands.cardOf(values.of(role));
            int card = hands.card(place, position);
            hands.single(place, position - 1, values.ownerPlace(role), 0);
            if (forced) {
                hands.learnName(values.ownerKnower(role), values.of(role));
            } else {
                hands.showing().looksAt(values.ownerKnower(role), card);
            }
        } else {
            show(hands, values, role, place, position);
        }
    }

    /** The face of the card at a position is shown where it lies. */
    static void show(Hands hands, Values values, RoleSetting role, int place, int position) {
        boolean forced = hands.card(place, position) == hands.cardOf(values.of(role));
        hands.showing().showUnder(place, position);
        if (forced && values.owned(role)) {
            hands.learnName(values.ownerKnower(role), values.of(role));
        }
    }

    static RoleSetting forceCard() {
        return Setting.role("role", "Force card", "F");
    }
}
