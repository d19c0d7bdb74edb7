package craftypocket.core.layout;

import craftypocket.core.cards.Mark;
import craftypocket.core.cards.Side;
import craftypocket.core.chance.Chance;
import craftypocket.core.reckon.Reading;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The one mutable surface on which moves act: all piles, holds, roles and what is known of them.
 *
 * <p>Positions count from 1, the top card; a <em>depth</em> is a number of cards above a gap. Holds live on while cards
 * move around them, as {@link Holds} says.
 */
public final class Hands {

    /*
     * Everything lives in one byte array, so that a survey goes back to an earlier moment with a single array copy and
     * without allocating. The sections, in order: slots (places x cards), pile sizes (one a place), holds, knowledge of
     * the roles, where the things lie, what was done to the cards (one a card), the noted numbers + 1 of earlier steps, by
     * how many cards each pile is larger than it is taken for, what has been seen for each lookout, and where names are drawn
     * what is drawn of them (one a card).
     */
    private static final VarHandle EIGHT_SLOTS =
            MethodHandles.byteArrayViewVarHandle(long[].class, ByteOrder.LITTLE_ENDIAN);
    private static final long EACH_BYTE = 0x0101010101010101L;

    private final Kit kit;
    private final Places places;
    private final Chance chance = new Chance();
    private final int cards;
    private final int placeCount;
    private final int roles;
    private final int notes;
    private final int sizeAt;
    private final int doneAt;
    private final int noteAt;
    private final int excessAt;
    private final int drawnAt;
    /** Whether names are drawn here. */
    private final boolean drawing;

    private final int livedAt;
    private Knowing knowing;
    private boolean knowledgeAsked;

    private final byte[] state;
    private final Reorderings reorderings;

    private final Holds holds;
    private final RoleCards known;
    private final Lived lived;
    private final List<Lookout> lookouts;
    private final Sights sights;
    private final Props props;

    private final Stowed stowed;
    private final KeptOrder order;
    private final Showing showing;
    private final Shuffles shuffles;
    private final Stowing stowing;
    private boolean namesRead;
    private final Reads reads = new Reads();
    /** By card, its number in the canonical surface. */
    private final byte[] renamed;

    private Namer namer;
    private Chance drawn;

    /** The same without notes, where nobody waits to see anything. */
    public Hands(Kit kit, Places places, int roles) {
        this(kit, places, roles, 0, List.of());
    }

    /**
     * An empty surface.
     *
     * @param kit the cards
     * @param places the places, all known beforehand
     * @param roles how many roles are followed
     * @param notes how many numbers are noted for later steps
     * @param lookouts what claims wait to see
     */
    public Hands(Kit kit, Places places, int roles, int notes, List<Lookout> lookouts) {
        this(kit, places, roles, notes, lookouts, false, 0);
    }

    private Hands(Kit kit, Places places, int roles, int notes, List<Lookout> lookouts, boolean drawing, int faces) {
        this.drawing = drawing;
        this.kit = kit;
        this.places = places;
        this.cards = kit.cards();
        this.placeCount = places.count();
        this.roles = roles;
        this.notes = notes;
        sizeAt = placeCount * cards;
        int holdAt = sizeAt + placeCount;
        int knownAt = holdAt + Holds.bytes(places, cards);
        props = places.props();
        int thingAt = knownAt + RoleCards.bytes(roles);
        doneAt = thingAt + Stowed.bytes(props.things().size());
        noteAt = doneAt + cards;
        excessAt = noteAt + notes;
        int sightAt = excessAt + placeCount;
        // Looking for a card reads eight bytes at once, and so up to seven past the last slot.
        int orderAt = sightAt + lookouts.size();
        drawnAt = orderAt + KeptOrder.BYTES;
        livedAt = drawnAt + (drawing ? cards : 0);
        state = new byte[livedAt + Lived.bytes(roles, faces) + Long.BYTES];
        reorderings = new Reorderings(state, new byte[cards]);
        renamed = new byte[cards];
        for (int card = 0; card < cards; card++) {
            renamed[card] = (byte) card;
        }
        holds = new Holds(this, places, state, holdAt);
        known = new RoleCards(roles, state, knownAt);
        lived = new Lived(state, livedAt, roles, faces);
        stowed = new Stowed(props.things().size(), state, thingAt);
        order = new KeptOrder(this, state, orderAt);
        this.lookouts = List.copyOf(lookouts);
        sights = new Sights(this, lookouts, state, sightAt);
        showing = new Showing(this, kit, places, holds, known, lived, sights);
        shuffles = new Shuffles(this, state, cards, reorderings, holds, order, showing);
        stowing = new Stowing(this, kit, places, stowed);
    }

