package craftypocket.core.seem;

import craftypocket.core.cards.Pack;
import craftypocket.core.cards.Side;
import craftypocket.core.layout.Place;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The deck in people’s heads: piles of cards of which they know a face, or none, and the faces that they know to lie somewhere in a
 * pile. Faces are numbered; cards that look alike have one face.
 */
final class Thought {

    /** A card as they think of it. */
    static final class Card {
        final int id;
        int face = NONE;
        boolean up;
        /** Whether it came out of a place of which they knew nothing. */
        boolean fromNowhere;

        private Seen.ThoughtCard told;

        Card(int id, boolean up) {
            this.id = id;
            this.up = up;
        }
    }

    static final int NONE = -1;

    private final Map<Place, List<Card>> piles = new LinkedHashMap<>();
    /** The places in which a face can be whose place nobody knows; none where it was lost sight of. */
    private final Map<Integer, Set<Place>> loose = new LinkedHashMap<>();

    /** The piles of which they do not know how many cards there are: some were lifted off, or put on, together. */
    private final Set<Place> vague = new LinkedHashSet<>();

    /** All sides of the pack that are no backs. */
    private final List<Side> sides = new ArrayList<>();

    private final Map<Side, Integer> copies = new HashMap<>();
    /** By card, the faces of its front and its back. */
    private final int[] faces;

    private int made;

    Thought(Pack pack) {
        for (int card = 0; card < pack.size(); card++) {
            for (Side side : List.of(pack.card(card).front(), pack.card(card).back())) {
                if (!side.isBack() && copies.merge(side, 1, Integer::sum) == 1) {
                    sides.add(side);
                }
            }
        }
        faces = new int[2 * pack.size()];
        for (int i = 0; i < faces.length; i++) {
            faces[i] = sides.indexOf(pack.card(i / 2).side(i % 2 == 0));
        }
    }

    /** The face that a side of a card shows, or {@link #NONE} for a back. */
    int faceOf(int card, boolean front) {
        return faces[2 * card + (front ? 0 : 1)];
    }

    Side side(int face) {
        return sides.get(face);
    }

    /** A card as it is told of; the same until they think otherwise of it. */
    Seen.ThoughtCard told(Card card) {
        Optional<Side> face = card.face == NONE ? Optional.empty() : Optional.of(sides.get(card.face));
        if (card.told == null
                || card.told.faceUp() != card.up
                || !card.told.face().equals(face)) {
            card.told = new Seen.ThoughtCard(card.id, face, card.up);
        }
        return card.told;
    }

    /** On how many cards of the pack a face is. */
    int copies(int face) {
        return copies.get(sides.get(face));
    }

    Set<Place> vague() {
        return vague;
    }

    Card unknown(boolean up) {
        return new Card(made++, up);
    }

    Map<Place, List<Card>> piles() {
        return piles;
    }

    List<Card> at(Place place) {
        return piles.getOrDefault(place, List.of());
    }

    /** A pile that cards can be put on; from now on they know of it. */
    List<Card> pile(Place place) {
        return piles.computeIfAbsent(place, any -> new ArrayList<>());
    }

    Map<Integer, Set<Place>> loose() {
        return loose;
    }

    /** The place where a card lies. */
    Optional<Place> placeOf(Card card) {
        for (Map.Entry<Place, List<Card>> pile : piles.entrySet()) {
            if (pile.getValue().contains(card)) {
                return Optional.of(pile.getKey());
            }
        }
        return Optional.empty();
    }

    /** The cards of which they know that they have a face. */
    List<Card> with(int face) {
        List<Card> cards = new ArrayList<>(1);
        for (List<Card> pile : piles.values()) {
            for (Card card : pile) {
                if (card.face == face) {
                    cards.add(card);
                }
            }
        }
        return cards;
    }

    /** The place of a face no longer is known: it lies somewhere in a pile. */
    void lose(Card card, Place place) {
        if (card.face != NONE) {
            loose.computeIfAbsent(card.face, any -> new LinkedHashSet<>()).add(place);
            card.face = NONE;
        }
    }

    /** A pile is mixed. Of one card there is nothing to be mixed. */
    void mix(Place place) {
        List<Card> pile = at(place);
        if (pile.size() > 1) {
            pile.forEach(card -> lose(card, place));
        }
    }

    /** Unknown cards went from a pile to others: what lay somewhere in it can lie there too. */
    void spreads(Place from, Set<Place> to) {
        for (Set<Place> places : loose.values()) {
            if (places.contains(from)) {
                places.addAll(to);
            }
        }
    }

    /** What is empty holds nothing. */
    void tidy() {
        piles.values().removeIf(List::isEmpty);
        vague.retainAll(piles.keySet());
        for (Set<Place> places : loose.values()) {
            places.retainAll(piles.keySet());
            // A lost face is in none of the piles whose cards are all known, such as four aces that lie face up.
            Set<Place> possible = new LinkedHashSet<>(places);
            possible.removeIf(place -> at(place).stream().noneMatch(card -> card.face == NONE));
            if (!possible.isEmpty()) {
                places.retainAll(possible);
            }
        }
    }
}
