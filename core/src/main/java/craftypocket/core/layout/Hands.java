package craftypocket.core.layout;

import craftypocket.core.cards.Mark;
import craftypocket.core.cards.Side;
import craftypocket.core.chance.Chance;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.VarHandle;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The one mutable surface on which moves act: all piles, holds, roles and what is known of them.
 *
 * <p>Positions count from 1, the top card; a <em>depth</em> is a number of cards above a gap. Every primitive that
 * changes a pile loses the holds in it, but for bends; a move that means to keep one takes it first with
 * {@link #useBreak} and holds it anew afterwards. The convention for every reordering is
 * {@code after[i] == before[source[i]]}, the top being index 0.
 */
public final class Hands {

    /*
     * Everything lives in one byte array, so that a survey goes back to an earlier moment with a single array copy and
     * without allocating. The sections, in order: slots (places x cards), pile sizes (one a place), holds (depth + 1 for
     * each place and kind, 0 when not held), role cards (card + 1, 0 when not yet chosen), who knows the role's name
     * (bits), how well the performer knows the role's place.
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
    private final int sizeAt;
    private final int holdAt;
    private final int roleAt;
    private final int nameAt;
    private final int placeAt;
    private final byte[] state;
    private final byte[] scratch;
    private Watcher watcher;

    /**
     * An empty surface.
     *
     * @param kit the cards
     * @param places the places, all known beforehand
     * @param roles how many roles are followed
     */
    public Hands(Kit kit, Places places, int roles) {
        this.kit = kit;
        this.places = places;
        this.cards = kit.cards();
        this.placeCount = places.count();
        this.roles = roles;
        sizeAt = placeCount * cards;
        holdAt = sizeAt + placeCount;
        roleAt = holdAt + placeCount * Hold.Kind.count();
        nameAt = roleAt + roles;
        placeAt = nameAt + roles;
        // Looking for a card reads eight bytes at once, and so up to seven past the last slot.
        state = new byte[placeAt + roles + Long.BYTES];
        scratch = new byte[cards];
    }

    /** A surface of the same shape, with nothing on it yet. */
    public Hands another() {
        return new Hands(kit, places, roles);
    }

    /** Makes this surface like another of the same shape. The watcher stays. */
    public void copyFrom(Hands other) {
        System.arraycopy(other.state, 0, state, 0, state.length);
    }

    /** A number that tells surfaces apart: the same for the same piles, holds, roles and knowledge. */
    public long fingerprint() {
        long hash = 1125899906842597L;
        for (int place = 0; place < placeCount; place++) {
            for (int i = 0; i < size(place); i++) {
                hash = 31 * hash + state[place * cards + i];
            }
            hash = 31 * hash + 257;
        }
        for (int i = sizeAt; i < state.length; i++) {
            hash = 31 * hash + state[i];
        }
        return hash;
    }

    /** Who is told of displays and lost holds, or null. */
    public void watchedBy(Watcher newWatcher) {
        watcher = newWatcher;
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
        for (int place = 0; place < placeCount; place++) {
            if (positionIn(place, card) > 0) {
                return place;
            }
        }
        return -1;
    }

    /** How many {@linkplain #spotOf spots} there are. */
    public int spots() {
        return placeCount * (cards + 1);
    }

    /** Place and position of a role's card as one number, {@code place * (cards + 1) + position}; -1 without a card. */
    public int spotOf(int role) {
        int card = cardOf(role);
        for (int place = 0; place < placeCount && card >= 0; place++) {
            int position = positionIn(place, card);
            if (position > 0) {
                return place * (cards + 1) + position;
            }
        }
        return -1;
    }

    /** The card of a role, or -1 while it is not chosen. */
    public int cardOf(int role) {
        return state[roleAt + role] - 1;
    }

    /** The depth of a hold, or -1 when it is not held. */
    public int depthOf(int place, Hold.Kind kind) {
        return state[holdIndex(place, kind)] - 1;
    }

    public boolean knowsName(int knower, int role) {
        return (state[nameAt + role] & (1 << knower)) != 0;
    }

    public PlaceKnowledge placeKnown(int role) {
        return PlaceKnowledge.at(state[placeAt + role]);
    }

    /** The front of a card. */
    public Side front(int card) {
        return kit.pack().card(card).front();
    }

    public boolean marked(int card, Mark mark) {
        return kit.marked(card, mark);
    }

    /** Whether fingers find the card without looking. */
    public boolean felt(int card) {
        return kit.felt(card);
    }

    /** The cards of a slug in their order; empty for a role of one card. Not to be changed. */
    public int[] slug(int role) {
        return kit.slugs()[role];
    }

    /** The draws that belong to a shuffle's number. Started anew at each call. */
    public Chance chance(int number) {
        return chance.from(number);
    }

    /** An immutable picture of the piles and holds. */
    public Layout layout() {
        List<Pile> piles = new ArrayList<>();
        List<Hold> holds = new ArrayList<>();
        for (int place = 0; place < placeCount; place++) {
            if (size(place) > 0) {
                int from = place * cards;
                piles.add(new Pile(places.at(place), Arrays.copyOfRange(state, from, from + size(place))));
            }
            for (int kind = 0; kind < Hold.Kind.count(); kind++) {
                int depth = depthOf(place, Hold.Kind.at(kind));
                if (depth >= 0) {
                    holds.add(new Hold(Hold.Kind.at(kind), places.at(place), depth));
                }
            }
        }
        return new Layout(piles, holds);
    }

    // ---- primitives: cards ------------------------------------------------------------------------------------

    /** Puts a card on the bottom of a pile: how a set-up is laid. */
    public void lay(int place, int card, boolean faceUp) {
        state[place * cards + size(place)] = Slot.of(card, faceUp);
        state[sizeAt + place]++;
    }

    /** Completes a cut: the top {@code depth} cards go to the bottom. */
    public void cut(int place, int depth) {
        int from = place * cards;
        int size = size(place);
        System.arraycopy(state, from, scratch, 0, depth);
        System.arraycopy(state, from + depth, state, from, size - depth);
        System.arraycopy(scratch, 0, state, from + size - depth, depth);
        loseHolds(place);
    }

    /** Moves the block of {@code count} cards below {@code depth} of one pile into another, below its {@code into} cards. */
    public void transfer(int place, int depth, int count, int target, int into) {
        int from = place * cards;
        System.arraycopy(state, from + depth, scratch, 0, count);
        System.arraycopy(state, from + depth + count, state, from + depth, size(place) - depth - count);
        state[sizeAt + place] -= (byte) count;
        int to = target * cards;
        System.arraycopy(state, to + into, state, to + into + count, size(target) - into);
        System.arraycopy(scratch, 0, state, to + into, count);
        state[sizeAt + target] += (byte) count;
        loseHolds(place);
        if (target != place) {
            loseHolds(target);
        }
    }

    /** Brings a role's card, wherever it lies, into a pile, below its {@code into} cards. */
    public void bring(int role, int target, int into) {
        int from = placeOf(cardOf(role));
        transfer(from, positionIn(from, cardOf(role)) - 1, 1, target, into);
    }

    /** Deals cards singly from the top of one pile onto another, which reverses them. */
    public void deal(int place, int count, int target, boolean turning) {
        transfer(place, 0, count, target, 0);
        int low = target * cards;
        int high = low + count - 1;
        while (low < high) {
            byte first = state[low];
            state[low++] = state[high];
            state[high--] = first;
        }
        if (turning) {
            for (int i = target * cards; i < target * cards + count; i++) {
                state[i] = Slot.turned(state[i]);
            }
        }
    }

    /** Turns over the block from one position to another, both included: its order is reversed and its sides change. */
    public void turn(int place, int first, int last) {
        int low = place * cards + first - 1;
        int high = place * cards + last - 1;
        while (low < high) {
            byte upper = state[low];
            state[low++] = Slot.turned(state[high]);
            state[high--] = Slot.turned(upper);
        }
        if (low == high) {
            state[low] = Slot.turned(state[low]);
        }
        loseHolds(place);
    }

    /**
     * Shuffles the cards below {@code depth} overhand: chunks are taken from the top of that block and land one on
     * another, each with its order kept. The chunks must add up to {@code count} at most.
     *
     * @param chunks the sizes; cards that they leave over land last, as one
     */
    public void overhand(int place, int depth, int count, int[] chunks) {
        int from = place * cards + depth;
        System.arraycopy(state, from, scratch, 0, count);
        int taken = 0;
        for (int chunk : chunks) {
            System.arraycopy(scratch, taken, state, from + count - taken - chunk, chunk);
            taken += chunk;
        }
        System.arraycopy(scratch, taken, state, from, count - taken);
        loseHolds(place);
    }

    /**
     * Interlaces the two halves of a pile of even size card by card.
     *
     * @param in whether the lower half's first card comes out on top; otherwise the top card stays there
     */
    public void weave(int place, boolean in) {
        int from = place * cards;
        int half = size(place) / 2;
        System.arraycopy(state, from, scratch, 0, 2 * half);
        for (int i = 0; i < half; i++) {
            state[from + 2 * i + (in ? 1 : 0)] = scratch[i];
            state[from + 2 * i + (in ? 0 : 1)] = scratch[half + i];
        }
        loseHolds(place);
    }

    /**
     * Riffles once: the halves fall into each other. Each bit of chance lets the next card, from the top, come from the
     * one packet or from the other; the number of ones is then the binomial cut, and every interleaving is equally likely.
     */
    public void riffle(int place, Chance draws) {
        int from = place * cards;
        int size = size(place);
        long low = draws.bits();
        long high = size > Long.SIZE ? draws.bits() : 0;
        int upper = Long.bitCount(size >= Long.SIZE ? low : low & ((1L << size) - 1))
                + (size > Long.SIZE ? Long.bitCount(high & ((1L << (size - Long.SIZE)) - 1)) : 0);
        System.arraycopy(state, from, scratch, 0, size);
        int lower = upper;
        int taken = 0;
        for (int i = 0; i < size; i++) {
            // Bits are spent without a branch: whichever packet gives the card moves on by one.
            int bit = (int) (i < Long.SIZE ? low >>> i : high >>> (i - Long.SIZE)) & 1;
            state[from + i] = scratch[lower + ((taken - lower) & -bit)];
            taken += bit;
            lower += 1 - bit;
        }
        loseHolds(place);
    }

    /**
     * Riffles the block between two depths with its cut at a given place: every interleaving of the two packets is
     * equally likely.
     *
     * @param depth how many cards lie above the block
     * @param count how many cards it has
     * @param cut how many of them are the upper packet
     */
    public void riffleAt(int place, int depth, int count, int cut, Chance draws) {
        int from = place * cards + depth;
        System.arraycopy(state, from, scratch, 0, count);
        int upper = 0;
        int lower = cut;
        for (int i = 0; i < count; i++) {
            boolean fromUpper = draws.below(count - i) < cut - upper;
            state[from + i] = scratch[fromUpper ? upper++ : lower++];
        }
        loseHolds(place);
    }

    /** Shuffles a pile overhand in so many chunks: their boundaries are any of the gaps between cards, equally likely. */
    public void overhandByChance(int place, int chunks, Chance draws) {
        int from = place * cards;
        int size = size(place);
        System.arraycopy(state, from, scratch, 0, size);
        int gapsWanted = chunks - 1;
        int chunkStart = 0;
        for (int gap = 1; gap <= size; gap++) {
            boolean ends = gap == size;
            if (!ends && gapsWanted > 0 && draws.below(size - gap) < gapsWanted) {
                gapsWanted--;
                ends = true;
            }
            if (ends) {
                System.arraycopy(scratch, chunkStart, state, from + size - gap, gap - chunkStart);
                chunkStart = gap;
            }
        }
        loseHolds(place);
    }

    /** Brings a pile into any order, all equally likely; which side is up stays as it is with each card. */
    public void wash(int place, Chance draws) {
        int from = place * cards;
        for (int i = size(place) - 1; i > 0; i--) {
            int other = draws.below(i + 1);
            byte slot = state[from + i];
            state[from + i] = state[from + other];
            state[from + other] = slot;
        }
        loseHolds(place);
    }

    // ---- primitives: holds ------------------------------------------------------------------------------------

    public void hold(int place, Hold.Kind kind, int depth) {
        state[holdIndex(place, kind)] = (byte) (depth + 1);
    }

    /** Takes the break of a pile for use: gives its depth and lets it go, without counting it as lost. */
    public int useBreak(int place) {
        return use(place, Hold.Kind.BREAK);
    }

    /** Takes any hold of a pile for use, as {@link #useBreak} does. */
    public int use(int place, Hold.Kind kind) {
        int depth = depthOf(place, kind);
        state[holdIndex(place, kind)] = 0;
        return depth;
    }

    private void loseHolds(int place) {
        for (int kind = 0; kind < Hold.Kind.count(); kind++) {
            int index = holdAt + place * Hold.Kind.count() + kind;
            if (state[index] != 0 && kind != Hold.Kind.BEND.ordinal()) {
                if (watcher != null) {
                    watcher.lost(new Hold(Hold.Kind.at(kind), places.at(place), state[index] - 1));
                }
                state[index] = 0;
            }
        }
    }

    private int holdIndex(int place, Hold.Kind kind) {
        return holdAt + place * Hold.Kind.count() + kind.ordinal();
    }

    // ---- primitives: roles, and what is known of them ---------------------------------------------------------

    /** Gives a role its card. Nobody knows it by that alone. */
    public void choose(int role, int card) {
        state[roleAt + role] = (byte) (card + 1);
        state[nameAt + role] = 0;
        state[placeAt + role] = 0;
    }

    /** A role has no card any more, and nobody knows anything of it: it is open to be chosen again. */
    public void forget(int role) {
        choose(role, -1);
    }

    public void learnName(int knower, int role) {
        state[nameAt + role] |= (byte) (1 << knower);
    }

    public void knowPlace(int role, PlaceKnowledge knowledge) {
        state[placeAt + role] = (byte) knowledge.ordinal();
    }

    /** Somebody else cut this pile: what the performer knew exactly in it is now known only in the circle. */
    public void blurPlaces(int place) {
        for (int role = 0; role < roles; role++) {
            if (placeKnown(role) == PlaceKnowledge.EXACT && isIn(place, role)) {
                knowPlace(role, PlaceKnowledge.IN_THE_CIRCLE);
            }
        }
    }

    /** Nobody can tell any more where the cards of this pile lie. */
    public void losePlaces(int place) {
        for (int role = 0; role < roles; role++) {
            if (isIn(place, role)) {
                knowPlace(role, PlaceKnowledge.LOST);
            }
        }
    }

    /** A named card of this pile was seen at its place: all that was known in the circle is known exactly again. */
    public void sharpenPlaces(int place) {
        for (int role = 0; role < roles; role++) {
            if (placeKnown(role) == PlaceKnowledge.IN_THE_CIRCLE && isIn(place, role)) {
                knowPlace(role, PlaceKnowledge.EXACT);
            }
        }
    }

    /** Whether a role's card is chosen and lies in this pile. */
    public boolean isIn(int place, int role) {
        return cardOf(role) >= 0 && positionIn(place, cardOf(role)) > 0;
    }

    // ---- showing ----------------------------------------------------------------------------------------------

    /** The performer alone sees the front of a card and {@linkplain #recognise recognises} it. */
    public void glimpse(int place, int position) {
        seen(place, position, true);
        tell(card(place, position), true, true);
    }

    /** Everybody sees the side that lies uppermost, the performer too. */
    public void showTop(int place, int position) {
        seen(place, position, faceUp(place, position));
        tell(card(place, position), faceUp(place, position), false);
    }

    /** Everybody sees the uppermost sides of the top cards, from the lowest of them to the top one, as in a deal. */
    public void showDealt(int place, int count) {
        for (int role = 0; role < roles; role++) {
            int position = cardOf(role) < 0 ? 0 : positionIn(place, cardOf(role));
            if (position >= 1 && position <= count) {
                seen(place, position, faceUp(place, position));
            }
        }
        if (watcher != null) {
            for (int position = count; position >= 1; position--) {
                tell(card(place, position), faceUp(place, position), false);
            }
        }
    }

    /** Everybody sees the side that lies undermost, as when a packet is tipped up to show its face. */
    public void showUnder(int place, int position) {
        seen(place, position, !faceUp(place, position));
        tell(card(place, position), !faceUp(place, position), false);
    }

    /** What was shown since the step began passes for a number of cards, whatever their real number is. */
    public void passesFor(int place, int really, int seeming) {
        if (watcher != null) {
            watcher.passes(places.at(place), really, seeming);
        }
    }

    private void seen(int place, int position, boolean front) {
        if (kit.tells(card(place, position), front)) {
            recognise(place, position);
        }
    }

    /**
     * What seeing a front teaches the performer. A card whose name is known has its place found again, and with it the
     * place of all that is known in the circle with it; a card whose place is known gets its name learnt.
     */
    private void recognise(int place, int position) {
        int card = card(place, position);
        for (int role = 0; role < roles; role++) {
            if (cardOf(role) == card
                    && (knowsName(Knower.PERFORMER, role) || placeKnown(role) != PlaceKnowledge.LOST)) {
                learnName(Knower.PERFORMER, role);
                knowPlace(role, PlaceKnowledge.EXACT);
                sharpenPlaces(place);
            }
        }
    }

    private void tell(int card, boolean front, boolean onlyPerformer) {
        if (watcher != null) {
            watcher.shown(card, front, onlyPerformer);
        }
    }
}
