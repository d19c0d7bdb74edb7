package craftypocket.core.routine;

import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

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

    /** The steps of all lines: the main one, and what is done instead. */
    public Stream<Step> allSteps() {
        return Stream.concat(steps.stream(), outs.stream().flatMap(out -> out.steps().stream()));
    }

    /** The same from another set-up. */
    public Routine with(SetUp other) {
        return new Routine(other, roles, steps, claims, ownMoves, outs);
    }

    /** The same, following other cards. */
    public Routine withRoles(List<Role> others) {
        return new Routine(setUp, others, steps, claims, ownMoves, outs);
    }

    /** The same with other steps on the main line. */
    public Routine withSteps(List<Step> others) {
        return new Routine(setUp, roles, others, claims, ownMoves, outs);
    }

    /** The same with each step of each line changed. */
    public Routine withEachStep(UnaryOperator<Step> changed) {
        return new Routine(
                setUp,
                roles,
                steps.stream().map(changed).toList(),
                claims,
                ownMoves,
                outs.stream()
                        .map(out -> out.with(out.steps().stream().map(changed).toList()))
                        .toList());
    }

    /** The same with other claims. */
    public Routine withClaims(List<RoutineClaim> others) {
        return new Routine(setUp, roles, steps, others, ownMoves, outs);
    }

    /** The same with other own moves. */
    public Routine withOwnMoves(List<OwnMove> others) {
        return new Routine(setUp, roles, steps, claims, others, outs);
    }

    /** The same with other outs. */
    public Routine withOuts(List<Out> others) {
        return new Routine(setUp, roles, steps, claims, ownMoves, others);
    }
}
