package craftypocket.core.layout;

import craftypocket.core.cards.CardSize;
import java.util.List;
import java.util.Optional;

/**
 * The things that a routine uses, and how large its cards are.
 *
 * @param things in their order
 * @param cards empty while nobody said
 */
public record Props(List<Thing> things, Optional<CardSize> cards) {

    /** More than these fit into no jacket. */
    public static final int MOST_THINGS = 12;

    /** Stands for no thing. */
    public static final int NONE = -1;

    public static final Props NO_PROPS = new Props(List.of(), Optional.empty());

    public Props {
        things = List.copyOf(things);
    }

    /** The index of a thing, or {@link #NONE}. */
    public int indexOf(String name) {
        for (int thing = 0; thing < things.size(); thing++) {
            if (things.get(thing).name().equals(name)) {
                return thing;
            }
        }
        return NONE;
    }

    /** Whether a place is a part of one of the things. */
    public boolean isPart(Place place) {
        int thing = around(place);
        return thing != NONE
                && things.get(thing).slots().stream()
                        .anyMatch(slot -> things.get(thing).slot(slot).equals(place));
    }

    /** The index of the thing that a place is a part of, or {@link #NONE}. */
    public int around(Place place) {
        return place.kind() == Place.Kind.IN ? indexOf(place.thing()) : NONE;
    }
}
