package craftypocket.core.invent;

import craftypocket.core.layout.Hands;
import java.util.HashSet;
import java.util.Set;

/**
 * At how many places the cards of some roles lie, in several states: as counted from the top, and as counted from the bottom, for what is
 * put on a pile or under it alone moves none of its cards.
 */
final class Spots {

    /** More than the spots of all places together. */
    private static final int MOST_SPOTS = 4096;

    private final int[] roles;
    private final Set<Long> fromTop = new HashSet<>();
    private final Set<Long> fromBottom = new HashSet<>();

    Spots(int... roles) {
        this.roles = roles;
    }

    void add(Hands hands) {
        int each = hands.spots() / hands.placeCount();
        long top = 0;
        long bottom = 0;
        for (int role : roles) {
            int spot = hands.spotOf(role);
            int place = Math.floorDiv(spot, each);
            int mirrored = spot < 0 ? spot : place * each + hands.size(place) + 1 - spot % each;
            top = top * MOST_SPOTS + spot + 1;
            bottom = bottom * MOST_SPOTS + mirrored + 1;
        }
        fromTop.add(top);
        fromBottom.add(bottom);
    }

    /** At how many, counted from the side from which they are fewer. */
    int count() {
        return Math.min(fromTop.size(), fromBottom.size());
    }

    /** Whether all cards lie at one place each, from the top. */
    boolean one() {
        return fromTop.size() == 1;
    }

    /** Where they lie, as counted from the top, as one number. */
    static long of(Hands hands, int... roles) {
        long top = 0;
        for (int role : roles) {
            top = top * MOST_SPOTS + hands.spotOf(role) + 1;
        }
        return top;
    }
}
