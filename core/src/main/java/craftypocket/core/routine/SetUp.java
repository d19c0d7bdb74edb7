package craftypocket.core.routine;

import java.util.List;

/**
 * What lies where before the first step.
 *
 * @param pack {@code 52}, {@code 54} with two jokers, {@code 3} to {@code 51} for a short pack, or {@code none} when there
 *     are only the extra cards
 * @param extra cards beside the pack, as {@link craftypocket.core.cards.CardText#split} takes them apart: special cards,
 *     or second copies
 * @param order the deck's cards from the top; those that are not named follow in the pack's order. An arrow after a card,
 *     {@code QC↑} or {@code QC^}, lays it face up
 * @param piles cards that lie elsewhere
 * @param placements cards of the deck that lie at a certain place
 * @param markings cards that are marked
 * @param bend whether the deck is bent, so that it opens by itself where halves lie back to back
 */
public record SetUp(
        String pack,
        String extra,
        String order,
        List<LaidPile> piles,
        List<Placement> placements,
        List<Marking> markings,
        boolean bend) {

    /** Only the extra cards. */
    public static final String NO_PACK = "none";

    /** More special cards than this are no set-up that anybody carries. */
    public static final int MOST_EXTRA = 24;

    public SetUp {
        piles = List.copyOf(piles);
        placements = List.copyOf(placements);
        markings = List.copyOf(markings);
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
     * A marked card.
     *
     * @param card its code
     * @param mark the name of a {@link craftypocket.core.cards.Mark} in lower case
     */
    public record Marking(String card, String mark) {}
}
