package craftypocket.core.layout;

/**
 * Which cards the roles are, who knows their names, and how well the performer knows their places.
 *
 * <p>What is known of a place never says more than is so in every world that looks alike to the performer: everything he
 * did, saw and felt being the same. So each reordering says here, before it is done, what becomes of it, and whether the
 * performer knows its numbers. Known are, for each role, whether its place can be counted from the top of its pile, or from the
 * bottom; from which finger's gap it can be counted, and how far; the circle of cards among which its place is known
 * after a cut of an unknown depth; and, failing all that, in which pile it lies. What cannot be shown to be so is lost.
 *
 * <p>It is a section of the bytes of {@link Hands}: for each role its card + 1, 0 when not yet chosen; who knows its name,
 * a bit a person; from which position it was taken last, 0 when never; its anchors; its finger + 1, and the positions from
 * that gap; its circle; the card + 1 that he takes for it. For each finger the anchors of its gap. For each place whether its size is unknown. The number of
 * the last circle, and whether any size is unknown.
 */
final class Knowledge {

    private static final byte TOP = 1;
    private static final byte BOTTOM = 2;
    private static final byte BOTH = TOP | BOTTOM;
    private static final byte PILE = 4;
    private static final int ROLE_BYTES = 8;
    private static final int FINGERS = 3;
    /** Stands for the card that lies first of the upper packet in a riffle that is not squared yet. */
    private static final byte FIRST_OF_UPPER = FINGERS + 1;

    private static final int MOST_CIRCLES = 120;

    private final Hands hands;
    private final byte[] state;
    private final int roles;
    private final int places;
    private final int cardAt;
    private final int nameAt;
    private final int fromAt;
    private final int anchorAt;
    private final int fingerAt;
    private final int offsetAt;
    private final int circleAt;
    private final int takenForAt;
    private final int gapAt;
    private final int sizeAt;
    private final int lastCircleAt;

    /** By role, the circle in which it lay before it was dealt; 0 for none. */
    private final byte[] dealtFrom;
    /** Whether a finger takes its gap again, a known number of cards away. */
    private boolean sameGap;

    /** Whether the numbers of what is being done are known to the performer. Not part of the state: it lasts one step. */
    private boolean sure = true;
    /** The gap at which something is done, where it lay, and how many cards were above it; -1 for none. */
    private int usedFinger = -1;

    /** How deep in moves that are made of moves; only the outermost one ends a step. */
    private int nested;

    /** Whether the next cards go in at a depth that the performer does not know. */
    private boolean somewhere;
    /** The least and the most cards that then lie above them. */
    private int leastInto;

    private int mostInto;
    /** The finger at whose gap something is looked up in this step; -1 for none. */
    private int looked = -1;
    /** The fingers that took their gap in this step, a bit each. */
    private int taken;

    /** Whether all numbers of the outermost one are known. */
    private boolean outer = true;

    private int usedPlace = -1;
    private int usedDepth = -1;

    /** Whether places are followed: a survey in which nobody asks for them leaves it. Not part of the state. */
    private boolean followed = true;

    private boolean missed;

    Knowledge(Hands hands, int roles, int places, byte[] state, int at) {
        this.hands = hands;
        this.state = state;
        this.roles = roles;
        this.places = places;
        cardAt = at;
        nameAt = cardAt + roles;
        fromAt = nameAt + roles;
        anchorAt = fromAt + roles;
        fingerAt = anchorAt + roles;
        offsetAt = fingerAt + roles;
        circleAt = offsetAt + roles;
        takenForAt = circleAt + roles;
        gapAt = takenForAt + roles;
        sizeAt = gapAt + FINGERS;
        lastCircleAt = sizeAt + places;
        dealtFrom = new byte[roles];
    }

    /** How many bytes it takes. */
    static int bytes(int roles, int places) {
        return ROLE_BYTES * roles + FINGERS + places + 2;
    }

    /** Writes what is known where the cards have these numbers, the circles counted in the order of the roles. */
    void rename(byte[] into, byte[] renamed, boolean origins) {
        byte circles = 0;
        for (int role = 0; role < roles; role++) {
            into[cardAt + role] = renamed(cardOf(role), renamed);
            into[takenForAt + role] = renamed(state[takenForAt + role] - 1, renamed);
            into[fromAt + role] = origins ? state[fromAt + role] : 0;
            if (state[fingerAt + role] == 0) {
                into[offsetAt + role] = 0;
            }
            byte circle = state[circleAt + role];
            into[circleAt + role] = 0;
            for (int before = 0; before < role && circle != 0; before++) {
                if (state[circleAt + before] == circle) {
                    into[circleAt + role] = into[circleAt + before];
                }
            }
            if (circle != 0 && into[circleAt + role] == 0) {
                circles++;
                into[circleAt + role] = circles;
            }
        }
        into[lastCircleAt] = circles;
    }