    /** A surface of the same shape, with nothing on it yet. */
    public Hands another() {
        return new Hands(kit, places, roles, notes, lookouts, drawing, lived.most());
    }

    /** A surface of the same shape, with nothing on it yet, that also has room for what is {@linkplain #drawn drawn} of names. */
    public Hands drawing() {
        return new Hands(kit, places, roles, notes, lookouts, true, lived.most());
    }

    /**
     * A surface of the same shape, with nothing on it yet, that also has room for what the performer {@linkplain #lived() lived
     * through}.
     *
     * @param many whether for many faces that he sees
     */
    public Hands living(boolean many) {
        return new Hands(kit, places, roles, notes, lookouts, drawing, many ? Lived.MANY : Lived.FEW);
    }

    /**
     * Makes this surface like another of the same shape, which may have no room for what is drawn or lived through: then nothing
     * is yet. The watcher stays.
     */
    public void copyFrom(Hands other) {
        System.arraycopy(other.state, 0, state, 0, drawnAt);
        if (drawing && other.drawing) {
            System.arraycopy(other.state, drawnAt, state, drawnAt, cards);
        } else if (drawing) {
            Arrays.fill(state, drawnAt, drawnAt + cards, (byte) 0);
        }
        if (lived.follows() && other.lived.follows()) {
            System.arraycopy(other.state, other.livedAt, state, livedAt, Lived.bytes(roles, lived.most()));
        } else if (lived.follows()) {
            lived.begin(known.named());
        }
    }

    /** A number that tells surfaces apart: the same for the same piles, holds, roles and knowledge. */
    public long fingerprint() {
        long hash = 0;
        for (int place = 0; place < placeCount; place++) {
            hash = 31 * hash + ByteHash.of(state, place * cards, place * cards + size(place));
        }
        return 31 * hash + ByteHash.of(state, sizeAt, state.length);
    }

    /** The same of a surface with what nobody can tell apart {@linkplain #canonical made the same}. */
    public long fingerprint(byte[] into, boolean[] nameless, Reads kept) {
        canonical(into, nameless, kept);
        return ByteHash.of(into, 0, into.length);
    }

    /** Who says what the performer knows at this moment, or null where nobody can. */
    public void knownBy(Knowing newKnowing) {
        knowing = newKnowing;
    }

    /** Whether it was asked what the performer knows where nobody could say it: that answer means nothing. */
    public boolean knowledgeAsked() {
        return knowledgeAsked;
    }

    /** What was asked before does not count. */
    public void forgetAsked() {
        knowledgeAsked = false;
    }

    private Knowing knowing() {
        knowledgeAsked |= knowing == null;
        return knowing;
    }

    /** What the performer lived through up to now: the same in ways that look alike to him. */
    public long lived() {
        return lived.number();
    }

    /** Lives through something more: a number that the performer hears, or what he does. */
    public void lives(long what) {
        lived.add(what);
    }

    /** His history is another one from now on, and of the faces that he saw only these are kept, a bit each; null for all of them. */
    public void livesOnAs(long number, long[] faces) {
        lived.become(number, faces);
    }

