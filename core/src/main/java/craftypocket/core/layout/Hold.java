package craftypocket.core.layout;

import java.util.Locale;

/**
 * What the hand keeps without showing.
 *
 * @param kind which hold
 * @param place the pile it is held in
 * @param depth how many cards lie above it
 */
public record Hold(Kind kind, Place place, int depth) {

    /** The holds a hand can keep. */
    public enum Kind {
        BREAK,
        IN_JOG,
        OUT_JOG,
        STEP,
        /** A bend in the cards: it stays through shuffles, for it is in the cards and not in the hand. */
        BEND;

        private static final Kind[] ALL = values();

        static Kind at(int index) {
            return ALL[index];
        }

        static int count() {
            return ALL.length;
        }

        /** The hold in words, as in “the break was lost”. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
