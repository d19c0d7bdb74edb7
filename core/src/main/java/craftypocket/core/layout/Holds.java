package craftypocket.core.layout;

/**
 * What the hands keep without showing, and how it lives on while cards move around it.
 *
 * <p>A hold belongs to a gap between two cards, or to a card. Its depth follows from the cards: what comes or goes wholly
 * above or below leaves it where it is; what is split away from it takes it along; what is lifted exactly at it uses it up.
 * A cut elsewhere, a shuffle through it, or its pile leaving the hand loses it.
 *
 * <p>It is a section of the bytes of {@link Hands}: how many holds there are; for each finger the place + 1, the depth and
 * when it was taken; for each place the depth + 1 of a step and whether the cards are bent; for each card whether it sticks
 * out.
 */
final class Holds {

    private static final int FINGERS = 3;
    private static final int FINGER_BYTES = 3;
    private static final byte IN = 1;
    private static final byte OUT = 2;
    /** Not squared yet: the card comes from the upper packet of a riffle. */
    private static final byte OF_UPPER = 3;

    private final Hands hands;
    private final Places places;
    private final byte[] state;
    private final int countAt;
    private final int fingerAt;
    private final int stepAt;
    private final int bendAt;
    private final int jogAt;

    Holds(Hands hands, Places places, byte[] state, int at) {
        this.hands = hands;
        this.places = places;
        this.state = state;
        countAt = at;
        fingerAt = countAt + 1;
        stepAt = fingerAt + FINGERS * FINGER_BYTES;
        bendAt = stepAt + places.count();
        jogAt = bendAt + places.count();
    }

    /** How many bytes it takes. */
    static int bytes(Places places, int cards) {
        return 1 + FINGERS * FINGER_BYTES + 2 * places.count() + cards;
    }

    /**
     * Writes what sticks out where the cards have these numbers.
     *
     * @param packets whether it matters which cards can be told to be of an upper packet
     */
    void rename(byte[] into, byte[] renamed, boolean packets) {
        if (none()) {
            return;
        }
        for (int card = 0; card < renamed.length; card++) {
            boolean kept = packets || !ofUpperPacket(card);
            into[jogAt + renamed[card]] = kept ? state[jogAt + card] : 0;
            into[countAt] -= (byte) (kept ? 0 : 1);
        }
    }

    // ---- looking ----------------------------------------------------------------------------------------------

    boolean none() {
        return state[countAt] == 0;
    }

    int depth(int place, Hold.Kind kind) {
        return switch (kind) {
            case BREAK, THUMB, FINGER -> {
                int at = finger(kind.ordinal());
                yield state[at] == place + 1 ? state[at + 1] : -1;
            }
            case IN_JOG -> jogged(place, IN);
            case OUT_JOG -> jogged(place, OUT);
            case STEP -> state[stepAt + place] - 1;
            case BEND -> bent(place) ? hands.size(place) : -1;
            case SEPARATION -> bent(place) ? separation(place) : -1;
        };
    }

    /** How many cards lie above the uppermost jogged card; -1 when there is none. */
    private int jogged(int place, byte jog) {
        for (int position = 1; position <= hands.size(place); position++) {
            if (state[jogAt + hands.card(place, position)] == jog) {
                return position - 1;
            }
        }
        return -1;
    }

    boolean sticksOut(int card) {
        return state[jogAt + card] == OUT || state[jogAt + card] == IN;
    }

    boolean outJogged(int card) {
        return state[jogAt + card] == OUT;
    }

    boolean inJogged(int card) {
        return state[jogAt + card] == IN;
    }

    /** Whether the packets of a riffle can still be told apart in some pile. */
    boolean unsquared() {
        for (int place = 0; place < places.count(); place++) {
            if (state[stepAt + place] == 1) {
                return true;
            }
        }
        return false;
    }

    /** Whether a card can be told to be of an upper packet. */
    boolean ofUpperPacket(int card) {
        return state[jogAt + card] == OF_UPPER;
    }

    boolean bent(int place) {
        return state[bendAt + place] != 0;
    }

    /**
     * The gap nearest the middle at which packets lie back to back or face to face; -1 when there is none. One turned card
     * alone does not open a deck.
     */
    private int separation(int place) {
        int size = hands.size(place);
        int nearest = -1;
        for (int depth = 2; depth < size - 1; depth++) {
            boolean above = hands.faceUp(place, depth);
            boolean below = hands.faceUp(place, depth + 1);
            boolean parts = above != below
                    && hands.faceUp(place, depth - 1) == above
                    && hands.faceUp(place, depth + 2) == below;
            if (parts && (nearest < 0 || Math.abs(2 * depth - size) < Math.abs(2 * nearest - size))) {
                nearest = depth;
            }
        }
        return nearest;
    }

    /** The finger that took a hold in this pile last; the little finger when none does. */
    Hold.Kind lastFinger(int place) {
        int last = 0;
        int latest = -1;
        for (int finger = 0; finger < FINGERS; finger++) {
            int at = finger(finger);
            if (state[at] == place + 1 && state[at + 2] > latest) {
                latest = state[at + 2];
                last = finger;
            }
        }
        return Hold.Kind.at(last);
    }

