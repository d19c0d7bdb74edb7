package craftypocket.core.routine;

import java.util.List;

/**
 * What lies where before the first step.
 *
 * @param pack {@code 52}, {@code 54} with two jokers, {@code 3} to {@code 51} for a short pack, or {@code none} when there
 *     are only the extra cards
 * @param extra cards beside the pack, as {@link craftypocket.core.cards.CardText#split} takes them apart: special cards,
 *     or second copies
 * @param order the deck's cards from the top; those that are not named lie below them. An arrow after a card, {@code QC↑} or
 *     {@code QC^}, lays it face up
 * @param piles cards that lie elsewhere
 * @param placements cards of the deck that lie at a certain place
 * @param markings cards that are marked
 * @param bend whether the deck is bent, so that it opens by itself where halves lie back to back
 * @param cardSize {@code poker}, {@code bridge}, or empty while nobody said
 * @param things what is used beside the cards
 * @param newDeckOrder whether the cards of a pack that lie nowhere else follow in the pack's order; otherwise in any order, each
 *     as likely as the others. Without a pack the {@code extra} cards lie as they are listed
 */
public record SetUp(
        String pack,
        String extra,
        String order,
        List<LaidPile> piles,
        List<Placement> placements,
        List<Marking> markings,
        boolean bend,
        String cardSize,
        List<LaidThing> things,
        boolean newDeckOrder) {

    /** Only the extra cards. */
    public static final String NO_PACK = "none";

    /** More special cards than this are no set-up that anybody carries. */
    public static final int MOST_EXTRA = 24;

    public SetUp {
        piles = List.copyOf(piles);
        placements = List.copyOf(placements);
        markings = List.copyOf(markings);
        things = List.copyOf(things);
    }

    /** Cards alone, of a size that nobody said. */
    public SetUp(
            String pack,
            String extra,
            String order,
            List<LaidPile> piles,
            List<Placement> placements,
            List<Marking> markings,
            boolean bend) {
        this(pack, extra, order, piles, placements, markings, bend, "", List.of(), false);
    }

    /** The same cards, lying otherwise. */
    public SetUp laid(String newOrder, List<Placement> newPlacements) {
        return new SetUp(pack, extra, newOrder, piles, newPlacements, markings, bend, cardSize, things, newDeckOrder);
    }

    /** The same cards, with other piles. */
    public SetUp withPiles(List<LaidPile> newPiles) {
        return new SetUp(pack, extra, order, newPiles, placements, markings, bend, cardSize, things, newDeckOrder);
    }

    /** The same with other things. */
    public SetUp with(String newCardSize, List<LaidThing> newThings) {
        return new SetUp(pack, extra, order, piles, placements, markings, bend, newCardSize, newThings, newDeckOrder);
    }

    /** The same, the cards that nothing is said of being in the pack's order. */
    public SetUp inNewDeckOrder() {
        return new SetUp(pack, extra, order, piles, placements, markings, bend, cardSize, things, true);
    }

    /** A plain pack with some cards at certain places. */
    public static SetUp of(String pack, List<Placement> placements) {
        return new SetUp(pack, "", "", List.of(), placements, List.of(), false);
    }

    /**
     * Cards that lie apart from the deck.
     *
     * @param place where, such as {@code table:left}
     * @param cards from the top, written as an order
     */
    public record LaidPile(String place, String cards) {}

    /**
     * A thing and where it lies.
     *
     * @param name what it is called, such as {@code envelope}
     * @param place where, such as {@code pocket:inside}, {@code spectator:Ines} or, in another thing, {@code in:wallet}
     * @param above how many cards of that place lie above it, when it lies in another thing
     * @param slots the names of its parts, with commas between; empty for a plain inside
     * @param wide the inside across its mouth in millimetres; 0 while nobody measured it
     * @param high the inside from the mouth to its end in millimetres; 0 while nobody measured it
     * @param mouth the name of a {@link Mouth} in lower case
     * @param handOut whether people may hold it
     * @param written the card whose name is written on it; may be empty
     */
    public record LaidThing(
            String name,
            String place,
            int above,
            String slots,
            double wide,
            double high,
            String mouth,
            boolean handOut,
            String written) {}

    /** How a thing opens. */
    public enum Mouth {
        /** Nothing goes into it: a slip of paper, a note, a photograph. */
        NONE,
        /** It stays open, and what is too long sticks out. */
        OPEN,
        /** It has a flap, which is open. */
        FLAP,
        /** It has a flap, which is closed. */
        CLOSED
    }

    /** The largest inside that can be carried, in millimetres. */
    public static final int MOST_MILLIMETRES = 1000;

    /** More parts than this no wallet has. */
    public static final int MOST_SLOTS = 8;

    /**
     * A marked card.
     *
     * @param card its code
     * @param mark the name of a {@link craftypocket.core.cards.Mark} in lower case
     */
    public record Marking(String card, String mark) {}
}
