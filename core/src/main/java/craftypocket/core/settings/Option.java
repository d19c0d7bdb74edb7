package craftypocket.core.settings;

/**
 * One value of an {@link OptionSetting}. A move keeps those that it asks for as constants, and compares them.
 *
 * @param name in a routine file
 * @param label on the screen
 */
public record Option(String name, String label) {}
