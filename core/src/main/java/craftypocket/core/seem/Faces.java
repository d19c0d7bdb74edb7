package craftypocket.core.seem;

import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Family;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** What becomes of what they think where a face is seen, and what surprises them. */
final class Faces {

    /** Among more faces than these no card is brought out: they all pass by. */
    private static final int SINGLED_OUT = 4;

    private final Plan plan;
    private final Thought thought;
    private final List<Wonder> wonders = new ArrayList<>();
    /** Faces seen in this step, and on which card. */
    private final Map<Integer, Thought.Card> seenNow = new HashMap<>();
    /** Where a face was seen last that they lost sight of. */
    private final Map<Integer, Place> lastSeen = new HashMap<>();
    /** The roles of people’s cards, as they are chosen. */
    private List<Trace.RoleState> roles = List.of();
    /** Where a card came from in this step. */
    private Map<Thought.Card, Place> origin = Map.of();
    /** Whether so many faces are seen in this step that none of them is the one. */
    private boolean amongMany;
    /** What they thought of each role before. */
    private final Map<Integer, String> thoughtBefore = new HashMap<>();

    Faces(Plan plan, Thought thought) {
        this.plan = plan;
        this.thought = thought;
    }

    void begin(Trace.Moment moment, Map<Thought.Card, Place> cameFrom) {
        origin = cameFrom;
        roles = moment.roles();
        long shown = moment.shown().stream()
                .filter(sight -> sight.toEverybody() && thought.faceOf(sight.card(), sight.front()) != Thought.NONE)
                .count();
        amongMany = shown > SINGLED_OUT;
        wonders.clear();
        seenNow.clear();
    }

    List<Wonder> wonders() {
        return List.copyOf(wonders);
    }

    /** A face comes into view on a card that they think lies there. */
    void see(Trace.Shown sight, Thought.Card card, Place place) {
        int face = thought.faceOf(sight.card(), sight.front());
        if (face == Thought.NONE || sight.onlyPerformer()) {
            return;
        }
        Thought.Card same = seenNow.putIfAbsent(face, card);
        if (card.face == face) {
            return;
        }
        int old = card.face;
        if (same != null && same != card && thought.copies(face) == 1) {
            add(Wonder.Kind.TWICE, Sentence.capital(name(face)) + " is seen twice");
            card.face = face;
            return;
        }
        List<Thought.Card> others = thought.with(face);
        // Of faces that there are several of nobody knows how many: one more surprises only where another one was.
        boolean all = others.size() >= thought.copies(face) && (thought.copies(face) == 1 || old != Thought.NONE);
        Optional<Place> elsewhere = all ? thought.placeOf(others.get(0)) : Optional.empty();
        Set<Place> loose = thought.loose().get(face);
        Place last = lastSeen.remove(face);
        if (elsewhere.isPresent()) {
            others.get(0).face = Thought.NONE;
            if (!elsewhere.get().equals(place)) {
                travelled(face, elsewhere.get(), place);
                leaves(card, elsewhere.get());
                forget(old, card, place);
            } else if (old == Thought.NONE || thought.at(place).size() <= Seeming.FEW) {
                // Of a packet nobody keeps the order in mind so surely: what lay here lies there.
                others.get(0).face = old;
            } else {
                changed(old, face);
                forget(old, card, place);
            }
        } else if (loose != null) {
            thought.loose().remove(face);
            boolean several = thought.copies(face) > 1 && old == Thought.NONE;
            boolean here = several || loose.contains(place) || loose.isEmpty() && place.equals(last);
            if (!here) {
                Place was = loose.isEmpty() ? last : loose.iterator().next();
                travelled(face, was, place);
                leaves(card, was);
                forget(old, card, place);
            } else if (old != Thought.NONE) {
                changed(old, face);
                forget(old, card, place);
            } else if (theirs(face) >= 0 && !amongMany) {
                found(face, card, place);
            }
        } else if (old != Thought.NONE) {
            changed(old, face);
            forget(old, card, place);
        }
        card.face = face;
    }

    /** A card that came out of nowhere is missing where they thought it was. */
    private void leaves(Thought.Card card, Place was) {
        if (card.fromNowhere && was != null) {
            List<Thought.Card> pile = thought.at(was);
            pile.stream()
                    .filter(other -> other.face == Thought.NONE)
                    .findFirst()
                    .ifPresent(pile::remove);
        }
        card.fromNowhere = false;
    }

    /** They do not know any more where a face is that lay here. */
    private void forget(int face, Thought.Card card, Place place) {
        if (face != Thought.NONE) {
            thought.loose().put(face, new LinkedHashSet<>());
            lastSeen.put(face, origin.getOrDefault(card, place));
        }
    }

    private void travelled(int face, Place from, Place to) {
        String was = from == null ? "" : ", which was in " + from.label() + ",";
        add(Wonder.Kind.TRAVELLED, Sentence.capital(name(face)) + was + " is in " + to.label());
    }

    private void changed(int old, int face) {
        add(Wonder.Kind.CHANGED, Sentence.capital(name(old)) + " has become " + name(face));
    }

    private void found(int face, Thought.Card card, Place place) {
        List<Thought.Card> pile = thought.at(place);
        int at = pile.indexOf(card);
        String which = pile.size() == 1
                ? "The card in "
                : at == 0 ? "The top card of " : at == pile.size() - 1 ? "The bottom card of " : "A card of ";
        add(Wonder.Kind.FOUND, which + place.label() + " is " + name(face));
    }

