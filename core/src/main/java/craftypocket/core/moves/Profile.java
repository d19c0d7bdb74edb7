package craftypocket.core.moves;

/**
 * What a move asks of whoever does it.
 *
 * @param actor who does it
 * @param difficulty from 1, anybody's, to 5, years of work
 * @param secret whether it must not be noticed
 * @param table whether it needs a table
 * @param angles from where it must not be looked at; empty when it can be seen from all round
 * @param cover what keeps a secret move from being noticed
 */
public record Profile(Actor actor, int difficulty, boolean secret, boolean table, String angles, Cover cover) {

    /** From this difficulty on, a move takes years of work. */
    public static final int LONG_PRACTICE = 4;

    /** Who does a move. */
    public enum Actor {
        PERFORMER,
        SPECTATOR
    }

    /** What keeps a secret move from being noticed. */
    public enum Cover {
        /** It passes for something harmless, such as a shuffle. */
        ITSELF,
        /** Nothing of it may be seen: something else must draw the eyes. */
        ELSEWHERE,
        /** The performer must look at the cards, and needs a reason to. */
        REASON
    }

    public Profile {
        if (difficulty < 1 || difficulty > 5) {
            throw new IllegalArgumentException("difficulty " + difficulty + " is outside 1…5");
        }
    }

    /** Something open that the performer does, of this difficulty. */
    public static Profile open(int difficulty) {
        return new Profile(Actor.PERFORMER, difficulty, false, false, "", Cover.ITSELF);
    }

    /** Something that must not be noticed, of this difficulty. */
    public static Profile secret(int difficulty, String angles) {
        return new Profile(Actor.PERFORMER, difficulty, true, false, angles, Cover.ITSELF);
    }

    /** Something that a spectator does. */
    public static Profile bySpectator() {
        return new Profile(Actor.SPECTATOR, 1, false, false, "", Cover.ITSELF);
    }

    public Profile onTable() {
        return new Profile(actor, difficulty, secret, true, angles, cover);
    }

    public Profile coveredBy(Cover by) {
        return new Profile(actor, difficulty, secret, table, angles, by);
    }
}
