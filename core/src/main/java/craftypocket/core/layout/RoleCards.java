package craftypocket.core.layout;

/**
 * Which cards the roles are, who saw them as theirs, and which card the performer takes for each.
 *
 * <p>It is a section of the bytes of {@link Hands}: for each role its card + 1, 0 when not yet chosen; who knows its name, a bit
 * a person; from which position it was taken last, 0 when never; the card + 1 that the performer takes for it. The performer’s
 * own bit says which names he knows in any case: the set-up states them, he saw the face as it became the role’s, or a survey
 * found them to be known before the step (see {@link Knowing}).
 */
final class RoleCards {

    private static final int ROLE_BYTES = 4;
    private static final int YOU = 1 << Knower.PERFORMER;
    /** Whose card a role is matters no more. */
    private static final byte FORGOTTEN = -1;
    /** Some card that is not the role’s: which one matters to nobody. */
    static final byte WRONG = Byte.MAX_VALUE;

    private final byte[] state;
    private final int roles;
    private final int cardAt;
    private final int nameAt;
    private final int fromAt;
    private final int takenForAt;
    /** The roles of which something was read after they were forgotten, a bit each. */
    private int missed;

    RoleCards(int roles, byte[] state, int at) {
        this.state = state;
        this.roles = roles;
        cardAt = at;
        nameAt = cardAt + roles;
        fromAt = nameAt + roles;
        takenForAt = fromAt + roles;
    }

    /** How many bytes it takes. */
    static int bytes(int roles) {
        return ROLE_BYTES * roles;
    }

    /** Writes it where the cards have these numbers. */
    void rename(byte[] into, byte[] renamed, boolean origins) {
        for (int role = 0; role < roles; role++) {
            into[cardAt + role] = forgotten(role) ? FORGOTTEN : renamed(state[cardAt + role] - 1, renamed);
            into[takenForAt + role] = taken(role) == 0 ? 0 : rightlyTaken(role) ? into[cardAt + role] : WRONG;
            into[fromAt + role] = origins ? state[fromAt + role] : 0;
        }
    }

    private byte taken(int role) {
        return state[takenForAt + role];
    }

    private boolean rightlyTaken(int role) {
        return taken(role) == state[cardAt + role];
    }

    private static byte renamed(int card, byte[] renamed) {
        return (byte) (card < 0 ? 0 : renamed[card] + 1);
    }

    /** Cards of roles are not like others. */
    void distinct(boolean[] cards) {
        for (int role = 0; role < roles; role++) {
            if (state[cardAt + role] > 0) {
                cards[state[cardAt + role] - 1] = true;
            }
        }
    }

    /** The roles whose card it is, a bit each. */
    int rolesOf(int card) {
        int mine = 0;
        for (int role = 0; role < roles; role++) {
            mine |= state[cardAt + role] == card + 1 ? 1 << role : 0;
        }
        return mine;
    }

    int cardOf(int role) {
        read(role);
        return Math.max(-1, state[cardAt + role] - 1);
    }

    private void read(int role) {
        missed |= forgotten(role) ? 1 << role : 0;
    }

    private boolean forgotten(int role) {
        return state[cardAt + role] == FORGOTTEN;
    }

    /** Whose cards these roles are, a bit each, matters no more; who is not chosen yet stays so. */
    void forget(int some) {
        for (int role = 0; role < roles; role++) {
            if ((some >>> role & 1) != 0 && state[cardAt + role] != 0) {
                state[cardAt + role] = FORGOTTEN;
                state[nameAt + role] = 0;
                state[fromAt + role] = 0;
                state[takenForAt + role] = 0;
            }
        }
    }

    boolean remembers(int role) {
        return !forgotten(role);
    }

    /** The roles that were forgotten and asked for all the same, a bit each. */
    int missed() {
        return missed;
    }

    void forgetMissed() {
        missed = 0;
    }

    boolean knowsName(int knower, int role) {
        read(role);
        return (state[nameAt + role] & (1 << knower)) != 0;
    }

    /** The roles whose names the performer knows, a bit each. */
    int named() {
        int named = 0;
        for (int role = 0; role < roles; role++) {
            named |= (state[nameAt + role] & YOU) != 0 ? 1 << role : 0;
        }
        return named;
    }

    /** The performer knows the names of these roles, a bit each, and of no others. */
    void name(int named) {
        for (int role = 0; role < roles; role++) {
            state[nameAt + role] = (byte) (state[nameAt + role] & ~YOU | ((named >>> role & 1) != 0 ? YOU : 0));
        }
    }

    int cameFrom(int role) {
        read(role);
        return state[fromAt + role];
    }

    void choose(int role, int card) {
        state[cardAt + role] = (byte) (card + 1);
        state[nameAt + role] = 0;
        state[takenForAt + role] = 0;
    }

    /** The card that the performer takes for the role’s, right or wrong; -1 for none. Compare it with that card and no other. */
    int takenFor(int role) {
        read(role);
        return state[takenForAt + role] - 1;
    }

    void takeFor(int role, int card) {
        state[takenForAt + role] = (byte) (card + 1);
    }

    void learnName(int knower, int role) {
        state[nameAt + role] |= (byte) (1 << knower);
    }

    /** A single card leaves its pile. */
    void taken(int card, int position) {
        for (int role = 0; role < roles; role++) {
            if (state[cardAt + role] == card + 1) {
                state[fromAt + role] = (byte) position;
            }
        }
    }
}
