package craftypocket.core.moves;

import craftypocket.core.claims.Checks;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Knower;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;

/** Needs that several moves share, with their words. */
public final class Needs {

    private Needs() {}

    public static Need breakHeld(Setting pile, Values values) {
        return new Need(
                Checks.breakHeld(values.of(pile)),
                "Nothing holds a break in " + values.placeLabel(pile) + ".",
                "Put a move before this one that ends with a break, such as “Hold a break”.");
    }

    /** The deck opens by itself where its halves lie back to back. */
    public static Need separation(Setting pile, Values values) {
        int place = values.of(pile);
        return new Need(
                hands -> hands.depthOf(place, Hold.Kind.STEP) >= 0,
                "There is no natural separation in " + values.placeLabel(pile) + ".",
                "Put “Messy half-over shuffle” directly before this step.");
    }

    /** A perfect shuffle needs two equal halves. */
    public static Need even(Setting pile, Values values) {
        int place = values.of(pile);
        return new Need(
                hands -> hands.size(place) >= 2 && hands.size(place) % 2 == 0,
                "The cards in " + values.placeLabel(pile) + " do not part into two equal halves.",
                "Add or take away one card first.");
    }

    public static Need cards(Setting pile, int least, Values values) {
        return new Need(
                Checks.atLeast(values.of(pile), least),
                "This takes at least " + least + (least == 1 ? " card" : " cards") + " in " + values.placeLabel(pile)
                        + ".",
                "Choose another pile, or bring cards there first.");
    }

    /** The role belongs to a spectator, into whose hand the card can go. */
    public static Need owned(Setting role, Values values) {
        boolean owned = values.owned(role);
        return new Need(
                hands -> owned,
                values.roleLabel(role) + " belongs to nobody.",
                "Give the role an owner in the set-up, or choose a selection.");
    }

    /** The card of a role has still to be chosen. */
    public static Need open(Setting role, Values values) {
        return new Need(
                Checks.open(values.of(role)),
                values.roleLabel(role) + " is chosen already.",
                "Use another role for this card, or remove the earlier choice.");
    }

    public static Need chosen(Setting role, Values values) {
        return new Need(
                Checks.chosen(values.of(role)),
                "Nothing has made a card " + values.roleLabel(role) + " yet.",
                "Put a selection or a glimpse before this step, or name the card in the set-up.");
    }

    public static Need isIn(Setting pile, Setting role, Values values) {
        return new Need(
                Checks.isIn(values.of(pile), values.of(role)),
                values.roleLabel(role) + " is not in " + values.placeLabel(pile) + ".",
                "Bring it there first, or choose the pile where it is.");
    }

    /** The card of a role is out of the pile and can be put back. */
    public static Need isAwayFrom(Setting pile, Setting role, Values values) {
        return new Need(
                Checks.isAwayFrom(values.of(pile), values.of(role)),
                values.roleLabel(role) + " is not out of " + values.placeLabel(pile) + ".",
                "Let it be taken first: “Spread, free pick” does that.");
    }

    public static Need onBottom(Setting pile, Setting role, Values values) {
        return new Need(
                Checks.position(values.of(pile), values.of(role), 1, false),
                values.roleLabel(role) + " is not on the bottom of " + values.placeLabel(pile) + ".",
                "Bring it to the bottom first: “Overhand, top card to bottom” does that from the top.");
    }

    public static Need nameKnown(Setting role, Values values) {
        return new Need(
                Checks.nameKnown(Knower.PERFORMER, values.of(role)),
                "You do not know the name of " + values.roleLabel(role) + " yet.",
                "Glimpse it, or look it up beside your key, before this step.");
    }

    public static Need apart(Setting one, Setting other, Values values) {
        boolean apart = values.of(one) != values.of(other);
        return new Need(
                hands -> apart,
                "“" + one.label() + "” and “" + other.label() + "” are the same place.",
                "Choose two different places.");
    }
}
