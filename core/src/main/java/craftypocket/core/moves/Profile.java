package craftypocket.core.moves;

/**
 * What a move asks of whoever does it.
 *
 * @param actor who does it
 * @param difficulty from 1, anybody's, to 5, years of work
 * @param secret whether it must not be noticed
 * @param table whether it needs a table
 * @param angles from where it must not be looked at; empty when it can be seen from all round
 */
public record Profile(Actor actor, int difficulty, boolean secret, boolean table, String angles) {

    /** From this difficulty on, a move takes years of work. */
    public static final int LONG_PRACTICE = 4;

    /** Who does a move. */
    public enum Actor {
        PERFORMER,
        SPECTATOR
    }

    public Profile {
        if (difficulty < 1 || difficulty > 5) {
            throw new IllegalArgumentException("difficulty " + difficulty + " is outside 1…5");
        }
    }

    /** Something open that the performer does, of this difficulty. */
    public static Profile open(int difficulty) {
        return new Profile(Actor.PERFORMER, difficulty, false, false, "");
    }

    /** Something that must not be noticed, of this difficulty. */
    public static Profile secret(int difficulty, String angles) {
        return new Profile(Actor.PERFORMER, difficulty, true, false, angles);
    }

    /** Something that a spectator does. */
    public static Profile bySpectator() {
        return new Profile(Actor.SPECTATOR, 1, false, false, "");
    }

    public Profile onTable() {
        return new Profile(actor, difficulty, secret, true, angles);
    }
}