    // ---- taking and letting go --------------------------------------------------------------------------------

    void take(int place, Hold.Kind kind, int depth) {
        switch (kind) {
            case BREAK, THUMB, FINGER -> takeByFinger(place, kind.ordinal(), depth);
            case IN_JOG -> jog(hands.card(place, depth + 1), IN);
            case OUT_JOG -> jog(hands.card(place, depth + 1), OUT);
            case STEP -> put(stepAt + place, (byte) (depth + 1));
            case BEND -> state[bendAt + place] = 1;
            case SEPARATION -> throw new IllegalArgumentException("separation is not taken: a bent pile has it");
        }
    }

    private void takeByFinger(int place, int finger, int depth) {
        int at = finger(finger);
        if (state[at] != 0 && !(state[at] == place + 1 && state[at + 1] == depth)) {
            lost(Hold.Kind.at(finger), state[at] - 1, state[at + 1]);
        }
        byte latest = 0;
        for (int other = 0; other < FINGERS; other++) {
            boolean held = other != finger && state[finger(other)] != 0;
            latest = held ? (byte) Math.max(latest, state[finger(other) + 2] + 1) : latest;
        }
        put(at, (byte) (place + 1));
        state[at + 1] = (byte) depth;
        // Counted from the holds there are, the number stays small.
        state[at + 2] = (byte) Math.min(latest, Byte.MAX_VALUE);
    }

    private void jog(int card, byte jog) {
        put(jogAt + card, jog);
    }

    void ofUpper(int card) {
        jog(card, OF_UPPER);
    }

    /** Sets a byte of a hold, and keeps the number of holds. */
    private void put(int at, byte value) {
        state[countAt] += (byte) ((value == 0 ? 0 : 1) - (state[at] == 0 ? 0 : 1));
        state[at] = value;
    }

    /** A finger holds nothing any more, as if it never had. */
    private void release(int at) {
        put(at, (byte) 0);
        for (int finger = 0; finger < FINGERS; finger++) {
            int other = finger(finger);
            state[other + 2] -= (byte) (state[other] != 0 && state[other + 2] > state[at + 2] ? 1 : 0);
        }
        state[at + 1] = 0;
        state[at + 2] = 0;
    }

    /** Lets a hold go that was used; gives its depth, or -1 when it was not held. */
    int use(int place, Hold.Kind kind) {
        int depth = depth(place, kind);
        if (depth >= 0) {
            switch (kind) {
                case BREAK, THUMB, FINGER -> release(finger(kind.ordinal()));
                case IN_JOG, OUT_JOG -> jog(hands.card(place, depth + 1), (byte) 0);
                case STEP -> square(place);
                case BEND, SEPARATION -> {
                    // It is in the cards: nothing lets it go.
                }
            }
        }
        return depth;
    }

    /** The cards of a pile are bent back. */
    void straighten(int place) {
        state[bendAt + place] = 0;
    }

    /** The packets of a riffle can be told apart no longer. */
    private void square(int place) {
        put(stepAt + place, (byte) 0);
        for (int position = 1; position <= hands.size(place); position++) {
            int card = hands.card(place, position);
            if (ofUpperPacket(card)) {
                jog(card, (byte) 0);
            }
        }
    }

    private int finger(int finger) {
        return fingerAt + FINGER_BYTES * finger;
    }

    private void lost(Hold.Kind kind, int place, int depth) {
        hands.showing().lost(kind, place, depth);
    }

    private void loseFinger(int finger) {
        int at = finger(finger);
        lost(Hold.Kind.at(finger), state[at] - 1, state[at + 1]);
        release(at);
    }

    private void loseStep(int place) {
        lost(Hold.Kind.STEP, place, state[stepAt + place] - 1);
        square(place);
    }

    /** A card is pushed square, or goes somewhere by itself. */
    private void squareCard(int place, int position, boolean counts) {
        int card = hands.card(place, position);
        if (state[jogAt + card] == IN || state[jogAt + card] == OUT) {
            if (counts) {
                lost(outJogged(card) ? Hold.Kind.OUT_JOG : Hold.Kind.IN_JOG, place, position - 1);
            }
            jog(card, (byte) 0);
        }
    }

    // ---- what moving cards does to them -----------------------------------------------------------------------
    // Each is called before the cards move, while positions still are what they were.

