package craftypocket.core.run;

import craftypocket.core.chance.ShuffleLaw;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Mixer;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/**
 * Where the shuffles of a step that were tried brought the few cards that matter: another one that brings them to the same places
 * leads to the same. A step that shuffles once is therefore not done for each of them, which takes a sixth of the time.
 */
final class Fallen {

    /** As many places as fit one number, of {@value #BITS} bits each. */
    private static final int MOST_FOLLOWED = 9;

    private static final int BITS = 7;

    private final StateSurvey survey;
    private final Set<Long> known = new HashSet<>();
    /** The surface as it is about to be shuffled; null as long as nothing was. */
    private Hands hands;

    /** By card, the bit at which its place is noted; less than 0 for none. */
    private final int[] noted;

    private int place;
    private int depth;
    private byte[] block = {};
    private ShuffleLaw law;
    private int times;
    /** Whether it can be told by the places of cards. */
    private boolean tells;

    Fallen(StateSurvey survey) {
        this.survey = survey;
        noted = new int[survey.freeNames().length];
        tells = survey.names() == null;
    }

    /** Notes what is shuffled when a step is done on a surface for the first time, and lets it fall as it does. */
    Mixer over(Hands shuffled) {
        boolean first = hands == null;
        return (where, below, count, how, often) -> {
            if (first) {
                // What is shuffled in chunks, or a second time, is not told by one law.
                tells &= hands == null && how != null;
                law = how;
                times = often;
                note(shuffled, where, below, count);
            }
            return false;
        };
    }

    private void note(Hands shuffled, int where, int below, int count) {
        hands = shuffled.another();
        hands.copyFrom(shuffled);
        place = where;
        depth = below;
        block = new byte[count];
        boolean[] distinct = new boolean[noted.length];
        hands.distinct(survey.freeNames(), survey.kept(), distinct);
        Arrays.fill(noted, -1);
        int followed = 0;
        for (int i = 0; i < count; i++) {
            block[i] = hands.slot(place, depth + i + 1);
            int card = hands.card(place, depth + i + 1);
            if (distinct[card] || hands.faceUp(place, depth + i + 1)) {
                noted[card] = BITS * followed++;
            }
        }
        tells &= followed <= MOST_FOLLOWED;
    }

    /** Whether it can be told, as far as is known. */
    boolean tells() {
        return tells;
    }

    /** Whether a shuffle brings the cards to places that no shuffle before reached; true where that cannot be told. */
    boolean asNever(int shuffle) {
        if (hands == null || !tells) {
            return true;
        }
        hands.arrange(place, depth, block);
        hands.shuffles().fall(place, depth, law, times, hands.chance(shuffle));
        long places = 0;
        for (int i = 0; i < block.length; i++) {
            int at = noted[hands.card(place, depth + i + 1)];
            places |= at < 0 ? 0 : (long) i << at;
        }
        return known.add(places);
    }
}
