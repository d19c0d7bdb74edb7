package craftypocket.core.moves;

/**
 * What can be said of a step from its settings alone.
 *
 * @param warning whether something should be changed
 * @param text the remark
 */
public record Remark(boolean warning, String text) {}