    /** The block of {@code count} cards below {@code depth} goes to another pile, or to another depth of its own. */
    void moves(int from, int depth, int count, int to, int into) {
        if (state[bendAt + from] != 0 && to != from && count > 1) {
            state[bendAt + to] = 1;
            state[bendAt + from] = (byte) (count == hands.size(from) ? 0 : 1);
        }
        if (none() || count == 0) {
            return;
        }
        boolean leaves = to != from && !inHand(to);
        if (count == 1 || leaves) {
            for (int position = depth + 1; position <= depth + count; position++) {
                squareCard(from, position, count > 1);
            }
        }
        int toStep = state[stepAt + to] - 1;
        for (int finger = 0; finger < FINGERS; finger++) {
            int at = finger(finger);
            int place = state[at] - 1;
            if (place == from && to == from) {
                keep(at, from, within(state[at + 1], depth, count, into), hands.size(from), count == 1);
            } else if (place == from) {
                int gap = state[at + 1];
                if (gap > depth && gap < depth + count) {
                    if (leaves) {
                        loseFinger(finger);
                    } else {
                        put(at, (byte) (to + 1));
                        state[at + 1] = (byte) (into + gap - depth);
                    }
                } else {
                    int left = gap <= depth ? gap : gap - count;
                    // When a single card is taken, the finger stays where it is, even if that was the last one there.
                    keep(at, from, left, count == 1 ? Integer.MAX_VALUE : hands.size(from) - count, count == 1);
                }
            } else if (place == to) {
                state[at + 1] += (byte) (into < state[at + 1] ? count : 0);
            }
        }
        int fromStep = state[stepAt + from] - 1;
        if (fromStep > 0) {
            if (to == from) {
                put(stepAt + from, (byte) (within(fromStep, depth, count, into) + 1));
            } else if (fromStep > depth && fromStep < depth + count) {
                put(stepAt + to, (byte) (into + fromStep - depth + 1));
                put(stepAt + from, (byte) 0);
            } else {
                int moved = fromStep <= depth ? fromStep : fromStep - count;
                put(stepAt + from, (byte) (moved > 0 ? moved + 1 : 0));
            }
        } else if (fromStep == 0) {
            loseStep(from);
        }
        if (to != from && toStep > 0 && into < toStep) {
            put(stepAt + to, (byte) (toStep + count + 1));
        } else if (to != from && toStep == 0) {
            loseStep(to);
        }
    }

    /** A gap of which nothing is left on one side is a hold no more: it was used up. */
    private void keep(int at, int place, int depth, int size, boolean bare) {
        if (depth < 0 || (depth == 0 && !bare) || depth >= size) {
            release(at);
        } else {
            put(at, (byte) (place + 1));
            state[at + 1] = (byte) depth;
        }
    }

    /** Where a gap comes to be when a block of its own pile is taken out and put in elsewhere. */
    private static int within(int gap, int depth, int count, int into) {
        if (gap > depth && gap < depth + count) {
            return into + gap - depth;
        }
        boolean wasAbove = depth + count <= gap;
        int without = wasAbove ? gap - count : gap;
        boolean isAbove = into < without || (into == without && wasAbove);
        return isAbove ? without + count : without;
    }

    /** The pile is cut. */
    void cut(int place, int depth) {
        if (none()) {
            return;
        }
        for (int finger = 0; finger < FINGERS; finger++) {
            int at = finger(finger);
            if (state[at] == place + 1 && state[at + 1] == depth) {
                release(at);
            }
        }
        if (state[stepAt + place] - 1 == depth && depth > 0) {
            put(stepAt + place, (byte) 0);
        }
        mixed(place, 0, hands.size(place));
    }

    /** The block between two positions is turned over as one: what is held within it is held on, and a card that sticks out does. */
    void turned(int place, int first, int last) {
        if (none()) {
            return;
        }
        for (int finger = 0; finger < FINGERS; finger++) {
            int at = finger(finger);
            if (state[at] != place + 1) {
                continue;
            }
            if (first == 1 && last > 1 && state[at + 1] == last) {
                release(at);
            } else if (state[at + 1] >= first && state[at + 1] < last) {
                state[at + 1] = (byte) (first - 1 + last - state[at + 1]);
            }
        }
        int step = state[stepAt + place] - 1;
        if (step == 0) {
            loseStep(place);
        } else if (step >= first && step < last) {
            put(stepAt + place, (byte) (first + last - step));
        }
    }

    /** The cards of a block do not stay beside one another: what is held within it is lost. */
    void mixed(int place, int depth, int count) {
        if (none()) {
            return;
        }
        for (int finger = 0; finger < FINGERS; finger++) {
            int at = finger(finger);
            if (state[at] == place + 1 && state[at + 1] > depth && state[at + 1] < depth + count) {
                loseFinger(finger);
            }
        }
        int step = state[stepAt + place] - 1;
        if (step >= 0 && (step == 0 || (step > depth && step < depth + count))) {
            loseStep(place);
        }
        for (int position = depth + 1; position <= depth + count; position++) {
            squareCard(place, position, true);
        }
    }

    /** Everything that hands and gravity hold in a pile is let go. */
    void letGo(int place) {
        for (int finger = 0; finger < FINGERS; finger++) {
            use(place, Hold.Kind.at(finger));
        }
        use(place, Hold.Kind.STEP);
        for (int position = 1; position <= hands.size(place); position++) {
            squareCard(place, position, false);
        }
    }

    private boolean inHand(int place) {
        Place.Kind kind = places.at(place).kind();
        return kind == Place.Kind.DECK || kind == Place.Kind.OTHER_HAND;
    }
}