    /** At which moments he saw the face of a role's card, a bit each, in so many words. */
    public long facesSeen(int role, int word) {
        return lived.faces(role, word);
    }

    /** In how many words {@linkplain #facesSeen faces} are told. */
    public int wordsOfFaces() {
        return lived.words();
    }

    /** Whether he saw more faces than can be kept apart. */
    public boolean sawTooMany() {
        return lived.tooMany();
    }

    /** The performer knows the names of these roles, too, a bit each: whoever knows a name goes on to know it. */
    public void knowsNames(int named) {
        known.name(known.named() | named);
    }

    /** The roles whose names he knows in any case, a bit each. */
    public int namesKnown() {
        return known.named();
    }

    /** What comes into view, and who sees it. */
    public Showing showing() {
        return showing;
    }

    /** Every way to bring cards into another order. */
    public Shuffles shuffles() {
        return shuffles;
    }

    /** The things, and what lies in them. */
    public Stowing stowing() {
        return stowing;
    }

    // ---- looking ----------------------------------------------------------------------------------------------

    public Places places() {
        return places;
    }

    public int placeCount() {
        return placeCount;
    }

    public int roleCount() {
        return roles;
    }

    public int size(int place) {
        return state[sizeAt + place];
    }

    public byte slot(int place, int position) {
        return state[place * cards + position - 1];
    }

    public int card(int place, int position) {
        return Slot.card(slot(place, position));
    }

    public boolean faceUp(int place, int position) {
        return Slot.faceUp(slot(place, position));
    }

    /** The position of a card in a pile, or 0 when it is not there. */
    public int positionIn(int place, int card) {
        return find(place, card);
    }

    /** The position of a role's card in a pile, or 0 when it is not chosen or not there. */
    public int positionOf(int place, int role) {
        return isIn(place, role) ? positionIn(place, cardOf(role)) : 0;
    }

    int find(int place, int card) {
        int from = place * cards;
        int end = from + size(place);
        long wanted = card * EACH_BYTE;
        int found = end;
        // No early way out: a loop that always runs to the end is quicker than one whose end cannot be foreseen.
        for (int i = from; i < end; i += Long.BYTES) {
            // A byte becomes zero where the card's number fits, whichever side is up; the lowest zero byte is the hit.
            long apart = ((long) EIGHT_SLOTS.get(state, i) & (0x7f * EACH_BYTE)) ^ wanted;
            long hits = (apart - EACH_BYTE) & ~apart & (0x80 * EACH_BYTE);
            int at = i + (Long.numberOfTrailingZeros(hits) >>> 3);
            found = Math.min(found, hits == 0 ? end : at);
        }
        return found < end ? found - from + 1 : 0;
    }

    /** The place of a card, or -1 when it lies nowhere. */
    public int placeOf(int card) {
        return whereIs(card);
    }

    int whereIs(int card) {
        for (int place = 0; place < placeCount; place++) {
            if (find(place, card) > 0) {
                return place;
            }
        }
        return -1;
    }

    /** How many {@linkplain #spotOf spots} there are. */
    public int spots() {
        return placeCount * (cards + 1);
    }

    /** Whose cards these roles are, a bit each, is forgotten: no more is kept apart by it. */
    public void forgetRoles(int roles) {
        known.forget(roles);
    }

    /** The roles that were forgotten and asked for all the same, a bit each: those answers mean nothing. */
    public int rolesMissed() {
        return known.missed();
    }

    boolean remembers(int role) {
        return known.remembers(role);
    }

    /** Of which cards of an order it is {@linkplain #summarizeOrder kept} how they lie; null for none. */
    public void followOrder(Order followed) {
        order.follow(followed);
    }

    /** From now on the cards of orders need not be told from others: only how many of them come between the followed ones is kept. */
    public void summarizeOrder() {
        order.summarize();
    }

    /** Whether the cards of orders lie as they lie, and are told from others. */
    public boolean orderLies() {
        return order.asItLies();
    }

