package craftypocket.core.routine;

import java.util.List;

/**
 * The deck before the first step: the pack in its own order, but for the cards that are placed.
 *
 * @param pack {@code 52}, {@code 54} with two jokers, or {@code 3} to {@code 51} for a packet
 * @param placements the cards that lie at a certain place
 */
public record SetUp(String pack, List<Placement> placements) {

    public SetUp {
        placements = List.copyOf(placements);
    }
}
