package craftypocket.core.evening;

import craftypocket.core.read.Plan;

/**
 * A routine of a set.
 *
 * @param title what it is called
 * @param plan the routine, read
 * @param seconds how long it takes
 * @param spread how much that varies, as the standard deviation in seconds
 * @param spot where in the set it belongs
 * @param stays whether it stays at its place when a better order is sought
 * @param strength from 1 to 5, how people react to it
 */
public record Act(String title, Plan plan, int seconds, double spread, Spot spot, boolean stays, double strength) {

    /** Where in a set a routine belongs. */
    public enum Spot {
        ANYWHERE,
        OPENER,
        CLOSER
    }
}
