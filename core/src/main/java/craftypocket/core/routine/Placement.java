package craftypocket.core.routine;

/**
 * A card that is put at a certain place in the set-up.
 *
 * @param card its code, such as {@code 9C}
 * @param nth its place, counted from 1
 * @param fromBottom whether it is counted from the bottom
 */
public record Placement(String card, int nth, boolean fromBottom) {}
