package craftypocket.core.layout;

/**
 * Which cards the roles are, who knows their names, and how well the performer knows their places.
 *
 * <p>It is a section of the bytes of {@link Hands}: for each role its card + 1, 0 when not yet chosen; who knows its name,
 * a bit a person; how well its place is known; and from which position it was taken last, 0 when never.
 */
final class Knowledge {

    private final Hands hands;
    private final byte[] state;
    private final int roles;
    private final int cardAt;
    private final int nameAt;
    private final int placeAt;
    private final int fromAt;

    Knowledge(Hands hands, int roles, byte[] state, int at) {
        this.hands = hands;
        this.roles = roles;
        this.state = state;
        cardAt = at;
        nameAt = cardAt + roles;
        placeAt = nameAt + roles;
        fromAt = placeAt + roles;
    }

    /** How many bytes it takes. */
    static int bytes(int roles) {
        return 4 * roles;
    }

    int cardOf(int role) {
        return state[cardAt + role] - 1;
    }

    boolean knowsName(int knower, int role) {
        return (state[nameAt + role] & (1 << knower)) != 0;
    }

    PlaceKnowledge placeKnown(int role) {
        return PlaceKnowledge.at(state[placeAt + role]);
    }

    int cameFrom(int role) {
        return state[fromAt + role];
    }

    void choose(int role, int card) {
        state[cardAt + role] = (byte) (card + 1);
        state[nameAt + role] = 0;
        state[placeAt + role] = 0;
    }

    void learnName(int knower, int role) {
        state[nameAt + role] |= (byte) (1 << knower);
    }

    void knowPlace(int role, PlaceKnowledge knowledge) {
        state[placeAt + role] = (byte) knowledge.ordinal();
    }

    /** A single card leaves its pile. */
    void taken(int card, int position) {
        for (int role = 0; role < roles; role++) {
            if (state[cardAt + role] == card + 1) {
                state[fromAt + role] = (byte) position;
            }
        }
    }

    void blur(int place) {
        for (int role = 0; role < roles; role++) {
            if (placeKnown(role) == PlaceKnowledge.EXACT && hands.isIn(place, role)) {
                knowPlace(role, PlaceKnowledge.IN_THE_CIRCLE);
            }
        }
    }

    void lose(int place) {
        for (int role = 0; role < roles; role++) {
            if (hands.isIn(place, role)) {
                knowPlace(role, PlaceKnowledge.LOST);
            }
        }
    }

    void sharpen(int place) {
        for (int role = 0; role < roles; role++) {
            if (placeKnown(role) == PlaceKnowledge.IN_THE_CIRCLE && hands.isIn(place, role)) {
                knowPlace(role, PlaceKnowledge.EXACT);
            }
        }
    }

    /**
     * What seeing a front teaches the performer. A card whose name is known has its place found again, and with it the
     * place of all that is known in the circle with it; a card whose place is known gets its name learnt.
     */
    void recognise(int place, int position) {
        int card = hands.card(place, position);
        for (int role = 0; role < roles; role++) {
            if (cardOf(role) == card
                    && (knowsName(Knower.PERFORMER, role) || placeKnown(role) != PlaceKnowledge.LOST)) {
                learnName(Knower.PERFORMER, role);
                knowPlace(role, PlaceKnowledge.EXACT);
                sharpen(place);
            }
        }
    }
}
