package craftypocket.core.claims.kinds;

import craftypocket.core.claims.Around;
import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimKind;
import craftypocket.core.layout.Hands;
import craftypocket.core.settings.Values;

/** What people believe is so: everything that the routine states, and the number of cards of every pile in the open. */
public final class BeliefsTrue extends ClaimKind {

    public BeliefsTrue() {
        super(
                "beliefs-true",
                "Belief and truth agree",
                "All that people believe is so, and everything can be examined");
    }

    @Override
    public Check check(Values values, Around around) {
        Check[] believed = around.believed().toArray(Check[]::new);
        return hands -> sizesAgree(hands) && all(believed, hands);
    }

    @Override
    public boolean bySight() {
        return true;
    }

    private static boolean sizesAgree(Hands hands) {
        for (int place = 0; place < hands.placeCount(); place++) {
            if (hands.believed(place) != hands.size(place) && hands.showing().inTheOpen(place)) {
                return false;
            }
        }
        return true;
    }

    private static boolean all(Check[] checks, Hands hands) {
        for (Check check : checks) {
            if (!check.holds(hands)) {
                return false;
            }
        }
        return true;
    }
}
