package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Slot;
import craftypocket.core.settings.Values;

/** In the step before it, no face is shown twice that only one of the cards shown has. */
public final class NoFaceTwice extends ClaimKind {

    public NoFaceTwice() {
        super("no-face-twice", "No face shown twice", "No face is shown twice in this count");
    }

    @Override
    protected Check check(Values values) {
        return hands -> hands.showing().allShownKept() && once(hands);
    }

    private static boolean once(Hands hands) {
        int shown = hands.showing().shownInStep();
        for (int first = 0; first < shown; first++) {
            byte slot = hands.showing().shownInStep(first);
            for (int again = first + 1; again < shown; again++) {
                if (hands.showing().shownInStep(again) == slot && givesAway(hands, slot)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether the side is a face, and no other card that was shown has it too. */
    private static boolean givesAway(Hands hands, byte slot) {
        for (int i = 0; i < hands.showing().shownInStep(); i++) {
            byte other = hands.showing().shownInStep(i);
            if (Slot.card(other) != Slot.card(slot) && hands.alike(slot, other)) {
                return false;
            }
        }
        return !hands.showsBack(Slot.card(slot), Slot.faceUp(slot));
    }
}
