package craftypocket.core.evening;

import craftypocket.core.layout.Place;
import craftypocket.core.layout.Thing;
import craftypocket.core.routine.SetUp;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where everything is at a moment of an evening.
 *
 * @param act after which act; -1 at the beginning
 * @param spots by place, what is there, in words; what waits for its routine is at {@link #BAG}
 */
public record Whereabouts(int act, Map<Place, List<String>> spots) {

    /** Where packets wait until their routine comes. */
    public static final Place BAG = new Place(Place.Kind.UNDER, "bag");

    /** Where everything must be at the beginning, and where it is after each act. */
    static List<Whereabouts> of(List<Act> acts, List<Evening.Stage> stages) {
        List<Whereabouts> all = new ArrayList<>();
        for (int after = -1; after < acts.size(); after++) {
            all.add(new Whereabouts(after, spots(acts, stages, after)));
        }
        return List.copyOf(all);
    }

    private static Map<Place, List<String>> spots(List<Act> acts, List<Evening.Stage> stages, int after) {
        Map<Place, List<String>> spots = new LinkedHashMap<>();
        Map<String, SetUp.LaidThing> things = new LinkedHashMap<>();
        Handover deck = null;
        for (int act = 0; act < acts.size(); act++) {
            boolean over = act <= after;
            Handover lies = over ? stages.get(act).end() : stages.get(act).start();
            boolean ofDeck = Handover.usesDeck(acts.get(act).plan().routine().setUp());
            if (ofDeck && (over || deck == null)) {
                deck = lies;
            } else if (!ofDeck) {
                put(spots, BAG, "packet of “" + acts.get(act).title() + "”");
            }
            lies.things().forEach(thing -> {
                if (over) {
                    things.put(thing.name(), thing);
                } else {
                    things.putIfAbsent(thing.name(), thing);
                }
            });
        }
        if (deck != null) {
            deck.cards().forEach((place, cards) -> {
                if (!cards.isEmpty()) {
                    put(spots, around(place, things), heap(place, cards) + inside(place));
                }
            });
        }
        things.values()
                .forEach(thing -> Place.read(thing.place())
                        .ifPresent(place ->
                                put(spots, around(place, things), Thing.called(thing.name()) + inside(place))));
        return spots;
    }

    private static String inside(Place place) {
        return place.kind() == Place.Kind.IN ? " (" + place.spot() + ")" : "";
    }

    /** Where the outermost thing around a place lies. */
    private static Place around(Place place, Map<String, SetUp.LaidThing> things) {
        Place at = place;
        for (int depth = 0; at.kind() == Place.Kind.IN && depth < things.size(); depth++) {
            SetUp.LaidThing thing = things.get(at.thing());
            at = thing == null ? at : Place.read(thing.place()).orElse(at);
        }
        return at;
    }

    private static String heap(Place place, List<LyingCard> cards) {
        if (place.equals(Place.DECK)) {
            return "the deck, " + Resets.cards(cards.size());
        }
        int few = 4;
        return cards.size() <= few
                ? Resets.named(cards.stream().map(LyingCard::code).toList())
                : Resets.cards(cards.size());
    }

    private static void put(Map<Place, List<String>> spots, Place place, String what) {
        spots.computeIfAbsent(place, none -> new ArrayList<>()).add(what);
    }
}
