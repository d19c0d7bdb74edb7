package craftypocket.core.layout;

import java.util.List;

/**
 * All places that hold cards, with their piles and holds, at one moment. Immutable.
 *
 * @param piles the piles that are not empty, the deck first
 * @param holds what the hand keeps
 */
public record Layout(List<Pile> piles, List<Hold> holds) {

    public Layout {
        piles = List.copyOf(piles);
        holds = List.copyOf(holds);
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
