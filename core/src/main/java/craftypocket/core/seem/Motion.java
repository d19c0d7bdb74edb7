package craftypocket.core.seem;

import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How the cards that people think of move with those that they see moved. Both are matched by their places: from the top, and from the
 * bottom. Where they think that there are more or fewer cards than there are, the difference lies in between, until the last are dealt.
 */
final class Motion {

    /** Cards that went from one place to another. */
    record Went(Place from, Place to, int cards, boolean dealt, boolean all) {}

    /** There are so many more or fewer cards at a place than they thought. */
    record Miscount(Place place, int more) {}

    private final Thought thought;
    private final List<Went> went = new ArrayList<>();
    private final Set<Place> reordered = new LinkedHashSet<>();
    private final List<Miscount> wondered = new ArrayList<>();
    private final Map<Thought.Card, Place> origin = new HashMap<>();
    /** By card, where it lay before the step: the pile, the position in it, and which side was up. */
    private final Place[] from;

    private final int[] depth;
    private final boolean[] up;
    private int counted;

    Motion(Thought thought, int cards) {
        this.thought = thought;
        from = new Place[cards];
        depth = new int[cards];
        up = new boolean[cards];
    }

    /** What went where in this step. */
    List<Went> went() {
        return went;
    }

    /** Where each card came from that moved in this step. */
    Map<Thought.Card, Place> origin() {
        return origin;
    }

    /** The piles whose order is not what it was. */
    Set<Place> reordered() {
        return reordered;
    }

    List<Miscount> wondered() {
        return wondered;
    }

    /** How many cards were counted in this step. */
    int counted() {
        return counted;
    }

    /** Nothing moves. */
    void rest() {
        went.clear();
        reordered.clear();
        wondered.clear();
        origin.clear();
        counted = 0;
    }

    /** So many cards are counted one by one. */
    void counts(int cards) {
        counted = cards;
    }

    /** A pile shows to have so many cards. */
    void seemsToBe(Place place, int cards) {
        List<Thought.Card> pile = thought.pile(place);
        int more = cards - pile.size();
        if (more != 0 && !pile.isEmpty() && !thought.vague().remove(place)) {
            wondered.add(new Miscount(place, more));
        }
        while (pile.size() > cards) {
            pile.remove(pile.size() - 1);
        }
        while (pile.size() < cards) {
            pile.add(thought.unknown(!pile.isEmpty() && pile.get(pile.size() - 1).up));
        }
    }

    /** One card goes onto another pile. */
    void bring(Place from, int index, Place to) {
        Thought.Card card = thought.pile(from).remove(index);
        int last = went.size() - 1;
        boolean again = last >= 0
                && went.get(last).from().equals(from)
                && went.get(last).to().equals(to);
        int cards = again ? went.remove(last).cards() + 1 : 1;
        went.add(new Went(from, to, cards, cards > 1, false));
        thought.pile(to).add(0, card);
        origin.put(card, from);
        if (card.face == Thought.NONE) {
            thought.spreads(from, Set.of(to));
        }
    }

