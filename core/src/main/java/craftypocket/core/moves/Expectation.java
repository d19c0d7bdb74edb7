package craftypocket.core.moves;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Values;

/**
 * What a move is meant to bring about, checked like a claim of the routine.
 *
 * @param check the condition
 * @param sentence the expectation in words
 * @param before whether it is about the layout before the move
 */
public record Expectation(Check check, String sentence, boolean before) {

    /** What must be so of the layout before the move and of its numbers in the same world. */
    @FunctionalInterface
    public interface InWorld {
        boolean holds(Hands hands, Values world);
    }

    /** Beforehand, with the numbers with which it will be done. */
    public static Expectation inWorld(InWorld check, String sentence) {
        return new Expectation(
                new Check() {
                    @Override
                    public boolean holds(Hands hands) {
                        throw new IllegalStateException("depends on the numbers of its step: " + sentence);
                    }

                    @Override
                    public boolean holds(Hands hands, Values world) {
                        return check.holds(hands, world);
                    }
                },
                sentence,
                true);
    }

    /** The card of a role lies on the bottom beforehand. */
    public static Expectation onBottom(PlaceSetting pile, RoleSetting role, Values values) {
        return new Expectation(
                Checks.position(values.of(pile), values.of(role), 1, false),
                "Before it, " + values.roleLabel(role) + " is on the bottom of " + values.placeLabel(pile),
                true);
    }

    /** The card of a role lies on top beforehand. */
    public static Expectation onTop(PlaceSetting pile, RoleSetting role, Values values) {
        return new Expectation(
                Checks.position(values.of(pile), values.of(role), 1, true),
                "Before it, " + values.roleLabel(role) + " is on top of " + values.placeLabel(pile),
                true);
    }

    /** The card of a role lies directly below the break beforehand. */
    public static Expectation belowBreak(PlaceSetting pile, RoleSetting role, Values values) {
        int place = values.of(pile);
        int card = values.of(role);
        return new Expectation(
                hands -> hands.isIn(place, card)
                        && hands.positionIn(place, hands.cardOf(card)) == hands.breakDepth(place) + 1,
                "Before it, the break is directly above " + values.roleLabel(role),
                true);
    }
}