    /** It has come about that so many cards of an order lie between the followed ones; less than 0 where nobody knows. */
    public void orderFell(int place, int between) {
        order.become(place, between);
    }

    /** What was asked of an order that was not kept, and so was answered by nothing; null for nothing. */
    public Order orderMissed() {
        return order.missed();
    }

    /** How many cards of an order come between two, as far as it matters; as many also where theirs does not come at all. */
    public int between(Order asked) {
        return order.between(asked);
    }

    /** The card of an order that comes first below the key is taken for theirs, if one comes. */
    public void takeNextOfOrder(int key, int slug, int wanted) {
        int next = order.next(key, slug, wanted);
        if (next >= 0) {
            takeFor(wanted, next);
        }
    }

    /** The cards of a slug in their order, which are to be told from others; empty for a role of one card. Not to be changed. */
    public int[] orderOf(int role) {
        if (!order.asItLies()) {
            order.lose(role);
        }
        return slug(role);
    }

    /** Place and position of a role's card as one number, {@code place * (cards + 1) + position}; -1 without a card. */
    public int spotOf(int role) {
        int card = known.remembers(role) ? cardOf(role) : -1;
        for (int place = 0; place < placeCount && card >= 0; place++) {
            int position = find(place, card);
            if (position > 0) {
                return place * (cards + 1) + position;
            }
        }
        return -1;
    }

    /** The card of a role, or -1 while it is not chosen. */
    public int cardOf(int role) {
        return known.cardOf(role);
    }

    /** The position from which a role's card was taken last, alone; 0 when it never was. */
    public int cameFrom(int role) {
        reads.askOrigins();
        return known.cameFrom(role);
    }

    /** The depth of a hold, or -1 when it is not held. */
    public int depthOf(int place, Hold.Kind kind) {
        return holds.depth(place, kind);
    }

    /** The depth of the break in a pile, of the last one if fingers hold several; -1 when none does. */
    public int breakDepth(int place) {
        return depthOf(place, holds.lastFinger(place));
    }

    /** The finger that took a hold in this pile last; the little finger when none does. */
    public Hold.Kind lastFinger(int place) {
        return holds.lastFinger(place);
    }

    /** The position of the lowest card that is jogged this way, or 0. */
    public int lowestJogged(int place, Hold.Kind way) {
        int position = size(place);
        while (position > 0
                && !(way == Hold.Kind.OUT_JOG
                        ? holds.outJogged(card(place, position))
                        : holds.inJogged(card(place, position)))) {
            position--;
        }
        return position;
    }

    /** Whether a card is jogged, either way. */
    public boolean sticksOut(int card) {
        return holds.sticksOut(card);
    }

    /** Whether a card is jogged towards the people. */
    public boolean outJogged(int card) {
        return holds.outJogged(card);
    }

    /** Whether a card can still be told to come from the upper packet of a riffle. */
    public boolean ofUpperPacket(int card) {
        if (holds.unsquared()) {
            reads.askPackets();
        }
        return holds.ofUpperPacket(card);
    }

    public boolean knowsName(int knower, int role) {
        if (knower == Knower.PERFORMER && !known.knowsName(knower, role)) {
            Knowing asked = knowing();
            // Whoever takes the right card for it believes to know it, and that is all that one way tells.
            return asked == null ? takenFor(role) >= 0 && takenFor(role) == cardOf(role) : asked.name(role);
        }
        return known.knowsName(knower, role);
    }

    /** The card that the performer takes for a role's, right or wrong; -1 for none. */
    public int takenFor(int role) {
        return known.takenFor(role);
    }

    /** How well the performer knows where a role's card lies. */
    public PlaceKnowledge placeKnown(int role) {
        Knowing asked = knowing();
        return asked == null ? PlaceKnowledge.EXACT : asked.place(role);
    }

    /** Whether he can tell if the next step is to be done. */
    public boolean tells() {
        Knowing asked = knowing();
        return asked == null || asked.tells();
    }