    private static byte renamed(int card, byte[] renamed) {
        return (byte) (card < 0 ? 0 : renamed[card] + 1);
    }

    /** By role its anchors, its finger and positions from it, and its circle; by finger and place the rest. */
    byte[] places() {
        byte[] known = new byte[takenForAt - anchorAt + lastCircleAt + 2 - gapAt];
        System.arraycopy(state, anchorAt, known, 0, takenForAt - anchorAt);
        System.arraycopy(state, gapAt, known, takenForAt - anchorAt, lastCircleAt + 2 - gapAt);
        return known;
    }

    /** Cards of roles, and those that are taken for them, are not like others. */
    void distinct(boolean[] cards) {
        for (int role = 0; role < roles; role++) {
            if (state[cardAt + role] > 0) {
                cards[state[cardAt + role] - 1] = true;
            }
            if (state[takenForAt + role] > 0) {
                cards[state[takenForAt + role] - 1] = true;
            }
        }
    }

    /** The roles whose card it is, a bit each, and those for whose it is taken. */
    int rolesOf(int card) {
        int mine = 0;
        for (int role = 0; role < roles; role++) {
            mine |= state[cardAt + role] == card + 1 ? 1 << role : 0;
            mine |= state[takenForAt + role] == card + 1 ? 1 << (role + Short.SIZE) : 0;
        }
        return mine;
    }

    // ---- cards and names --------------------------------------------------------------------------------------

    int cardOf(int role) {
        return state[cardAt + role] - 1;
    }

    boolean knowsName(int knower, int role) {
        missed |= !followed && knower == Knower.PERFORMER;
        return (state[nameAt + role] & (1 << knower)) != 0;
    }

    int cameFrom(int role) {
        return state[fromAt + role];
    }

    void choose(int role, int card) {
        state[cardAt + role] = (byte) (card + 1);
        state[nameAt + role] = 0;
        state[takenForAt + role] = 0;
        forget(role);
    }

    /** The card that the performer takes for the role's, right or wrong; -1 for none. */
    int takenFor(int role) {
        missed |= !followed;
        return state[takenForAt + role] - 1;
    }

    void takeFor(int role, int card) {
        state[takenForAt + role] = (byte) (card + 1);
    }

