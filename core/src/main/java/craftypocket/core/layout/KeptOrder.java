package craftypocket.core.layout;

/**
 * How the cards of one order lie: as they lie, or, where these cannot be told from others any more, by how many of them come
 * between two cards. Cuts do not change that; whatever else moves cards of the pile loses it.
 *
 * <p>It is a section of the bytes of {@link Hands}: how many + 1, 0 while the cards lie as they lie; and in which pile.
 */
final class KeptOrder {

    static final int BYTES = 2;

    private static final byte LOST = -1;

    private final Hands hands;
    private final byte[] state;
    private final int at;
    private Order followed;
    private Order missed;

    KeptOrder(Hands hands, byte[] state, int at) {
        this.hands = hands;
        this.state = state;
        this.at = at;
    }

    /** Of which cards it is kept; null for none. */
    void follow(Order order) {
        followed = order;
    }

    /** What was asked for that is not kept, or was lost: those answers mean nothing. Null for nothing. */
    Order missed() {
        return missed;
    }

    void forgetMissed() {
        missed = null;
    }

    /** Whether its cards lie as they lie. */
    boolean asItLies() {
        return state[at] == 0;
    }

    /** Something other than a cut happens to a pile. */
    void disturbed(int place) {
        if (!asItLies() && state[at + 1] == place) {
            state[at] = LOST;
        }
    }

    /** A role gets its card. */
    void chosen(int role) {
        if (!asItLies() && followed != null && (role == followed.key() || role == followed.wanted())) {
            state[at] = LOST;
        }
    }

    /** From now on it is known that so many lie between, in this pile; less than 0 where it is not. */
    void become(int place, int between) {
        state[at] = between < 0 ? LOST : (byte) (between + 1);
        state[at + 1] = (byte) place;
    }

    /** From now on only what is followed is kept. */
    void summarize() {
        if (asItLies()) {
            boolean known = followed != null && hands.remembers(followed.key()) && hands.remembers(followed.wanted());
            int key = known ? hands.cardOf(followed.key()) : -1;
            int wanted = known ? hands.cardOf(followed.wanted()) : -1;
            int place = key < 0 || wanted < 0 ? -1 : hands.whereIs(key);
            boolean together =
                    place >= 0 && hands.whereIs(wanted) == place && next(followed.key(), followed.slug(), -1) >= 0;
            become(Math.max(0, place), together ? between(followed) : -1);
        }
    }

    /** All its cards are asked for, which cannot be told from others any more. */
    void lose(int slug) {
        missed = Order.whole(slug);
    }

    /** How many come between, up to as many as matter; as many also where theirs is not one of them. */
    int between(Order asked) {
        if (asItLies()) {
            return counted(asked);
        }
        if (state[at] == LOST || followed == null || !followed.sameCards(asked) || asked.most() > followed.most()) {
            missed = asked;
            return asked.most();
        }
        return Math.min(asked.most(), state[at] - 1);
    }

    private int counted(Order asked) {
        int key = hands.cardOf(asked.key());
        int wanted = hands.cardOf(asked.wanted());
        int[] slug = hands.slug(asked.slug());
        int place = key < 0 || wanted < 0 || !isOf(slug, wanted) ? -1 : hands.whereIs(key);
        int size = place < 0 ? 0 : hands.size(place);
        int at = place < 0 ? 0 : hands.positionIn(place, key);
        int met = 0;
        for (int below = 1; below < size && met < asked.most(); below++) {
            int card = hands.card(place, 1 + (at - 1 + below) % size);
            if (card == wanted) {
                return met;
            }
            met += isOf(slug, card) ? 1 : 0;
        }
        return asked.most();
    }

    /** The card of an order that comes first below the key, -1 for none; where it cannot be told which one, some other card than theirs. */
    int next(int key, int slug, int wanted) {
        if (!asItLies()) {
            return between(new Order(key, slug, wanted, 1)) == 0 ? hands.cardOf(wanted) : RoleCards.WRONG - 1;
        }
        int place = hands.whereIs(hands.cardOf(key));
        int at = hands.positionIn(place, hands.cardOf(key));
        for (int below = 1; below < hands.size(place); below++) {
            int card = hands.card(place, 1 + (at - 1 + below) % hands.size(place));
            if (isOf(hands.slug(slug), card)) {
                return card;
            }
        }
        return -1;
    }

    private static boolean isOf(int[] slug, int card) {
        for (int each : slug) {
            if (each == card) {
                return true;
            }
        }
        return false;
    }
}
