package craftypocket.core.layout;

/** Who can know a name: the performer, and the spectators in the order in which the routine names them. */
public final class Knower {

    /** The performer's index among those who know. */
    public static final int PERFORMER = 0;

    /** What is known is one bit a person in a byte, the performer among them. */
    public static final int MOST_PEOPLE = 8;

    private Knower() {}
}