    void learnName(int knower, int role) {
        if (knower == Knower.PERFORMER) {
            takeFor(role, cardOf(role));
        }
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

    // ---- one step ---------------------------------------------------------------------------------------------

    /** A step begins; the performer knows all its numbers or not. */
    void begin(boolean known) {
        if (!followed) {
            return;
        }
        if (nested++ == 0) {
            outer = known;
        }
        sure = outer && known;
        somewhere = false;
        sameGap = false;
        looked = -1;
        taken = nested == 1 ? 0 : taken;
        usedFinger = -1;
    }

    /** The place of a card is looked up: its number is unknown, unless its place is known and can be counted. */
    void looksFor(int place, int card) {
        if (!followed) {
            return;
        }
        if (sure && nested > 0) {
            boolean counted = sized(place);
            boolean known = false;
            for (int role = 0; role < roles && counted; role++) {
                boolean it = cardOf(role) == card;
                known |= it;
                // Two roles may turn out to be one card, which the performer does not know.
                counted = !it || (state[anchorAt + role] & BOTH) != 0;
            }
            sure = counted && known;
        }
    }

    /** The depth of a hold is looked up: its number is unknown, unless it is known and can be counted. */
    void looksAt(int place, Hold.Kind kind) {
        if (!followed) {
            return;
        }
        if (nested == 0) {
            return;
        }
        boolean held = hands.heldDepth(place, kind) >= 0;
        looked = held && kind.byFinger() ? kind.ordinal() : looked;
        sure &= !held || holdCounted(place, kind);
    }

    /** Whether the performer knows how many cards lie above a hold. */
    boolean holdCounted(int place, Hold.Kind kind) {
        return followed
                && kind.byFinger()
                && hands.heldDepth(place, kind) >= 0
                && (state[gapAt + kind.ordinal()] & BOTH) != 0
                && sized(place);
    }

    /** The next cards go in at a depth that the performer does not know, even where it is the top or the bottom. */
    void somewhere(int least, int most) {
        somewhere = true;
        leastInto = least;
        mostInto = most;
    }

    /** From here on a number is used that the performer does not know. */
    void guess() {
        sure = false;
    }

    void counts(boolean known) {
        sure = known && (outer || nested == 1);
    }

    /** A step is done: what was known from a gap that is held no longer is known by it no more. */
    void end() {
        if (!followed) {
            return;
        }
        if (--nested > 0) {
            return;
        }
        for (int role = 0; role < roles; role++) {
            int finger = state[fingerAt + role] - 1;
            if (finger == FINGERS) {
                int place = hands.whereIs(cardOf(role));
                boolean open = place >= 0 && hands.heldDepth(place, Hold.Kind.STEP) >= 0;
                state[fingerAt + role] = open ? FIRST_OF_UPPER : 0;
            } else if (finger >= 0 && !stillAt(role, finger)) {
                state[fingerAt + role] = 0;
            }
        }
        for (int finger = 0; finger < FINGERS; finger++) {
            if (hands.placeOfFinger(finger) < 0) {
                state[gapAt + finger] = 0;
            }
        }
        sure = true;
        usedFinger = -1;
    }

    /** The finger takes its gap again, a known number of cards away from where it was. */
    void sameGap() {
        sameGap = true;
    }

    /** A riffle begins that is not squared yet: the top card becomes the first of the upper packet. */
    void interlaced(int place) {
        if (!followed) {
            return;
        }
        for (int role = 0; role < roles; role++) {
            boolean top = knownOnTop(role) && in(place, role) == 1;
            if (in(place, role) > 0) {
                somewhereIn(role);
                state[fingerAt + role] = top ? FIRST_OF_UPPER : 0;
            }
        }
    }

    boolean firstOfUpper(int role) {
        return state[fingerAt + role] == FIRST_OF_UPPER;
    }

    private boolean stillAt(int role, int finger) {
        if (finger >= FINGERS) {
            return false;
        }
        int place = hands.placeOfFinger(finger);
        int position = place < 0 ? 0 : hands.find(place, cardOf(role));
        return position > 0 && position - hands.depthOfFinger(finger) == state[offsetAt + role];
    }

    /** A gap is used: what is done at this depth, in this step, is done there. */
    void used(int finger, int place, int depth) {
        usedFinger = finger;
        usedPlace = place;
        usedDepth = depth;
    }

    /** From here on nothing is followed but which cards the roles are and what people know; what is asked then is told. */
    void leaveUnfollowed() {
        followed = false;
    }

    /** From here on everything is followed again. */
    void follow() {
        followed = true;
        missed = false;
    }

    /** Whether something that is not followed was asked for. */
    boolean missed() {
        return missed;
    }

    /** A finger takes a gap. */
    void held(int finger, int place, int depth, boolean fromBottom) {
        if (!followed) {
            return;
        }
        taken |= 1 << finger;
        boolean both = sure && sized(place);
        state[gapAt + finger] = both ? BOTH : sure ? (fromBottom ? BOTTOM : TOP) : 0;
        for (int role = 0; role < roles; role++) {
            if (nothing(role)) {
                continue;
            }
            int position = in(place, role);
            boolean follows = sameGap && position > 0 && state[fingerAt + role] == finger + 1;
            if (follows) {
                state[offsetAt + role] = (byte) (position - depth);
            } else if (state[fingerAt + role] == finger + 1) {
                state[fingerAt + role] = 0;
            }
            if (position > 0 && (state[anchorAt + role] & state[gapAt + finger] & BOTH) != 0) {
                fromGap(role, finger, position - depth);
            }
        }
    }

    void fromHold(int role, int finger) {
        if (!followed) {
            return;
        }
        somewhereIn(role);
        fromGap(role, finger, in(hands.whereIs(cardOf(role)), role) - hands.depthOfFinger(finger));
    }

    private void fromGap(int role, int finger, int offset) {
        state[fingerAt + role] = (byte) (finger + 1);
        state[offsetAt + role] = (byte) offset;
    }

    // ---- what is known ----------------------------------------------------------------------------------------

    PlaceKnowledge placeKnown(int role) {
        missed |= !followed;
        int anchors = state[anchorAt + role];
        if ((anchors & BOTH) != 0 || (state[fingerAt + role] != 0 && stillAt(role, state[fingerAt + role] - 1))) {
            return PlaceKnowledge.EXACT;
        }
        return state[circleAt + role] != 0
                ? PlaceKnowledge.IN_THE_CIRCLE
                : anchors != 0 ? PlaceKnowledge.IN_PILE : PlaceKnowledge.LOST;
    }

    boolean counted(int place, int role) {
        return sure && sized(place) && in(place, role) > 0 && (state[anchorAt + role] & BOTH) != 0;
    }

    /** The place of a card as it is counted from the top, or 0 when the performer does not know it. */
    int knownPosition(int role) {
        int place = cardOf(role) < 0 ? -1 : hands.whereIs(cardOf(role));
        boolean known = place >= 0 && (state[anchorAt + role] & TOP) != 0;
        return known ? in(place, role) : 0;
    }

    boolean knownOnBottom(int role) {
        int place = cardOf(role) < 0 ? -1 : hands.whereIs(cardOf(role));
        return place >= 0 && in(place, role) == hands.size(place) && (state[anchorAt + role] & BOTTOM) != 0;
    }

    boolean knownOnTop(int role) {
        int place = cardOf(role) < 0 ? -1 : hands.whereIs(cardOf(role));
        return place >= 0 && in(place, role) == 1 && (state[anchorAt + role] & TOP) != 0;
    }

    /** The set-up says where a card lies. */
    void settled(int role) {
        state[anchorAt + role] = BOTH;
    }

    void forget(int role) {
        state[anchorAt + role] = 0;
        state[fingerAt + role] = 0;
        state[circleAt + role] = 0;
    }

    /**
     * The performer knows that this is where the card lies: alone, beside a gap that he holds, or at a place that he could
     * count; otherwise he knows only in which pile.
     */
    void here(int role) {
        if (!followed) {
            return;
        }
        at(role, 0);
    }

    /** The performer knows that it is the top card. */
    void onTop(int role) {
        if (!followed) {
            return;
        }
        found(role, TOP);
    }

    /** The performer knows that it is the bottom card. */
    void onBottom(int role) {
        if (!followed) {
            return;
        }
        found(role, BOTTOM);
    }

    /** A card is found again, and with it what is known in the circle with it. */
    private void found(int role, int end) {
        byte circle = state[circleAt + role];
        at(role, end);
        state[circleAt + role] = circle;
        if (cardOf(role) >= 0 && hands.whereIs(cardOf(role)) >= 0) {
            sharpen(hands.whereIs(cardOf(role)), role);
        }
        if ((state[anchorAt + role] & BOTH) != 0) {
            state[circleAt + role] = 0;
        }
    }

    private void at(int role, int end) {
        int place = cardOf(role) < 0 ? -1 : hands.whereIs(cardOf(role));
        if (place < 0) {
            return;
        }
        forget(role);
        int position = hands.find(place, cardOf(role));
        int size = hands.size(place);
        boolean counted = sized(place) && (sure || size == 1);
        boolean both = counted || (end != 0 && sized(place));
        state[anchorAt + role] = (byte) (both ? BOTH : end == 0 ? PILE : end);
        for (int finger = 0; finger < FINGERS; finger++) {
            if (hands.placeOfFinger(finger) == place) {
                int offset = position - hands.depthOfFinger(finger);
                boolean beside = (taken & 1 << finger) != 0 && (offset == 0 || offset == 1);
                if (beside || (state[gapAt + finger] & state[anchorAt + role] & BOTH) != 0) {
                    fromGap(role, finger, offset);
                }
            }
        }
    }

    /** The performer knows in which pile the card is, and not where. */
    void somewhereIn(int role) {
        if (cardOf(role) >= 0) {
            forget(role);
            state[anchorAt + role] = PILE;
        }
    }

    /** Whether the performer knows how two cards lie to each other in a pile. */
    boolean together(int one, int other, int place) {
        boolean both = in(place, one) > 0 && in(place, other) > 0;
        boolean circle = state[circleAt + one] != 0 && state[circleAt + one] == state[circleAt + other];
        return both && (circle || (state[anchorAt + one] & state[anchorAt + other] & BOTH) != 0);
    }

    private byte nextCircle() {
        state[lastCircleAt] = (byte) (state[lastCircleAt] % MOST_CIRCLES + 1);
        return state[lastCircleAt];
    }

    boolean sizeKnown(int place) {
        missed |= !followed;
        return sized(place);
    }

    private boolean sized(int place) {
        return state[sizeAt + place] == 0;
    }

    private int in(int place, int role) {
        return cardOf(role) < 0 ? 0 : hands.find(place, cardOf(role));
    }

    /** A pile whose size is the only unknown one has what the others leave. */
    private void unsized(int place) {
        state[sizeAt + place] = 1;
        state[lastCircleAt + 1] = 1;
    }

    private void count() {
        if (state[lastCircleAt + 1] == 0) {
            return;
        }
        int unknown = 0;
        int which = -1;
        for (int place = 0; place < places; place++) {
            if (hands.size(place) == 0) {
                state[sizeAt + place] = 0;
            } else if (!sized(place)) {
                unknown++;
                which = place;
            }
        }
        if (unknown == 1) {
            state[sizeAt + which] = 0;
        }
        state[lastCircleAt + 1] = (byte) (unknown > 1 ? 1 : 0);
        for (int role = 0; role < roles && unknown <= 1; role++) {
            // Where the size is known, one end is as good as the other.
            if ((state[anchorAt + role] & BOTH) != 0 && sized(hands.whereIs(cardOf(role)))) {
                state[anchorAt + role] |= BOTH;
            }
        }
    }

    /** Whether nothing is known of where a role lies, so that nothing can be lost. */
    private boolean nothing(int role) {
        return (state[anchorAt + role] | state[fingerAt + role] | state[circleAt + role]) == 0;
    }

    /** Whether of a role no more is known than its pile, so that nothing can be lost while it stays there. */
    private boolean onlyPile(int role) {
        return (state[anchorAt + role] & BOTH) == 0 && (state[fingerAt + role] | state[circleAt + role]) == 0;
    }

    /** Whether a role is counted, and stays so where all numbers are known. */
    private boolean counted(int role) {
        return (state[anchorAt + role] & BOTH) != 0 && state[circleAt + role] == 0;
    }

    // ---- what reorderings make of it; each is called before the cards move --------------------------------------

    /** A cut of the whole pile. */
    void cut(int place, int depth) {
        if (!followed) {
            return;
        }
        boolean atGap = usedFinger >= 0 && place == usedPlace && depth == usedDepth;
        if (sure && sized(place)) {
            return;
        }
        byte circle = 0;
        for (int role = 0; role < roles; role++) {
            if (onlyPile(role)) {
                continue;
            }
            int position = in(place, role);
            if (position == 0) {
                continue;
            }
            boolean exact = (state[anchorAt + role] & BOTH) != 0;
            if (atGap && state[fingerAt + role] == usedFinger + 1) {
                state[anchorAt + role] = sized(place) ? BOTH : position > depth ? TOP : BOTTOM;
            } else if (exact) {
                circle = circle == 0 ? nextCircle() : circle;
                state[circleAt + role] = circle;
                state[anchorAt + role] = PILE;
            }
        }
    }

    /** Cards of a block lose their order, or are turned about one another; those outside it stay where they are. */
    void mixed(int place, int depth, int count, boolean byChance) {
        if (!followed) {
            return;
        }
        boolean known = sure && sized(place) && !byChance;
        for (int role = 0; role < roles && !known; role++) {
            if (onlyPile(role)) {
                continue;
            }
            int position = in(place, role);
            int anchors = state[anchorAt + role] & BOTH;
            boolean outside = sure && sized(place) && (position <= depth || position > depth + count);
            if (position > 0 && !(outside && anchors != 0)) {
                somewhereIn(role);
            } else if (position > 0) {
                state[circleAt + role] = 0;
            }
        }
        for (int role = 0; role < roles && known; role++) {
            if (!onlyPile(role) && !counted(role) && in(place, role) > 0) {
                state[circleAt + role] = 0;
                if ((state[anchorAt + role] & BOTH) == 0) {
                    state[fingerAt + role] = 0;
                }
            }
        }
    }

    /** A gap is turned with the block in which it lies: it is counted where all is known, and nothing is counted from it. */
    void gapTurned(int finger) {
        if (!followed) {
            return;
        }
        if (!sure || !sized(hands.placeOfFinger(finger))) {
            state[gapAt + finger] = 0;
        }
        for (int role = 0; role < roles; role++) {
            if (state[fingerAt + role] == finger + 1) {
                state[fingerAt + role] = 0;
            }
        }
    }

    /** A block is turned over as one. */
    void turned(int place, int first, int last) {
        if (!followed) {
            return;
        }
        boolean whole = first == 1 && last == hands.size(place);
        if (sure && sized(place) && !whole) {
            mixed(place, first - 1, last - first + 1, false);
            return;
        }
        boolean belowGap = usedFinger >= 0 && place == usedPlace && first == usedDepth + 1 && last == hands.size(place);
        for (int role = 0; role < roles; role++) {
            if (onlyPile(role)) {
                continue;
            }
            int position = in(place, role);
            if (position == 0) {
                continue;
            }
            int anchors = state[anchorAt + role] & BOTH;
            if (whole) {
                int swapped = (anchors == TOP ? BOTTOM : anchors == BOTTOM ? TOP : anchors);
                state[anchorAt + role] = (byte) (anchors == 0 ? state[anchorAt + role] : swapped);
                state[fingerAt + role] = 0;
            } else if (belowGap && state[fingerAt + role] == usedFinger + 1 && position > usedDepth) {
                somewhereIn(role);
                state[anchorAt + role] = sized(place) ? BOTH : BOTTOM;
            } else {
                somewhereIn(role);
            }
        }
    }

    /** All cards of a pile go on top of another, under it, or somewhere into it. */
    void gathered(int from, int to, int into) {
        if (!followed) {
            return;
        }
        boolean onTop = into == 0 && !somewhere;
        boolean under = into == hands.size(to) && !somewhere;
        boolean fromSized = sized(from);
        boolean toSized = sized(to);
        boolean alone = hands.size(to) == 0;
        boolean literal = sure && fromSized && toSized;
        byte seam = 0;
        for (int role = 0; role < roles; role++) {
            if (nothing(role) || (literal && counted(role))) {
                continue;
            }
            int inFrom = in(from, role);
            int inTo = in(to, role);
            if (inFrom == 0 && inTo == 0) {
                continue;
            }
            int anchors = state[anchorAt + role] & BOTH;
            if (alone) {
                continue;
            }
            int now;
            if (literal) {
                now = anchors;
            } else if (inFrom > 0) {
                now = (onTop ? anchors & TOP : 0) | (under ? anchors & BOTTOM : 0);
                now |= onTop && toSized ? anchors & BOTTOM : 0;
                now |= under && toSized ? anchors & TOP : 0;
            } else {
                now = (onTop ? anchors & BOTTOM : 0) | (under ? anchors & TOP : 0);
                now |= onTop && fromSized ? anchors & TOP : 0;
                now |= under && fromSized ? anchors & BOTTOM : 0;
                now |= outOfReach(inTo, hands.size(to), anchors);
            }
            // Counted from a gap near the bottom of what falls on it.
            int finger = inTo > 0 && onTop && (anchors & TOP) != 0 ? fingerNearBottom(from) : -1;
            byte held = state[fingerAt + role];
            byte offset = state[offsetAt + role];
            boolean atSeam = (anchors & (onTop == inFrom > 0 ? BOTTOM : TOP)) != 0 && (onTop || under);
            somewhereIn(role);
            state[anchorAt + role] = (byte) (now == 0 ? PILE : now);
            if (atSeam && now == 0) {
                // Counted from where the two packets meet, it lies as it does to what is counted from there too.
                seam = seam == 0 ? nextCircle() : seam;
                state[circleAt + role] = seam;
            }
            if (held != 0) {
                fromGap(role, held - 1, offset);
            } else if (finger >= 0) {
                fromGap(role, finger, hands.size(from) - hands.depthOfFinger(finger) + inTo);
            }
        }
        for (int finger = 0; finger < FINGERS; finger++) {
            int at = hands.placeOfFinger(finger);
            if ((at == from || at == to) && !alone) {
                boolean moves = at == from;
                int kept = onTop == moves ? TOP : under != onTop ? BOTTOM : 0;
                state[gapAt + finger] &= (literal ? BOTH : kept);
            }
        }
        if (!fromSized) {
            unsized(to);
        }
        state[sizeAt + from] = 0;
        somewhere = false;
    }

    private int fingerNearBottom(int place) {
        for (int finger = 0; finger < FINGERS; finger++) {
            if (hands.placeOfFinger(finger) == place && (state[gapAt + finger] & BOTTOM) != 0) {
                return finger;
            }
        }
        return -1;
    }

    /** A single card is taken out and put somewhere. */
    void single(int from, int depth, int to, int into) {
        if (!followed) {
            return;
        }
        boolean literal = sure && sized(from) && sized(to);
        int size = hands.size(from);
        boolean end = depth == 0 || depth == size - 1;
        for (int role = 0; role < roles; role++) {
            if (nothing(role) || (literal && counted(role)) || (to == from && onlyPile(role))) {
                continue;
            }
            int position = in(from, role);
            boolean it = position == depth + 1;
            int anchors = state[anchorAt + role] & BOTH;
            if (position > 0 && !literal) {
                boolean keeps = (position == 1 && (anchors & TOP) != 0 && depth > 0)
                        || (position == size && (anchors & BOTTOM) != 0 && depth < size - 1);
                byte was = (byte) anchors;
                somewhereIn(role);
                if (it && end && anchors != 0) {
                    comesIn(role, to, into, to == from ? size - 1 : hands.size(to));
                } else if (keeps && (to != from || (!somewhere && into > 0 && into < size - 1))) {
                    state[anchorAt + role] = was;
                } else if (to != from) {
                    forget(role);
                }
            } else if (position > 0) {
                state[circleAt + role] = 0;
                if (anchors == 0) {
                    keepOnlyPile(role, to != from);
                }
            } else if (to != from && in(to, role) > 0) {
                addedTo(role, to, into, 1, literal, true);
            }
        }
        if (!literal) {
            fingersBlur(from, depth, 1, to, into);
        }
        somewhere = false;
    }

    /** A card that the performer knows goes into a pile of so many others. */
    private void comesIn(int role, int to, int into, int others) {
        int now = others == 0 ? BOTH : somewhere ? PILE : into == 0 ? TOP : into == others ? BOTTOM : PILE;
        state[anchorAt + role] = (byte) (now != PILE && sized(to) ? BOTH : now);
    }

    private void keepOnlyPile(int role, boolean parted) {
        if (parted) {
            forget(role);
        } else {
            somewhereIn(role);
        }
    }

    /** What stays of the anchors of a card above, or below, all places where cards can come in. */
    private int outOfReach(int position, int size, int anchors) {
        if (!somewhere) {
            return 0;
        }
        return (position <= leastInto ? anchors & TOP : 0)
                | (position > mostInto && position <= size ? anchors & BOTTOM : 0);
    }

    /** Cards come into a pile in which a role lies. */
    private void addedTo(int role, int to, int into, int count, boolean literal, boolean countKnown) {
        int anchors = state[anchorAt + role] & BOTH;
        state[circleAt + role] = 0;
        if (literal) {
            if (anchors == 0 && state[fingerAt + role] == 0) {
                state[anchorAt + role] = (state[anchorAt + role] == 0 ? 0 : PILE);
            }
            return;
        }
        boolean onTop = into == 0 && !somewhere;
        boolean under = into == hands.size(to) && !somewhere;
        int now = (onTop ? anchors & BOTTOM : 0) | (under ? anchors & TOP : 0);
        now |= (onTop && countKnown ? anchors & TOP : 0) | (under && countKnown ? anchors & BOTTOM : 0);
        now |= outOfReach(in(to, role), hands.size(to), anchors);
        boolean was = state[anchorAt + role] != 0;
        byte held = state[fingerAt + role];
        byte offset = state[offsetAt + role];
        forget(role);
        state[anchorAt + role] = (byte) (now != 0 ? now : was ? PILE : 0);
        if (held != 0 && (onTop || under || sameGap)) {
            fromGap(role, held - 1, offset);
        }
    }

    /** A block goes from one pile to another, or elsewhere in its own. */
    void moves(int from, int depth, int count, int to, int into) {
        if (!followed) {
            return;
        }
        if (count == 0 && sure) {
            return;
        }
        boolean literal = sure && sized(from) && sized(to);
        int size = hands.size(from);
        boolean fromTop = depth == 0;
        boolean fromBottom = depth + count == size;
        boolean atGap = usedFinger >= 0 && from == usedPlace && (depth + count == usedDepth || depth == usedDepth);
        for (int role = 0; role < roles; role++) {
            if (nothing(role) || (literal && counted(role)) || (to == from && onlyPile(role))) {
                continue;
            }
            int position = in(from, role);
            if (position > 0 && literal) {
                state[circleAt + role] = 0;
                if ((state[anchorAt + role] & BOTH) == 0) {
                    keepOnlyPile(role, to != from);
                }
            } else if (position > 0) {
                left(role, position, from, depth, count, to, into, atGap && (fromTop || fromBottom));
            } else if (to != from && in(to, role) > 0) {
                addedTo(role, to, into, count, literal, false);
            }
        }
        if (!literal) {
            fingersBlur(from, depth, count, to, into);
        }
        if (!literal && to != from) {
            unsized(from);
            unsized(to);
        }
    }

    /** A role in a pile that a block of unknown size leaves, or in that block. */
    private void left(int role, int position, int from, int depth, int count, int to, int into, boolean atGap) {
        int size = hands.size(from);
        int anchors = state[anchorAt + role] & BOTH;
        boolean moved = position > depth && position <= depth + count;
        boolean onTop = into == 0;
        boolean alone = to != from && hands.size(to) == 0;
        boolean under = to != from && into == hands.size(to);
        boolean first = position == 1 && (anchors & TOP) != 0;
        boolean last = position == size && (anchors & BOTTOM) != 0;
        boolean known = atGap && state[fingerAt + role] == usedFinger + 1;
        int offset = state[offsetAt + role];
        byte held = state[fingerAt + role];
        forget(role);
        int now = PILE;
        if (to == from) {
            if (known && moved && onTop) {
                now = depth == usedDepth ? TOP : 0;
            }
        } else if (known) {
            // Above the gap it is counted from the bottom of its packet, below it from the top.
            boolean below = offset >= 1;
            now = !moved
                    ? (below ? TOP : BOTTOM)
                    : (below ? (onTop || alone ? TOP : 0) : (under || alone ? BOTTOM : 0));
        } else if (first || last) {
            // The card at an end goes with whatever is taken from there, and stays with what is not.
            now = !moved
                    ? (first && depth + count == size ? TOP : 0) | (last && depth == 0 ? BOTTOM : 0)
                    : (first && (onTop || alone) ? TOP : 0) | (last && (under || alone) ? BOTTOM : 0);
        } else {
            now = 0;
        }
        state[anchorAt + role] = (byte) (now == 0 && to == from ? PILE : now);
        boolean beside = offset == 0 || offset == 1;
        if (held != 0 && beside && to != from && (depth == 0 || depth + count == size) && count > 1) {
            fromGap(role, held - 1, offset);
        }
    }

    /** What becomes of the gaps that are counted, when it is not known how many cards move. */
    private void fingersBlur(int from, int depth, int count, int to, int into) {
        for (int finger = 0; finger < FINGERS; finger++) {
            int at = hands.placeOfFinger(finger);
            int gap = hands.depthOfFinger(finger);
            if (at == from) {
                boolean above = to != from && depth == 0 && gap > count;
                boolean below = to != from && depth + count == hands.size(from) && gap < depth;
                state[gapAt + finger] &= (above ? BOTTOM : below ? TOP : 0);
            } else if (at == to) {
                state[gapAt + finger] &= (into == 0 ? BOTTOM : into == hands.size(to) ? TOP : 0);
            }
        }
    }

    /** Cards are about to be dealt: how they lie to each other stays known, whoever counts them. */
    void dealing(int place, int count) {
        if (!followed) {
            return;
        }
        byte exact = 0;
        for (int role = 0; role < roles; role++) {
            int position = in(place, role);
            boolean goes = position > 0 && position <= count;
            if (goes && (state[anchorAt + role] & BOTH) != 0) {
                exact = exact == 0 ? nextCircle() : exact;
                dealtFrom[role] = exact;
            } else {
                dealtFrom[role] = goes ? state[circleAt + role] : 0;
            }
        }
    }

    /** Everybody sees the top cards of a pile as they were dealt, one by one: where each of them lies is seen, too. */
    void seenDealt(int place, int count) {
        if (!followed) {
            return;
        }
        for (int role = 0; role < roles; role++) {
            int position = in(place, role);
            if (position > 0 && position <= count && hands.tells(place, position)) {
                if (!knowsName(Knower.PERFORMER, role)
                        && (pointedAt(role, place, position) || seenBeside(role, place, count))) {
                    learnName(Knower.PERFORMER, role);
                }
                if (knowsName(Knower.PERFORMER, role)) {
                    found(role, TOP);
                }
            }
        }
    }

    /** Whether a card that was known by name was seen among the same cards, from which this one can be counted. */
    private boolean seenBeside(int role, int place, int count) {
        boolean beside = false;
        for (int other = 0; other < roles; other++) {
            int position = in(place, other);
            beside |= other != role
                    && position > 0
                    && position <= count
                    && dealtFrom[role] != 0
                    && dealtFrom[role] == dealtFrom[other]
                    && knowsName(Knower.PERFORMER, other)
                    && hands.tells(place, position);
        }
        return beside;
    }

    /** The cards that were dealt lie the other way round. */
    void dealt(int to, int count) {
        if (!followed) {
            return;
        }
        for (int role = 0; role < roles; role++) {
            int position = in(to, role);
            if (position > 0 && position <= count && !(sure && sized(to))) {
                int anchors = state[anchorAt + role] & BOTH;
                boolean alone = count == hands.size(to);
                int swapped = alone ? (anchors == TOP ? BOTTOM : anchors == BOTTOM ? TOP : anchors) : 0;
                boolean known = anchors != 0 && swapped != 0;
                state[anchorAt + role] = (byte) (known ? swapped : dealtFrom[role] != 0 ? PILE : 0);
                state[circleAt + role] = known ? 0 : dealtFrom[role];
                state[fingerAt + role] = 0;
            }
        }
    }

    /** After everything that moves cards. */
    void moved() {
        if (!followed) {
            return;
        }
        count();
    }

    /** Somebody else cut this pile: what the performer knew exactly in it is now known only in the circle. */
    void blur(int place) {
        if (!followed) {
            return;
        }
        boolean was = sure;
        sure = false;
        cut(place, -1);
        sure = was;
        for (int role = 0; role < roles; role++) {
            if (in(place, role) > 0) {
                state[fingerAt + role] = 0;
            }
        }
    }

    void lose(int place) {
        if (!followed) {
            return;
        }
        for (int role = 0; role < roles; role++) {
            if (in(place, role) > 0) {
                somewhereIn(role);
            }
        }
    }

    /** A card of this pile was found again: what is known in the circle with it is found too. */
    private void sharpen(int place, int found) {
        byte circle = state[circleAt + found];
        for (int role = 0; role < roles && circle != 0 && (state[anchorAt + found] & BOTH) != 0; role++) {
            if (role != found && state[circleAt + role] == circle && in(place, role) > 0) {
                here(role);
                if (sized(place)) {
                    state[anchorAt + role] = BOTH;
                }
            }
        }
    }

    /**
     * What seeing a front teaches the performer. A card whose name is known has its place found again, and with it the
     * place of all that is known in the circle with it; a card whose place is known gets its name learnt.
     */
    void recognise(int place, int position) {
        if (!followed) {
            return;
        }
        int card = hands.card(place, position);
        for (int role = 0; role < roles; role++) {
            if (cardOf(role) != card) {
                continue;
            }
            if (knowsName(Knower.PERFORMER, role)) {
                // Told by its face where it is: as the first or last card, if that is what was looked at.
                found(role, !sure ? 0 : position == 1 ? TOP : position == hands.size(place) ? BOTTOM : 0);
            } else if (pointedAt(role, place, position)) {
                learnName(Knower.PERFORMER, role);
            }
        }
    }

    /** Whether the performer can tell that the card which is seen at this place is the role's. */
    private boolean pointedAt(int role, int place, int position) {
        int anchors = state[anchorAt + role] & BOTH;
        int offset = state[offsetAt + role];
        return (sure && position == 1 && (anchors & TOP) != 0)
                || (sure && position == hands.size(place) && (anchors & BOTTOM) != 0)
                || (anchors != 0 && sure && sized(place))
                || (looked >= 0 && state[fingerAt + role] == looked + 1 && (offset == 0 || offset == 1));
    }
}