    /** Moves what they think of as the real cards were moved. */
    void follow(Layout before, Layout after, boolean sides) {
        rest();
        for (Pile pile : before.piles()) {
            for (int position = 1; position <= pile.size(); position++) {
                from[pile.card(position)] = pile.place();
                depth[pile.card(position)] = position;
                up[pile.card(position)] = pile.faceUp(position);
            }
        }
        Set<Place> dealt = dealt(after);
        Thought.Card[] thinks = new Thought.Card[from.length];
        Map<Place, List<Thought.Card>> left = new LinkedHashMap<>();
        for (Map.Entry<Place, List<Thought.Card>> pile : thought.piles().entrySet()) {
            left.put(pile.getKey(), match(before.at(pile.getKey()), pile.getValue(), dealt, thinks));
        }
        Set<Place> known = new LinkedHashSet<>(thought.piles().keySet());
        // A card that comes out of a pocket into the open is a new one for them, of which they know no face.
        Map<Place, List<Thought.Card>> made = new LinkedHashMap<>();
        Map<Place, Map<Place, Integer>> moved = new LinkedHashMap<>();
        Map<Place, Integer> turned = new HashMap<>();
        Map<Place, Set<Place>> unknown = new LinkedHashMap<>();
        for (Pile pile : after.piles()) {
            List<Thought.Card> cards = new ArrayList<>();
            for (int position = 1; position <= pile.size(); position++) {
                int real = pile.card(position);
                Place was = from[real];
                Thought.Card card = thinks[real];
                boolean here = pile.place().equals(was);
                // What is more than they think goes unnoticed among the others; what goes from one hidden place to
                // another is not seen.
                boolean unseen = known.contains(was) && !dealt.contains(was)
                        || here
                        || !known.contains(pile.place()) && !pile.place().kind().open();
                if (card == null && unseen) {
                    continue;
                }
                if (card == null) {
                    card = thought.unknown(pile.faceUp(position));
                    card.fromNowhere = true;
                } else if (sides && up[real] != pile.faceUp(position)) {
                    card.up = !card.up;
                    turned.merge(was, 1, Integer::sum);
                }
                if (!here) {
                    origin.put(card, was);
                    moved.computeIfAbsent(was, any -> new LinkedHashMap<>()).merge(pile.place(), 1, Integer::sum);
                    if (card.face == Thought.NONE) {
                        unknown.computeIfAbsent(was, any -> new LinkedHashSet<>())
                                .add(pile.place());
                    }
                }
                cards.add(card);
            }
            if (known.contains(pile.place()) || !cards.isEmpty()) {
                made.put(pile.place(), cards);
            }
        }
        reorder(before, after);
        // What they think of besides turns with the others.
        turned.forEach((place, cards) -> {
            if (2 * cards > before.at(place).size()) {
                left.get(place).forEach(card -> card.up = !card.up);
            }
        });
        leftOver(after, left, made, moved, dealt);
        thought.piles().clear();
        made.forEach((place, cards) -> thought.pile(place).addAll(cards));
        unknown.forEach(thought::spreads);
        moved.forEach((was, to) -> to.forEach((place, cards) -> {
            boolean together = cards > 1 && !dealt.contains(was);
            boolean all = after.at(was).size() == 0 && to.size() == 1;
            went.add(new Went(was, place, cards, dealt.contains(was), all));
            if (all ? thought.vague().remove(was) : together) {
                thought.vague().add(place);
            }
            if (!all && together) {
                thought.vague().add(was);
            }
        }));
    }

    /** The places from which cards were dealt one by one: they lie in reverse where they went. */
    private Set<Place> dealt(Layout after) {
        Set<Place> dealt = new LinkedHashSet<>();
        for (Pile pile : after.piles()) {
            for (int position = 2; position <= pile.size(); position++) {
                int upper = pile.card(position - 1);
                int lower = pile.card(position);
                Place was = from[lower];
                if (!was.equals(pile.place()) && was.equals(from[upper]) && depth[upper] == depth[lower] + 1) {
                    dealt.add(was);
                }
            }
        }
        return dealt;
    }

    /** Matches the cards of a pile with what they think of it; those that are left over are given back. */
    private static List<Thought.Card> match(
            Pile real, List<Thought.Card> thinks, Set<Place> dealt, Thought.Card[] matched) {
        int both = Math.min(real.size(), thinks.size());
        int top = dealt.contains(real.place()) ? both : both / 2 + both % 2;
        int bottom = both - top;
        for (int i = 0; i < top; i++) {
            matched[real.card(i + 1)] = thinks.get(i);
        }
        for (int i = 0; i < bottom; i++) {
            matched[real.card(real.size() - i)] = thinks.get(thinks.size() - 1 - i);
        }
        return List.copyOf(thinks.subList(top, thinks.size() - bottom));
    }

    private void reorder(Layout before, Layout after) {
        for (Pile pile : after.piles()) {
            Pile was = before.at(pile.place());
            boolean same = was.size() != pile.size();
            for (int position = 1; position <= pile.size() && !same; position++) {
                if (was.card(position) != pile.card(position)) {
                    reordered.add(pile.place());
                }
            }
        }
    }

    /** Cards that they think of and that are not there: they stay, go with the others, or are gone where the last was dealt. */
    private void leftOver(
            Layout after,
            Map<Place, List<Thought.Card>> left,
            Map<Place, List<Thought.Card>> made,
            Map<Place, Map<Place, Integer>> moved,
            Set<Place> dealt) {
        left.forEach((place, cards) -> {
            boolean gone = after.at(place).size() == 0;
            if (cards.isEmpty()) {
                return;
            }
            if (gone && dealt.contains(place)) {
                if (!thought.vague().contains(place)) {
                    wondered.add(new Miscount(place, -cards.size()));
                }
                return;
            }
            Place with = place;
            if (gone && moved.containsKey(place)) {
                with = moved.get(place).keySet().iterator().next();
            }
            List<Thought.Card> pile = made.computeIfAbsent(with, any -> new ArrayList<>());
            pile.addAll((pile.size() + 1) / 2, cards);
        });
    }

    /** By real card, the card that they think lies at its place; nothing where they know of none. */
    Thought.Card[] lies(Layout layout) {
        Thought.Card[] lies = new Thought.Card[from.length];
        for (Pile pile : layout.piles()) {
            match(pile, thought.at(pile.place()), Set.of(), lies);
        }
        return lies;
    }
}
