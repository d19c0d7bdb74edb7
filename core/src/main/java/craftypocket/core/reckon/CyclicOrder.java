package craftypocket.core.reckon;

/** A complete cut turns the order of a pile like a ring: neighbours stay neighbours, only the beginning moves. */
public final class CyclicOrder {

    private CyclicOrder() {}

    /**
     * How many cards must be cut off for a card to lie elsewhere.
     *
     * @return from 0, no cut, to {@code cards} − 1
     */
    public static int depth(int cards, int from, int to) {
        return Math.floorMod(from - to, cards);
    }
}
