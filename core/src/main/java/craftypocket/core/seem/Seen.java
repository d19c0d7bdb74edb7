package craftypocket.core.seem;

import craftypocket.core.cards.Side;
import craftypocket.core.layout.Place;
import java.util.List;
import java.util.Optional;

/**
 * The deck in people’s heads after a step, and what surprised them in it.
 *
 * @param piles as they think they lie
 * @param loose the faces that lie somewhere in piles
 * @param spots where they think that the card of each role lies, if they know
 * @param parts the places at which cards lie otherwise than they think
 * @param effects what surprises, as it should
 * @param flaws what surprises, and should not
 * @param told the step as somebody tells it who was there; empty when there was nothing to be seen
 * @param thinks what they think now, in a sentence; empty when it is what they thought before
 */
public record Seen(
        List<ThoughtPile> piles,
        List<Loose> loose,
        List<Optional<Spot>> spots,
        List<Spot> parts,
        List<Wonder> effects,
        List<Wonder> flaws,
        List<String> told,
        String thinks) {

    /** A pile, top first. */
    public record ThoughtPile(Place place, List<ThoughtCard> cards) {

        public ThoughtPile {
            cards = List.copyOf(cards);
        }
    }

    /**
     * A card as they think of it.
     *
     * @param number by which it is followed from moment to moment; it says nothing of its face
     * @param face what they take it for; nothing where they never saw it
     * @param faceUp whether they think that it lies face up
     */
    public record ThoughtCard(int number, Optional<Side> face, boolean faceUp) {}

    /**
     * A face whose place they do not know.
     *
     * @param places the piles in which it can be; none when they lost sight of it
     */
    public record Loose(Side face, List<Place> places) {

        public Loose {
            places = List.copyOf(places);
        }
    }

    /** A card of a pile, by its position from the top. */
    public record Spot(Place place, int position) {}

    public Seen {
        spots = List.copyOf(spots);
        parts = List.copyOf(parts);
        piles = List.copyOf(piles);
        loose = List.copyOf(loose);
        effects = List.copyOf(effects);
        flaws = List.copyOf(flaws);
        told = List.copyOf(told);
    }
}
