package craftypocket.core.reckon;

import craftypocket.core.cards.Side;
import java.util.stream.IntStream;

/** What is read of the name of a card: a number, and no more of it than that. Each is one object. */
public interface Reading {

    /** The value: the ace 1, jack, queen and king 11, 12 and 13; -1 for what has none. */
    Reading VALUE = front -> front.kind() == Side.Kind.FACE ? front.rank() : -1;

    /** The number, for the front of a card. */
    int of(Side front);

    /**
     * How many letters the name has.
     *
     * @param language the place of a {@link Spelling.Language} among all
     */
    static Reading letters(int language) {
        return Letters.IN[language];
    }

    /** By language. */
    final class Letters {

        private static final Reading[] IN = IntStream.range(0, Spelling.Language.values().length)
                .mapToObj(language -> (Reading) front -> Spelling.length(front, language))
                .toArray(Reading[]::new);

        private Letters() {}
    }
}
