package craftypocket.core.seem;

import craftypocket.core.cards.Card;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Where the real cards lie otherwise than people think. */
final class Parting {

    /** More than these nobody puts right one by one. */
    private static final int MOST_TOLD = 12;

    private final Plan plan;
    private final Thought thought;
    private final Faces faces;
    private final Motion motion;

    Parting(Plan plan, Thought thought, Faces faces, Motion motion) {
        this.plan = plan;
        this.thought = thought;
        this.faces = faces;
        this.motion = motion;
    }

    /** The cards that are others than they think, lie the other way round, or lie where they know of none. */
    List<Seen.Spot> spots(Layout layout) {
        List<Seen.Spot> spots = new ArrayList<>();
        Thought.Card[] lies = motion.lies(layout);
        for (Pile pile : layout.piles()) {
            for (int position = 1; position <= pile.size(); position++) {
                Thought.Card there = lies[pile.card(position)];
                if (there == null || !same(pile, position, there)) {
                    spots.add(new Seen.Spot(pile.place(), position));
                }
            }
        }
        return spots;
    }

    private boolean same(Pile pile, int position, Thought.Card thinks) {
        return thinks.up == pile.faceUp(position)
                && (thinks.face == Thought.NONE || shows(pile.card(position), thinks.face));
    }

    private boolean shows(int card, int face) {
        return thought.faceOf(card, true) == face || thought.faceOf(card, false) == face;
    }

    /** All of it in sentences, pile by pile. */
    List<String> sentences(Layout layout) {
        List<String> told = new ArrayList<>();
        Thought.Card[] lies = motion.lies(layout);
        Map<Place, Integer> there = new HashMap<>();
        for (Pile pile : layout.piles()) {
            there.put(pile.place(), pile.size());
            int thinks = thought.at(pile.place()).size();
            String place = Sentence.capital(pile.place().label());
            if (thinks == 0) {
                told.add("In " + pile.place().label() + cards(pile.size()) + " of which nobody knows.");
                continue;
            }
            if (thinks != pile.size() && !thought.vague().contains(pile.place())) {
                told.add(place + " has " + count(pile.size()) + "; they think that it has " + thinks + ".");
            }
            for (int position = 1; position <= pile.size(); position++) {
                Thought.Card known = lies[pile.card(position)];
                if (known != null) {
                    one(pile, position, known, told);
                }
            }
        }
        for (Place place : Set.copyOf(thought.piles().keySet())) {
            if (!there.containsKey(place)) {
                told.add("They think that " + place.label() + " has "
                        + count(thought.at(place).size()) + "; it has none.");
            }
        }
        return told.size() <= MOST_TOLD ? told : more(told.subList(0, MOST_TOLD), told.size() - MOST_TOLD);
    }

    private void one(Pile pile, int position, Thought.Card thinks, List<String> told) {
        int number = pile.card(position);
        Card card = plan.pack().card(number);
        String which =
                "The " + Sentence.ordinal(position) + " card of " + pile.place().label();
        if (thinks.face != Thought.NONE && !shows(number, thinks.face)) {
            int real = thought.faceOf(number, true);
            String is = real == Thought.NONE ? "another card" : faces.name(real);
            told.add(which + " is " + is + "; they take it for " + faces.name(thinks.face) + ".");
        } else if (!card.examinable()) {
            told.add(which + " is no card that can be looked at on both sides.");
        }
        if (thinks.up != pile.faceUp(position)) {
            told.add(which + " lies face " + (thinks.up ? "down; they think up." : "up; they think down."));
        }
    }

    private static List<String> more(List<String> told, int more) {
        List<String> all = new ArrayList<>(told);
        all.add("And " + more + " more.");
        return all;
    }

    private static String count(int cards) {
        return cards == 1 ? "one card" : cards + " cards";
    }

    private static String cards(int cards) {
        return cards == 1 ? " lies a card" : " lie " + cards + " cards";
    }
}