    /** The number that was noted for later steps, or -1. */
    public int noted(int note) {
        reads.askNumber(note);
        return state[noteAt + note] - 1;
    }

    /** Whether a number was noted for later steps. */
    public boolean isNoted(int note) {
        return state[noteAt + note] != 0;
    }

    /** Whether the number that was noted is one of these. */
    public boolean isNoted(int note, int low, int high) {
        reads.askBound(note, low);
        reads.askBound(note, high + 1);
        return isNoted(note) && state[noteAt + note] > low && state[noteAt + note] <= high + 1;
    }

    /** Notes a number for later steps. */
    public void note(int note, int number) {
        state[noteAt + note] = (byte) (number + 1);
    }

    /** What somebody reads of the name of a card. */
    public int read(int card, Reading reading) {
        namesRead = true;
        return namer == null ? reading.of(kit.pack().card(card).front()) : namer.read(this, card, reading);
    }

    /** Who says what is read of names, or null where each card has its own. */
    public void namedBy(Namer newNamer) {
        namer = newNamer;
    }

    /** What was drawn of a card's name, as the {@link Namer} noted it; 0 for nothing. */
    public int drawn(int card) {
        return drawing ? state[drawnAt + card] & 0xff : 0;
    }

    /** Notes what was drawn of a card's name: up to 255. */
    public void draw(int card, int names) {
        state[drawnAt + card] = (byte) names;
    }

    /** Whether a side of a card is this one. */
    public boolean shows(int card, boolean front, Side side) {
        return kit.pack().card(card).side(front).equals(side);
    }

    /** Whether a side of a card is a back. */
    public boolean showsBack(int card, boolean front) {
        return !kit.tells(card, front);
    }

    /** Whether sides of two cards, as they lie in their {@link Slot}s, look alike. */
    public boolean alike(byte slot, byte other) {
        return kit.pack()
                .card(Slot.card(slot))
                .side(Slot.faceUp(slot))
                .equals(kit.pack().card(Slot.card(other)).side(Slot.faceUp(other)));
    }

    /** Whether the name of a card was read: then it matters which card it is. */
    public boolean namesRead() {
        return namesRead;
    }

    /** What else was asked for of what is kept apart only for who asks. */
    public Reads reads() {
        return reads;
    }

    /** What was read before does not count. */
    public void forgetReads() {
        namesRead = false;
        reads.clear();
        known.forgetMissed();
        order.forgetMissed();
    }

    /**
     * The same surface with what nobody can tell apart made the same: of the cards that may change their numbers, the first that
     * lies there gets the first of these numbers, and so on; what lies beyond the piles is nothing.
     *
     * @param into where it is written: as many bytes as {@link #stateBytes}
     * @param nameless by card, whether it may change its number
     * @param kept what else is kept apart
     */
    public void canonical(byte[] into, boolean[] nameless, Reads kept) {
        System.arraycopy(state, 0, into, 0, state.length);
        int next = 0;
        for (int place = 0; place < placeCount; place++) {
            int end = place * cards + size(place);
            for (int i = place * cards; i < end; i++) {
                int card = Slot.card(state[i]);
                int number = card;
                if (nameless[card]) {
                    while (!nameless[next]) {
                        next++;
                    }
                    number = next++;
                }
                renamed[card] = (byte) number;
                into[i] = Slot.of(number, Slot.faceUp(state[i]));
            }
            Arrays.fill(into, end, (place + 1) * cards, (byte) 0);
        }
        holds.rename(into, renamed, kept.packets());
        known.rename(into, renamed, kept.origins());
        stowed.rename(into, renamed);
        for (int note = 0; note < notes; note++) {
            into[noteAt + note] = (byte) (isNoted(note) ? kept.alike(note, state[noteAt + note] - 1) + 1 : 0);
        }
        boolean done = anythingDone();
        for (int card = 0; card < cards && done; card++) {
            into[doneAt + renamed[card]] = state[doneAt + card];
        }
        for (int card = 0; card < cards && drawing; card++) {
            into[drawnAt + renamed[card]] = state[drawnAt + card];
        }
    }

