package craftypocket.core.evening;

/**
 * Where a set is performed.
 *
 * @param standing whether the people stand
 * @param table whether there is a table to lay cards on
 * @param allRound whether people are on all sides
 * @param dim whether there is little light
 * @param people how many there are
 * @param minutes how long it may take; 0 while nobody said
 * @param tables how many groups, one after another
 */
public record Venue(
        boolean standing, boolean table, boolean allRound, boolean dim, int people, int minutes, int tables) {

    /** With a table and enough people, as nothing was said. */
    public static final Venue ANY = new Venue(false, true, false, false, 4, 0, 1);
}
