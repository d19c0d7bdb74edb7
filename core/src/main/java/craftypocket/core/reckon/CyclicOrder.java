package craftypocket.core.reckon;

/** A complete cut turns the order of a pile like a ring: neighbours stay neighbours, only the beginning moves. */
public final class CyclicOrder {

    private CyclicOrder() {}

    /**
     * Where a card lies after a complete cut.
     *
     * @param cards how many cards the pile has
     * @param position of the card before, from 1, the top
     * @param depth how many cards are cut off the top, from 0 to {@code cards}
     */
    public static int after(int cards, int position, int depth) {
        return Math.floorMod(position - 1 - depth, cards) + 1;
    }

    /**
     * How many cards must be cut off for a card to lie elsewhere.
     *
     * @return from 0, no cut, to {@code cards} − 1
     */
    public static int depth(int cards, int from, int to) {
        return Math.floorMod(from - to, cards);
    }
}
