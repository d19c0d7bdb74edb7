package craftypocket.core.layout;

/** Who knows a name or sees a face: the performer, and the spectators in the order in which the routine names them. */
public final class Knower {

    /** The performer's index among those who know. */
    public static final int PERFORMER = 0;

    /** Stands for all people at once, the performer among them. */
    public static final int EVERYBODY = -1;

    /** What is known is one bit a person in a byte, the performer among them. */
    public static final int MOST_PEOPLE = 8;

    private Knower() {}

    /** Stands for somebody who looks at a card of their own: nobody shows it to them. */
    static int ownLook(int knower) {
        return knower + MOST_PEOPLE;
    }

    /** Whether it stands for somebody who looks at a card of their own. */
    public static boolean isOwnLook(int turnedTo) {
        return turnedTo >= MOST_PEOPLE;
    }

    /**
     * Whether a side that is turned to somebody is seen by those who are meant.
     *
     * @param turnedTo a knower, or everybody
     * @param meant a knower, or everybody for whoever is not the performer
     */
    public static boolean sees(int turnedTo, int meant) {
        return meant == EVERYBODY ? turnedTo != PERFORMER : turnedTo == EVERYBODY || turnedTo % MOST_PEOPLE == meant;
    }
}
