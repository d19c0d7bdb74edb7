package craftypocket.core.layout;

import craftypocket.core.chance.Chance;
import craftypocket.core.chance.ShuffleLaw;

/** Every way to bring cards of a surface into another order: in chunks, card by card, or by chance. */
public final class Shuffles {

    private final Hands hands;
    private final byte[] state;
    private final int cards;
    private final Reorderings reorderings;
    private final Holds holds;
    private final KeptOrder order;
    private final Showing showing;
    /** A pile as it lay before it was shuffled. */
    private final byte[] shuffled;

    private Mixer mixer;

    Shuffles(
            Hands hands,
            byte[] state,
            int cards,
            Reorderings reorderings,
            Holds holds,
            KeptOrder order,
            Showing showing) {
        this.hands = hands;
        this.state = state;
        this.cards = cards;
        this.reorderings = reorderings;
        this.holds = holds;
        this.order = order;
        this.showing = showing;
        shuffled = new byte[cards];
    }

    /** Who stands in for what would be shuffled by chance or roughly, or null. */
    public void mixedBy(Mixer newMixer) {
        mixer = newMixer;
    }

    /**
     * Shuffles the cards below {@code depth} overhand: chunks are taken from the top of that block and land one on
     * another, each with its order kept. The chunks must add up to {@code count} at most.
     *
     * @param chunks the sizes; cards that they leave over land last, as one
     */
    public void overhand(int place, int depth, int count, int[] chunks) {
        order.disturbed(place);
        holds.mixed(place, depth, count);
        showing.pulled(place, depth, count, chunks);
        reorderings.overhand(place * cards + depth, count, chunks);
    }

    /**
     * Pushes blocks from one hand into the other, which turns over between them: every second one comes to lie turned over above
     * the others.
     *
     * @param roughly whether nobody states their sizes
     */
    public void messily(int place, int[] blocks, boolean roughly) {
        int depth = 0;
        int count = 0;
        for (int block : blocks) {
            count += block;
        }
        order.disturbed(place);
        if (roughly && mixer != null && mixer.mixes(place, 0, count, null, 1)) {
            return;
        }
        for (int i = 0; i < blocks.length; i++) {
            if (i % 2 == 1 && blocks[i] > 0) {
                hands.turn(place, depth + 1, depth + blocks[i]);
                hands.transfer(place, depth, blocks[i], place, 0);
            }
            depth += blocks[i];
        }
    }

    /** Shuffles overhand in chunks whose sizes nobody states. */
    public void overhandRoughly(int place, int depth, int count, int[] chunks) {
        order.disturbed(place);
        holds.mixed(place, depth, count);
        if (mixer != null && mixer.mixes(place, depth, count, null, 1)) {
            return;
        }
        showing.pulled(place, depth, count, chunks);
        reorderings.overhand(place * cards + depth, count, chunks);
    }

    /**
     * Interlaces two packets of what lies below some cards, card by card from the top; what one has more lies below.
     *
     * @param depth how many cards stay on top
     * @param cut how many cards the upper packet has
     * @param in whether the lower half's first card comes out on top; otherwise the top card stays there
     */
    public void weave(int place, int depth, int cut, boolean in) {
        order.disturbed(place);
        holds.mixed(place, depth, hands.size(place) - depth);
        reorderings.weave(place * cards + depth, hands.size(place) - depth, cut, in);
    }

    /** Riffles so often: the halves fall into each other, every cut as likely as a coin tossed for each card makes it. */
    public void riffle(int place, int times, Chance draws) {
        holds.mixed(place, 0, hands.size(place));
        mix(ShuffleLaw.Kind.RIFFLE, place, 0, hands.size(place), 0, times, draws);
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
        holds.mixed(place, depth, count);
        mix(ShuffleLaw.Kind.CUT_RIFFLE, place, depth, count, cut, 1, draws);
    }

    /** The same with the whole pile, which is not squared yet: cards of the upper packet can be told from the others. */
    public void interlace(int place, int cut, Chance draws) {
        holds.mixed(place, 0, hands.size(place));
        for (int position = 1; position <= cut; position++) {
            holds.ofUpper(hands.card(place, position));
        }
        mix(ShuffleLaw.Kind.CUT_RIFFLE, place, 0, hands.size(place), cut, 1, draws);
        holds.take(place, Hold.Kind.STEP, 0);
    }

    /** Shuffles a pile so often overhand, in so many chunks: their boundaries are any of the gaps between cards, equally likely. */
    public void overhandByChance(int place, int chunks, int times, Chance draws) {
        holds.mixed(place, 0, hands.size(place));
        mix(ShuffleLaw.Kind.OVERHAND, place, 0, hands.size(place), chunks, times, draws);
    }

    private void overhandByChance(int place, int chunks, Chance draws) {
        System.arraycopy(state, place * cards, shuffled, 0, hands.size(place));
        reorderings.overhandByChance(place * cards, hands.size(place), chunks, draws);
        for (int position = 1; showing.watched() && position <= hands.size(place); position++) {
            // The first card of each chunk lay uppermost as it was pulled off.
            int was = 0;
            while (shuffled[was] != hands.slot(place, position)) {
                was++;
            }
            if (position == 1 || was == 0 || shuffled[was - 1] != hands.slot(place, position - 1)) {
                showing.comesUp(place, position);
            }
        }
    }

    /** Brings a pile into any order, all equally likely; which side is up stays as it is with each card. */
    public void wash(int place, Chance draws) {
        holds.mixed(place, 0, hands.size(place));
        showing.comeUp(place, hands.size(place));
        mix(ShuffleLaw.Kind.WASH, place, 0, hands.size(place), 0, 1, draws);
    }

    private void mix(ShuffleLaw.Kind kind, int place, int depth, int count, int part, int times, Chance draws) {
        order.disturbed(place);
        boolean done = mixer != null && mixer.mixes(place, depth, count, new ShuffleLaw(kind, count, part), times);
        for (int time = 0; time < times && !done; time++) {
            fall(kind, place, depth, count, part, draws);
        }
    }

    /** Lets the cards below a depth fall as a move that shuffles them would, and does nothing else. */
    public void fall(int place, int depth, ShuffleLaw law, int times, Chance draws) {
        for (int time = 0; time < times; time++) {
            fall(law.kind(), place, depth, law.cards(), law.part(), draws);
        }
    }

    private void fall(ShuffleLaw.Kind kind, int place, int depth, int count, int part, Chance draws) {
        int from = place * cards + depth;
        switch (kind) {
            case RIFFLE -> reorderings.riffle(from, count, draws);
            case CUT_RIFFLE -> reorderings.riffleAt(from, count, part, draws);
            case OVERHAND -> overhandByChance(place, part, draws);
            case WASH -> reorderings.wash(from, count, draws);
        }
    }
}
