package craftypocket.core.evening;

import craftypocket.core.routine.Placement;
import java.util.List;
import java.util.Optional;

/**
 * Something that is to be put right between two routines, or between two tables.
 *
 * @param kind what is to be done
 * @param sentence what to do, in a sentence
 * @param cards the codes of the cards that it is about
 * @param seconds how long it takes, about
 * @param to where in the deck a card is to come, when that is all there is to it: moves may bring it there unseen
 * @param always whether every end needs it, and not only some
 */
public record Reset(
        Kind kind, String sentence, List<String> cards, int seconds, Optional<Placement> to, boolean always) {

    /** How openly something can be done (common practice). */
    public enum Openness {
        /** In front of everybody, and nobody wonders. */
        OPENLY("openly", 1),
        /** While squaring up, with the faces towards yourself or the hand in a pocket. */
        IN_PASSING("in passing", 3),
        /** Away from their eyes. */
        OUT_OF_SIGHT("out of sight", 10);

        private final String label;
        private final int cost;

        Openness(String label, int cost) {
            this.label = label;
            this.cost = cost;
        }

        public String label() {
            return label;
        }

        /** How much a better order gives to be rid of it. */
        int cost() {
            return cost;
        }
    }

    /** What is to be done; how long it takes is what it takes at a table, about. */
    public enum Kind {
        TAKE_BACK(Openness.OPENLY, 4),
        TAKE_FROM_HIDING(Openness.IN_PASSING, 6),
        REPLACE(Openness.OUT_OF_SIGHT, 20),
        TAKE_OUT(Openness.IN_PASSING, 8),
        BRING(Openness.IN_PASSING, 8),
        TURN_OVER(Openness.IN_PASSING, 8),
        CUT(Openness.OPENLY, 3),
        PLACE(Openness.IN_PASSING, 8),
        STACK(Openness.OUT_OF_SIGHT, 4),
        LAY(Openness.IN_PASSING, 8),
        BEND(Openness.OPENLY, 2),
        STRAIGHTEN(Openness.OPENLY, 3),
        BRUSH(Openness.OPENLY, 3),
        THING(Openness.IN_PASSING, 6);

        private final Openness openness;
        private final int seconds;

        Kind(Openness openness, int seconds) {
            this.openness = openness;
            this.seconds = seconds;
        }

        public Openness openness() {
            return openness;
        }
    }

    public Reset {
        cards = List.copyOf(cards);
    }

    static Reset of(Kind kind, String sentence, List<String> cards) {
        int times = kind == Kind.STACK ? cards.size() : 1;
        return new Reset(kind, sentence, cards, kind.seconds * times, Optional.empty(), true);
    }

    /** The same, of one card that is to come to a place in the deck. */
    Reset to(Placement place) {
        return new Reset(kind, sentence, cards, seconds, Optional.of(place), always);
    }

    /** The same, where only some ends need it. */
    Reset sometimes() {
        String then = Character.toLowerCase(sentence.charAt(0)) + sentence.substring(1);
        return new Reset(kind, "In some runs: " + then, cards, seconds, to, false);
    }

    static Reset of(Kind kind, String sentence) {
        return of(kind, sentence, List.of());
    }
}
