package craftypocket.core.settings;

/**
 * Something in a routine that cannot be read as it stands.
 *
 * @param field where, such as {@code steps[3].settings.depth}
 * @param value what stands there
 * @param rule what must stand there
 * @param cure what to do
 */
public record Problem(String field, String value, String rule, String cure) {

    private static final int LONGEST_VALUE = 60;

    public Problem {
        value = value.length() > LONGEST_VALUE ? value.substring(0, LONGEST_VALUE) + "…" : value;
    }

    /** The whole in one sentence. */
    public String sentence() {
        return field + " is “" + value + "”: " + rule + ". " + cure + ".";
    }
}