    private boolean anythingDone() {
        int done = 0;
        for (int i = doneAt; i < doneAt + cards; i++) {
            done |= state[i];
        }
        return done != 0;
    }

    /**
     * Which cards something tells from others that may change their numbers, beside where they lie: they are somebody's, stick
     * out, are written somewhere, or something was done to them.
     *
     * @param nameless by card, whether it may change its number
     * @param kept what else is kept apart
     * @param into by card, whether it is such a one
     */
    public void distinct(boolean[] nameless, Reads kept, boolean[] into) {
        for (int card = 0; card < cards; card++) {
            into[card] = !nameless[card]
                    || state[doneAt + card] != 0
                    || drawn(card) != 0
                    || holds.sticksOut(card)
                    || (kept.packets() && holds.ofUpperPacket(card));
        }
        known.distinct(into);
        stowed.distinct(into);
    }

    /** What tells a card from others wherever it lies, as a number: the same for cards that nothing tells apart. */
    public long traits(int card, boolean[] nameless) {
        long told = nameless[card] ? 0xff : card;
        long done = ((long) drawn(card) << Byte.SIZE) | (state[doneAt + card] & 0xff);
        return (((told << Integer.SIZE) | known.rolesOf(card)) << 2 * Byte.SIZE) | done;
    }

    /** Whether shuffling a block can bring nothing into view that anybody waits for. */
    public boolean mixesUnseen(int place, int depth, int count) {
        for (int position = depth + 1; showing.watched() && position <= depth + count; position++) {
            if (!kit.usualBack(card(place, position), faceUp(place, position))) {
                return false;
            }
        }
        return true;
    }

    /** Lets the cards below {@code depth} lie as these slots say: the same cards in another order. */
    public void arrange(int place, int depth, byte[] slots) {
        System.arraycopy(slots, 0, state, place * cards + depth, slots.length);
    }

    /** How many bytes a surface has. */
    public int stateBytes() {
        return state.length;
    }

    /** Copies its bytes. */
    public void write(byte[] into) {
        System.arraycopy(state, 0, into, 0, into.length);
    }

    /** Makes this surface what the bytes of another of the same shape say. */
    public void read(byte[] bytes) {
        System.arraycopy(bytes, 0, state, 0, state.length);
    }

    public boolean marked(int card, Mark mark) {
        return kit.marked(card, mark);
    }

    /** Whether fingers find the card without looking. */
    public boolean felt(int card) {
        return kit.felt(card);
    }

    /** The cards of a slug in their order; empty for a role of one card. Not to be changed. */
    int[] slug(int role) {
        return kit.slugs()[role];
    }

    /** The draws that belong to a shuffle's number. Started anew at each call. */
    public Chance chance(int number) {
        return (drawn == null ? chance : drawn).from(number);
    }

    /** From what shuffles and other chances are drawn from now on; null for what belongs to their numbers. */
    public void drawFrom(Chance newDrawn) {
        drawn = newDrawn;
    }

    /** An immutable picture of the piles and holds. */
    public Layout layout() {
        List<Pile> piles = new ArrayList<>(2);
        List<Hold> held = new ArrayList<>(0);
        for (int place = 0; place < placeCount; place++) {
            if (size(place) > 0) {
                int from = place * cards;
                piles.add(new Pile(places.at(place), Arrays.copyOfRange(state, from, from + size(place))));
            }
            addHolds(place, held);
        }
        return new Layout(piles, held, stowing.lying());
    }

    /** What is held, without the piles; nothing where there is no more than a bend. */
    public List<Hold> held() {
        if (holds.none()) {
            return List.of();
        }
        List<Hold> held = new ArrayList<>();
        for (int place = 0; place < placeCount; place++) {
            addHolds(place, held);
        }
        return held;
    }

