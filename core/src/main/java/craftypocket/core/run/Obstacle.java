package craftypocket.core.run;

/**
 * Why a step cannot be done.
 *
 * @param reason in the performer's words
 * @param mend what would help
 */
public record Obstacle(String reason, String mend) {}
