package craftypocket.core.layout;

import craftypocket.core.cards.Mark;

/**
 * What comes into view on a surface, and who sees it: everybody, one person, or the performer alone, who remembers it as far as
 * anybody asks what he lived through.
 */
public final class Showing {

    /** So few cards are counted at a glance. */
    private static final int AT_A_GLANCE = 2;

    private static final long NOTHING = 0;

    private final Hands hands;
    private final Kit kit;
    private final Places places;
    private final Holds holds;
    private final RoleCards known;
    private final Lived lived;
    private final Sights sights;
    /** By place, whether what lies uppermost there is seen by all. */
    private final boolean[] open;

    private Watcher watcher;
    private boolean away;

    Showing(Hands hands, Kit kit, Places places, Holds holds, RoleCards known, Lived lived, Sights sights) {
        this.hands = hands;
        this.kit = kit;
        this.places = places;
        this.holds = holds;
        this.known = known;
        this.lived = lived;
        this.sights = sights;
        open = new boolean[places.count()];
        for (int place = 0; place < open.length; place++) {
            open[place] = places.at(place).kind().open();
        }
    }

    /** Tells somebody what is shown from now on; nobody with null. */
    public void watchedBy(Watcher newWatcher) {
        watcher = newWatcher;
    }

    /** Whether the performer sees what is done. */
    boolean looks() {
        return !away;
    }

    void lost(Hold.Kind kind, int place, int depth) {
        if (watcher != null) {
            watcher.lost(new Hold(kind, places.at(place), depth));
        }
    }

    /** Which piles there are, what is held in each, and which side lies uppermost. */
    public void feel() {
        for (int place = 0; place < hands.placeCount() && lived.follows(); place++) {
            long felt = hands.size(place) == 0 ? 0 : open[place] ? Math.min(hands.size(place), AT_A_GLANCE + 1) : 1;
            for (int kind = 0; kind < Hold.Kind.count() && !holds.none() && felt != 0; kind++) {
                felt |= holds.depth(place, Hold.Kind.at(kind)) >= 0 ? 1L << kind + Byte.SIZE : 0;
            }
            lived.add(felt);
            if (felt != 0 && open[place]) {
                livesToSee(place, 1);
            }
        }
    }

    /** From here on what is seen is seen in this step, which begins; -1 is the set-up. */
    public void atStep(int index) {
        sights.atStep(index);
    }

    /** Everybody sees what lies uppermost in the open. */
    public void lookAround() {
        if (watched()) {
            for (int place = 0; place < hands.placeCount(); place++) {
                if (open[place] && hands.size(place) > 0) {
                    comesUp(place, 1);
                }
            }
        }
    }

    boolean watched() {
        return sights.watching() || watcher != null;
    }

    /** The upper sides of the top cards come into view one after another. */
    void comeUp(int place, int count) {
        for (int position = 1; position <= count && watched(); position++) {
            comesUp(place, position);
        }
    }

    /** The first card of each chunk lies uppermost for a moment as chunks are pulled off one after another. */
    void pulled(int place, int depth, int count, int[] chunks) {
        int pulled = 0;
        for (int i = 0; i <= chunks.length && pulled < count && watched(); i++) {
            comesUp(place, depth + pulled + 1);
            pulled += i < chunks.length ? chunks[i] : count;
        }
    }

    /** The upper side of a card comes into view, although nobody shows it; usual backs say nothing. */
    void comesUp(int place, int position) {
        if (watched()) {
            int card = hands.card(place, position);
            boolean front = hands.faceUp(place, position);
            if (!kit.usualBack(card, front)) {
                alsoSeen(place, card, front, Knower.EVERYBODY);
            }
        }
    }

    private void alsoSeen(int place, int card, boolean front, int turnedTo) {
        if (watcher != null) {
            watcher.alsoSeen(card, front, turnedTo);
        }
        sights.seen(place, card, front, turnedTo);
    }

    /** The performer alone sees the front of a card; whether that tells which it is. */
    public boolean glimpse(int place, int position) {
        return glimpse(place, position, true);
    }

    /** The same with the side that lies undermost, which may be a back. */
    public boolean glimpseUnder(int place, int position) {
        return glimpse(place, position, !hands.faceUp(place, position));
    }

    /** @return whether it tells which card it is */
    private boolean glimpse(int place, int position, boolean front) {
        show(place, position, front, Knower.PERFORMER);
        return kit.tells(hands.card(place, position), front);
    }

    /** Everybody sees the side that lies uppermost, the performer too. */
    public void showTop(int place, int position) {
        showTop(place, position, Knower.EVERYBODY);
    }

    /** The same, turned to one {@link Knower} only. */
    public void showTop(int place, int position, int turnedTo) {
        show(place, position, hands.faceUp(place, position), turnedTo);
    }

    /** Everybody sees the side that lies undermost, as when a packet is tipped up to show its face. */
    public void showUnder(int place, int position) {
        showUnder(place, position, Knower.EVERYBODY);
    }

