package craftypocket.core.layout;

import java.util.List;

/**
 * All places that hold cards, with their piles and holds, at one moment. Immutable.
 *
 * @param piles the piles that are not empty, the deck first
 * @param holds what the hand keeps
 * @param things the things: those that lie in no other as the set-up lists them, then the others in the order in which they lie
 */
public record Layout(List<Pile> piles, List<Hold> holds, List<Lying> things) {

    public Layout {
        piles = List.copyOf(piles);
        holds = List.copyOf(holds);
        things = List.copyOf(things);
    }

    /** The pile at a place, or an empty one. */
    public Pile at(Place place) {
        for (Pile pile : piles) {
            if (pile.place().equals(place)) {
                return pile;
            }
        }
        return new Pile(place, new byte[0]);
    }
}
