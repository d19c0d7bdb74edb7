package craftypocket.core.layout;

/**
 * A thing as it lies at one moment.
 *
 * @param thing its index
 * @param place where; the inside of another thing, or a place of its own
 * @param above how many cards of that place lie above it
 * @param closed whether it is closed
 * @param written the card whose name was written on it on the way, or -1
 */
public record Lying(int thing, Place place, int above, boolean closed, int written) {}
