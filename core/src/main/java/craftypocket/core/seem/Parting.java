package craftypocket.core.seem;

import craftypocket.core.cards.Card;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
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

    /** All of it, pile by pile. */
    List<Unclean> unclean(Layout layout) {
        List<Unclean> told = new ArrayList<>();
        Thought.Card[] lies = motion.lies(layout);
        Set<Place> there = new HashSet<>();
        for (Pile pile : layout.piles()) {
            there.add(pile.place());
            int thinks = thought.at(pile.place()).size();
            String place = Sentence.capital(pile.place().label());
            if (thinks == 0) {
                told.add(wrongSize(
                        pile.place(),
                        0,
                        "In " + pile.place().label() + cards(pile.size()) + " of which nobody knows."));
                continue;
            }
            if (thinks != pile.size() && !thought.vague().contains(pile.place())) {
                told.add(wrongSize(
                        pile.place(),
                        thinks,
                        place + " has " + count(pile.size()) + "; they think that it has " + thinks + "."));
            }
            for (int position = 1; position <= pile.size(); position++) {
                Thought.Card known = lies[pile.card(position)];
                if (known != null) {
                    one(pile, position, known, told);
                }
            }
        }
        for (Place place : Set.copyOf(thought.piles().keySet())) {
            if (!there.contains(place)) {
                int thinks = thought.at(place).size();
                told.add(wrongSize(
                        place,
                        thinks,
                        "They think that " + place.label() + " has " + count(thinks) + "; it has none."));
            }
        }
        return told.size() <= MOST_TOLD ? told : more(told.subList(0, MOST_TOLD), told.size() - MOST_TOLD);
    }

    private static Unclean wrongSize(Place place, int thinks, String sentence) {
        String cards = String.valueOf(thinks);
        return new Unclean(
                sentence,
                Optional.of(ClaimSpec.of("pile-size", "pile", place.text(), "compare", "exactly", "cards", cards)));
    }

    private void one(Pile pile, int position, Thought.Card thinks, List<Unclean> told) {
        int number = pile.card(position);
        Card card = plan.pack().card(number);
        String which =
                "The " + Sentence.ordinal(position) + " card of " + pile.place().label();
        if (thinks.face != Thought.NONE && !shows(number, thinks.face)) {
            int real = thought.faceOf(number, true);
            String is = real == Thought.NONE ? "another card" : faces.name(real);
            told.add(new Unclean(
                    which + " is " + is + "; they take it for " + faces.name(thinks.face) + ".",
                    faces.lies(thinks.face, pile.place(), position)));
        } else if (!card.examinable()) {
            told.add(new Unclean(which + " is no card that can be looked at on both sides.", Optional.empty()));
        }
        if (thinks.up != pile.faceUp(position)) {
            boolean alike = thought.at(pile.place()).stream().allMatch(other -> other.up == thinks.up);
            ClaimSpec all = ClaimSpec.of("all-lie", "pile", pile.place().text(), "side", thinks.up ? "up" : "down");
            told.add(new Unclean(
                    which + " lies face " + (thinks.up ? "down; they think up." : "up; they think down."),
                    alike ? Optional.of(all) : Optional.empty()));
        }
    }

    private static List<Unclean> more(List<Unclean> told, int more) {
        List<Unclean> all = new ArrayList<>(told);
        all.add(new Unclean("And " + more + " more.", Optional.empty()));
        return all;
    }

    private static String count(int cards) {
        return cards == 1 ? "one card" : cards + " cards";
    }

    private static String cards(int cards) {
        return cards == 1 ? " lies a card" : " lie " + cards + " cards";
    }
}