    private void addHolds(int place, List<Hold> held) {
        if (holds.none() && !holds.bent(place)) {
            return;
        }
        for (int i = 0; i < Hold.Kind.count(); i++) {
            Hold.Kind kind = Hold.Kind.at(i);
            int depth = kind.ofCards() ? -1 : holds.depth(place, kind);
            if (depth >= 0) {
                held.add(new Hold(kind, places.at(place), depth));
            }
        }
        for (int position = 1; position <= size(place) && !holds.none(); position++) {
            int card = card(place, position);
            if (holds.sticksOut(card)) {
                Hold.Kind kind = outJogged(card) ? Hold.Kind.OUT_JOG : Hold.Kind.IN_JOG;
                held.add(new Hold(kind, places.at(place), position - 1));
            }
        }
    }

    // ---- primitives: cards ------------------------------------------------------------------------------------

    /** Puts a card on the bottom of a pile: how a set-up is laid. */
    public void lay(int place, int card, boolean faceUp) {
        state[place * cards + size(place)] = Slot.of(card, faceUp);
        state[sizeAt + place]++;
    }

    /** A step is done: what lies in the open is seen, and the performer feels what he holds. */
    public void endStep() {
        showing.lookAround();
        showing.feel();
    }

    /** Completes a cut: the top {@code depth} cards go to the bottom. */
    public void cut(int place, int depth) {
        holds.cut(place, depth);
        reorderings.cut(place * cards, size(place), depth);
    }

    /** Moves the block of {@code count} cards below {@code depth} of one pile into another, below its {@code into} cards. */
    public void transfer(int place, int depth, int count, int target, int into) {
        move(place, depth, count, target, into);
    }

    /** Moves one card, which the performer knows to be one: from below {@code depth} of a pile into another. */
    public void single(int place, int depth, int target, int into) {
        if (lived.follows() && showing.looks()) {
            // From which end it came is seen, as far as it is an end.
            lived.add(1 + (depth == 0 ? 1 : 0) + (depth == size(place) - 1 ? 2 : 0));
        }
        move(place, depth, 1, target, into);
    }

    /** Moves all cards of a pile into another, below its {@code into} cards. */
    public void gather(int place, int target, int into) {
        if (target != place) {
            move(place, 0, size(place), target, into);
        }
    }

    private void move(int place, int depth, int count, int target, int into) {
        order.disturbed(place);
        order.disturbed(target);
        holds.moves(place, depth, count, target, into);
        if (!props.things().isEmpty()) {
            stowed.follow(place, depth, count, target, into);
        }
        if (count == 1 && target != place && size(place) > 1) {
            // What lies alone goes back, and is not taken from anywhere.
            known.taken(card(place, depth + 1), depth + 1);
        }
        reorderings.move(
                place * cards,
                size(place),
                depth,
                count,
                target * cards,
                target == place ? size(place) - count : size(target),
                into);
        state[sizeAt + place] -= (byte) count;
        state[sizeAt + target] += (byte) count;
        if (size(place) == 0 && target != place) {
            // Whatever people took it for, they take the other one for so many more.
            state[excessAt + target] += state[excessAt + place];
            state[excessAt + place] = 0;
        }
    }

    /** Brings a role's card, wherever it lies, into a pile, below its {@code into} cards. */
    public void bring(int role, int target, int into) {
        int from = whereIs(cardOf(role));
        single(from, positionIn(from, cardOf(role)) - 1, target, into);
    }

    /** Deals cards singly from the top of one pile onto another, which reverses them. */
    public void deal(int place, int count, int target) {
        holds.mixed(place, 0, count);
        transfer(place, 0, count, target, 0);
        reorderings.reverse(target * cards, count);
        showing.comeUp(target, count);
        for (int position = count; position >= 1 && lived.follows(); position--) {
            showing.livesToSee(target, position);
        }
    }

