package craftypocket.core.routine;

/**
 * What a step is to those who watch, where it is not what the move says of itself.
 *
 * @param effect whether what surprises in it is meant to
 * @param thinks what they take it for: {@code nothing}, {@code itself}, {@code mixed}, or a sentence that tells it; empty for what the move
 *     says
 */
public record Audience(Effect effect, String thinks) {

    /** Whether a surprise is an effect. */
    public enum Effect {
        /** In a reveal it is. */
        AS_TAUGHT,
        YES,
        NO
    }

    /** As long as a note can be. */
    public static final int LONGEST_SENTENCE = 200;

    public static final Audience AS_TAUGHT = new Audience(Effect.AS_TAUGHT, "");
}
