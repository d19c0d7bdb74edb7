package craftypocket.core.advise;

/**
 * Advice on one step.
 *
 * @param rule the rule of the trade it comes from, by which it can be put aside
 * @param text what is wrong and what would help, in the performer's words
 */
public record Advice(String rule, String text) {}
