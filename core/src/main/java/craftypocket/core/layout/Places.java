package craftypocket.core.layout;

import java.util.ArrayList;
import java.util.List;

/** The places that one routine uses, each with its index on the {@link Hands}. Index 0 is always the deck. */
public final class Places {

    /** More piles than this cannot be followed at a table, nor drawn beside a deck. */
    public static final int MOST_PLACES = 24;

    private final List<Place> places = new ArrayList<>(List.of(Place.DECK));
    private Props props = Props.NO_PROPS;

    /** The things among whose parts the places can be. */
    public void use(Props used) {
        props = used;
    }

    public Props props() {
        return props;
    }

    /** The index of the thing that a place is a part of, or {@link Props#NONE}. */
    int around(int index) {
        return props.around(at(index));
    }

    /**
     * The index of a place, added when it is new.
     *
     * @throws IllegalArgumentException when that would be more than {@link #MOST_PLACES}
     */
    public int indexOf(Place place) {
        int index = places.indexOf(place);
        if (index >= 0) {
            return index;
        }
        if (places.size() == MOST_PLACES) {
            throw new IllegalArgumentException("place “" + place.text() + "” is one too many: a routine uses at most "
                    + MOST_PLACES + " places. Use one of them twice");
        }
        places.add(place);
        return places.size() - 1;
    }

    public Place at(int index) {
        return places.get(index);
    }

    public int count() {
        return places.size();
    }
}