    /** Lets the card at a position lie this way round, whichever way it lies; it is turned where it is. */
    public void lieFaceUp(int place, int position, boolean up) {
        int at = place * cards + position - 1;
        state[at] = Slot.of(Slot.card(state[at]), up);
    }

    /** Turns over one card where it is. */
    public void turnCard(int place, int position) {
        holds.mixed(place, position - 1, 1);
        reorderings.turn(place * cards + position - 1, 1);
    }

    /** Turns over the block from one position to another, both included: its order is reversed and its sides change. */
    public void turn(int place, int first, int last) {
        order.disturbed(place);
        holds.turned(place, first, last);
        reorderings.turn(place * cards + first - 1, last - first + 1);
    }

    /** Whether fingers hold nothing, nothing sticks out, and nothing can be told apart that was riffled. */
    public boolean holdsNothing() {
        return holds.none();
    }

    /** Notes what was done to a card that cannot be undone. */
    public void spoil(int card, Spoilt how) {
        state[doneAt + card] |= (byte) how.bit();
    }

    /** Whether that was done to any card. */
    public boolean anySpoilt() {
        for (int card = 0; card < cards; card++) {
            if (state[doneAt + card] != 0) {
                return true;
            }
        }
        return false;
    }

    public boolean spoilt(int card, Spoilt how) {
        return (state[doneAt + card] & how.bit()) != 0;
    }

    // ---- primitives: holds ------------------------------------------------------------------------------------

    /** Takes a hold; a finger that held something elsewhere lets that go. */
    public void hold(int place, Hold.Kind kind, int depth) {
        holds.take(place, kind, depth);
    }

    /** Takes the break of a pile for use: gives its depth and lets it go, without counting it as lost. */
    public int useBreak(int place) {
        return use(place, holds.lastFinger(place));
    }

    /** Takes any hold of a pile for use, as {@link #useBreak} does. */
    public int use(int place, Hold.Kind kind) {
        return holds.use(place, kind);
    }

    /** Takes a bend out of the cards of a pile. */
    public void straighten(int place) {
        holds.straighten(place);
    }

    /** Lets go of whatever is held in a pile. */
    public void letGo(int place) {
        holds.letGo(place);
    }

    // ---- primitives: roles, and what is known of them ---------------------------------------------------------

    /** Gives a role its card. Nobody knows it by that alone. */
    public void choose(int role, int card) {
        int others = lived.follows() && card >= 0 ? known.rolesOf(card) : 0;
        known.choose(role, card);
        order.chosen(role);
        lived.become(role, others);
    }

    /** A role has no card any more, and nobody knows anything of it: it is open to be chosen again. */
    public void forget(int role) {
        choose(role, -1);
    }

    /** A role's card is shown to all and named: from now on everybody knows its name. */
    public void everybodyLearns(int role) {
        for (int knower = 1; knower < Knower.MOST_PEOPLE; knower++) {
            known.learnName(knower, role);
        }
        showing.livesToSee(cardOf(role), true);
        knowsNames(showing.looks() ? 1 << role : 0);
    }

    /** The performer takes a card for the role's: it lies where the role's should. */
    public void takeFor(int role, int card) {
        known.takeFor(role, card);
    }

    /** Somebody else than the performer looks at a role's card and knows its name. */
    public void learnName(int knower, int role) {
        if (cardOf(role) >= 0 && showing.watched()) {
            showing.looksAt(knower, cardOf(role));
        }
        known.learnName(knower, role);
    }

    /** Whether a role's card is chosen and lies in this pile. */
    public boolean isIn(int place, int role) {
        return cardOf(role) >= 0 && find(place, cardOf(role)) > 0;
    }

    // ---- what was seen and is believed ----------------------------------------------------------------------------

    /** For how many cards people take a pile. */
    public int believed(int place) {
        return size(place) - state[excessAt + place];
    }

    /** People take a pile for so many cards, however many it has. */
    public void believe(int place, int cards) {
        state[excessAt + place] = (byte) (size(place) - cards);
    }
}
