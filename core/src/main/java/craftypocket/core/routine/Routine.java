package craftypocket.core.routine;

import java.util.List;

/**
 * A routine as the performer writes it.
 *
 * @param setUp the deck before the first step
 * @param roles the cards to follow
 * @param steps the moves, in order
 * @param claims what must be true
 * @param ownMoves the performer's own moves that steps use
 * @param outs what is done instead when something comes up
 */
public record Routine(
        SetUp setUp,
        List<Role> roles,
        List<Step> steps,
        List<RoutineClaim> claims,
        List<OwnMove> ownMoves,
        List<Out> outs) {

    /** Longer than any routine that can be rehearsed in one piece. */
    public static final int MOST_STEPS = 100;

    /** More letters than this cannot be told apart on a deck. */
    public static final int MOST_ROLES = 12;

    public static final int MOST_CLAIMS = 40;

    public Routine {
        roles = List.copyOf(roles);
        steps = List.copyOf(steps);
        claims = List.copyOf(claims);
        ownMoves = List.copyOf(ownMoves);
        outs = List.copyOf(outs);
    }

    /** A routine of one line. */
    public Routine(SetUp setUp, List<Role> roles, List<Step> steps, List<RoutineClaim> claims, List<OwnMove> ownMoves) {
        this(setUp, roles, steps, claims, ownMoves, List.of());
    }

    /** A routine of catalogue moves only. */
    public Routine(SetUp setUp, List<Role> roles, List<Step> steps, List<RoutineClaim> claims) {
        this(setUp, roles, steps, claims, List.of());
    }
}
