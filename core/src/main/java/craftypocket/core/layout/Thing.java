package craftypocket.core.layout;

import craftypocket.core.cards.Inside;
import craftypocket.core.cards.Side;
import java.util.List;
import java.util.Optional;

/**
 * Something at the table that is no card: an envelope, a slip of paper, a wallet, a phone.
 *
 * @param name what it is called, such as {@code envelope}
 * @param slots the names of the parts it is divided into, in order; one without a name for a plain inside, none when nothing
 *     goes into it
 * @param inside the room in each of them
 * @param handOut whether people may hold it
 * @param written the card whose name is written on it
 */
public record Thing(String name, List<String> slots, Inside inside, boolean handOut, Optional<Side> written) {

    public Thing {
        slots = List.copyOf(slots);
    }

    /** The thing in a sentence. */
    public String label() {
        return called(name);
    }

    /** A name in a sentence: {@code the envelope}, but {@code Ines’s phone}. */
    public static String called(String name) {
        return name.matches(".*['’]s? .*") ? name : "the " + name;
    }

    Side writtenSide() {
        return written.orElse(null);
    }

    /** The place in one of its parts. */
    public Place slot(String slot) {
        return Place.inside(name, slot);
    }
}