    /** Somebody’s card is named, or turned over as the one. */
    void singledOut(int role, boolean turned) {
        int face = thought.faceOf(roles.get(role).card(), true);
        if (face != Thought.NONE && theirs(face) >= 0) {
            add(Wonder.Kind.FOUND, turned ? "It is " + name(face) : Sentence.capital(name(face)) + " is named");
        }
    }

    void foretold(String thing, int role) {
        add(
                Wonder.Kind.FORETOLD,
                thing + " has said it all along: "
                        + name(thought.faceOf(roles.get(role).card(), true)));
    }

    /** Cards lie the other way round than they thought. */
    void turned(Place place, int cards, boolean spread) {
        String which = spread ? (cards == 1 ? "One card of " : cards + " cards of ") : "The top card of ";
        if (cards > 0) {
            String lie = spread && cards > 1 ? " lie" : " lies";
            add(Wonder.Kind.TURNED, which + place.label() + lie + " the other way round");
        }
    }

    /** There are more or fewer cards than they thought. */
    void counted(List<Motion.Miscount> miscounts) {
        for (Motion.Miscount miscount : miscounts) {
            int cards = Math.abs(miscount.more());
            String many = cards == 1 ? "One card" : cards + " cards";
            if (miscount.more() > 0) {
                add(Wonder.Kind.CAME, many + " more in " + miscount.place().label() + " than there " + were(cards));
            } else {
                add(
                        Wonder.Kind.VANISHED,
                        many + " of " + miscount.place().label() + (cards == 1 ? " is" : " are") + " gone");
            }
        }
    }

    private static String were(int cards) {
        return cards == 1 ? "was" : "were";
    }

    private void add(Wonder.Kind kind, String sentence) {
        wonders.add(new Wonder(kind, sentence + "."));
    }

    /** The role of somebody’s card that has this face; -1 for none. */
    private int theirs(int face) {
        for (int role = 0; role < roles.size(); role++) {
            boolean chosen = roles.get(role).chosen()
                    && roles.get(role).card() >= 0
                    && thought.faceOf(roles.get(role).card(), true) == face;
            if (chosen && !plan.cast().part(role).owner().isEmpty()) {
                return role;
            }
        }
        return -1;
    }

    /** A card as people speak of it. */
    String name(int face) {
        int role = theirs(face);
        if (role >= 0) {
            return plan.cast().part(role).label();
        }
        Side side = thought.side(face);
        return any(side) ? "a card" : side.equals(Side.BLANK) ? "a blank card" : "the " + CardText.sign(side);
    }

    /** Whether nobody laid the card with this face. */
    private boolean any(Side side) {
        return IntStream.range(0, plan.pack().size())
                .filter(card -> plan.pack().card(card).front().equals(side))
                .anyMatch(card -> plan.arrangement().anyCard(card));
    }

    /** That it lies somewhere, as a claim, if one can say it of this face. */
    Optional<ClaimSpec> lies(int face, Place place, int position) {
        int role = theirs(face);
        String nth = String.valueOf(position);
        if (role >= 0) {
            String letter = plan.cast().part(role).letter();
            return Optional.of(ClaimSpec.of("position", "role", letter, "nth", nth, "pile", place.text()));
        }
        Side side = thought.side(face);
        return any(side) || side.isBack() || side.equals(Side.BLANK)
                ? Optional.empty()
                : Optional.of(ClaimSpec.of("card-at", "card", CardText.code(side), "nth", nth, "pile", place.text()));
    }

    /** What they think of the cards of people now, where that is new. */
    String thinks(List<Trace.RoleState> now, PlannedStep step) {
        roles = now;
        List<String> all = new ArrayList<>();
        for (int role = 0; role < now.size(); role++) {
            boolean theirs = !plan.cast().part(role).owner().isEmpty()
                    && now.get(role).chosen()
                    && now.get(role).card() >= 0;
            String thinks = theirs ? where(thought.faceOf(now.get(role).card(), true)) : "";
            if (!Objects.equals(thoughtBefore.put(role, thinks), thinks) && !thinks.isEmpty()) {
                all.add(plan.cast().part(role).label() + " " + thinks);
            }
        }
        boolean mixed = all.isEmpty()
                && (step.move().family() == Family.SHUFFLES || step.move().family() == Family.CUTS);
        if (mixed) {
            return step.move().family() == Family.CUTS ? "The cards are cut." : "The cards are mixed.";
        }
        return all.isEmpty() ? "" : String.join("; ", all) + ".";
    }

    private String where(int face) {
        List<Thought.Card> cards = thought.with(face);
        if (!cards.isEmpty()) {
            Place place = thought.placeOf(cards.get(0)).orElseThrow();
            List<Thought.Card> pile = thought.at(place);
            int at = pile.indexOf(cards.get(0));
            String spot = pile.size() == 1
                    ? "is in "
                    : at == 0 ? "is on top of " : at == pile.size() - 1 ? "is at the bottom of " : "is in ";
            return spot + place.label();
        }
        Set<Place> places = thought.loose().get(face);
        if (places == null) {
            return "";
        }
        return places.isEmpty()
                ? "could be anywhere"
                : "is somewhere in "
                        + String.join(" or ", places.stream().map(Place::label).toList());
    }
}
