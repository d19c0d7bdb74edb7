package craftypocket.core.layout;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * What the hand keeps without showing.
 *
 * @param kind which hold
 * @param place the pile it is held in
 * @param depth how many cards lie above it; for a jogged card above that card
 */
public record Hold(Kind kind, Place place, int depth) {

    /** The holds a hand can keep. */
    public enum Kind {
        /** The little finger of the hand that holds the deck. */
        BREAK("break"),
        /** The thumb of the other hand. */
        THUMB("thumb break"),
        /** Another finger. */
        FINGER("finger break"),
        /** A card that sticks out towards the performer; any number of them. */
        IN_JOG("in-jog"),
        /** A card that sticks out towards the people; any number of them. */
        OUT_JOG("out-jog"),
        STEP("step"),
        /** A bend in the cards: it stays through everything, for it is in the cards and not in the hand. */
        BEND("bend"),
        /** Where a bent pile opens by itself, its halves lying back to back or face to face. */
        SEPARATION("separation");

        private static final Kind[] ALL = values();
        private static final int FINGERS = 3;

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        static Kind at(int index) {
            return ALL[index];
        }

        static int count() {
            return ALL.length;
        }

        /** Whether a finger holds it: each finger has one, wherever it is. */
        public boolean byFinger() {
            return ordinal() < FINGERS;
        }

        /** Whether it is a card that sticks out. */
        public boolean ofCards() {
            return this == IN_JOG || this == OUT_JOG;
        }

        /** The hold of this name in a routine file: {@code break}, {@code in-jog} and so on. */
        public static Optional<Kind> named(String text) {
            return Arrays.stream(ALL).filter(kind -> kind.text().equals(text)).findFirst();
        }

        /** The name in a routine file. */
        public String text() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** The hold in words, as in “the break was lost”. */
        public String word() {
            return word;
        }
    }
}