    /** The same, turned to one {@link Knower} only. */
    public void showUnder(int place, int position, int turnedTo) {
        show(place, position, !hands.faceUp(place, position), turnedTo);
    }

    private void show(int place, int position, boolean front, int turnedTo) {
        if (turnedTo == Knower.PERFORMER) {
            sees(hands.card(place, position), front);
        } else if (Knower.sees(turnedTo, Knower.PERFORMER)) {
            livesToSee(hands.card(place, position), front);
        }
        tell(place, hands.card(place, position), front, turnedTo);
    }

    /** The performer sees what lies uppermost at a place of a pile. */
    void livesToSee(int place, int position) {
        livesToSee(hands.card(place, position), hands.faceUp(place, position));
    }

    /** The performer sees a side, unless he looks away. */
    void livesToSee(int card, boolean front) {
        if (!away) {
            sees(card, front);
        }
    }

    /** The performer sees a side: a face, by which he knows a card if its name is known to him; or a back, if it is a special one. */
    private void sees(int card, boolean front) {
        if (!lived.follows()) {
            return;
        }
        if (kit.tells(card, front)) {
            int mine = known.rolesOf(card);
            lived.add(Long.MIN_VALUE | (mine & known.named()));
            lived.face(mine);
        } else {
            boolean usual = kit.usualBack(card, front) && !kit.marked(card, Mark.DOTTED);
            lived.add(usual ? NOTHING : kit.pack().card(card).side(front).hashCode() | 1L);
        }
    }

    /** The performer looks for the faces that lie upwards in the open. */
    public void lookForFaces() {
        for (int place = 0; place < hands.placeCount() && lived.follows(); place++) {
            for (int position = 1; position <= hands.size(place) && open[place]; position++) {
                if (hands.faceUp(place, position)) {
                    livesToSee(place, position);
                }
            }
        }
    }

    /** The performer glances at the face of a pile in his hands. */
    public void glance(int place) {
        livesToSee(hands.card(place, hands.size(place)), !hands.faceUp(place, hands.size(place)));
    }

    /** The performer runs through the faces of a pile, held towards him: he sees where every card lies whose name he knows. */
    public void runThrough(int place) {
        for (int position = 1; position <= hands.size(place); position++) {
            sees(hands.card(place, position), !hands.faceUp(place, position));
        }
    }

    /** Whether the performer looks away: he does not see what is done, but for what he steals a look at himself. */
    public void looksAway(boolean now) {
        away = now;
    }

    private void tell(int place, int card, boolean front, int turnedTo) {
        if (watcher != null) {
            watcher.shown(card, front, turnedTo);
        }
        if (turnedTo != Knower.PERFORMER) {
            sights.shown(card, front);
        }
        sights.seen(place, card, front, turnedTo);
    }

    /** Everybody sees the uppermost sides of the top cards, from the lowest of them to the top one, as in a deal. */
    public void showDealt(int place, int count) {
        for (int position = count; position >= 1; position--) {
            livesToSee(place, position);
        }
        if (watched()) {
            for (int position = count; position >= 1; position--) {
                tell(place, hands.card(place, position), hands.faceUp(place, position), Knower.EVERYBODY);
            }
        }
    }

    /** Everybody sees the uppermost sides of the top cards, which are spread as they lie. */
    public void spread(int place, int count) {
        for (int position = 1; position <= count; position++) {
            livesToSee(place, position);
        }
        comeUp(place, count);
    }

    /** Somebody looks at a card that they hold, and nobody else does. */
    public void looksAt(int knower, int card) {
        if (watcher != null) {
            watcher.alsoSeen(card, true, knower);
        }
        sights.seen(hands.whereIs(card), card, true, Knower.ownLook(knower));
    }

    /** What was shown since the step began passes for a number of cards, whatever their real number is. */
    public void passesFor(int place, int really, int seeming) {
        passesFor(place, really, seeming, 0, 1);
    }

    /** The same, where one of the beats, from 1, carries the most cards as one. */
    public void passesFor(int place, int really, int seeming, int thickest, int carries) {
        if (watcher != null) {
            watcher.passes(places.at(place), really, seeming, thickest, carries);
        }
    }

    /** What a {@link Lookout} has made of the sights so far, by its number among them. */
    public byte seen(int lookout) {
        return sights.of(lookout);
    }

    /** Whether what lies uppermost there is seen by all. */
    public boolean inTheOpen(int place) {
        return open[place];
    }

    /** How many sides were shown in this step to others than the performer alone. */
    public int shownInStep() {
        return sights.shownCount();
    }

    /** Whether each of them can be {@linkplain #shownInStep(int) asked for}: beyond a few hundred they are only counted. */
    public boolean allShownKept() {
        return sights.allKept();
    }

    /** A side that was shown in this step: the {@link Slot} of a card that lies with it upwards. */
    public byte shownInStep(int index) {
        return sights.shown(index);
    }
}
