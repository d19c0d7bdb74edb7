package craftypocket.core.layout;

/**
 * What is asked of the cards of an order: how many of them lie below the key, going on from the top after the bottom, before theirs.
 *
 * @param key the role of the key
 * @param slug the role of the order
 * @param wanted the role of their card
 * @param most with so many of them or more it is not counted on
 */
public record Order(int key, int slug, int wanted, int most) {

    /** All cards of an order are asked for: that is more than can be told by how many come between. */
    static Order whole(int slug) {
        return new Order(-1, slug, -1, 0);
    }

    /** Whether it asks for no more than how many come between. */
    public boolean tells() {
        return key >= 0;
    }

    /** The same, counted as far as both are; nothing other than this can be told by it. */
    public Order and(Order other) {
        return new Order(key, slug, wanted, Math.max(most, other.most));
    }

    /** Whether it is of the same cards. */
    public boolean sameCards(Order other) {
        return key == other.key && slug == other.slug && wanted == other.wanted;
    }
}
