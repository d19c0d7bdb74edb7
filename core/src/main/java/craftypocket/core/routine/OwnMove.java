package craftypocket.core.routine;

import java.util.List;
import java.util.Map;

/**
 * A move that a performer composed: moves of the catalogue one after another, done as one.
 *
 * @param id its name in a routine file, beginning with {@code own-}
 * @param name its name on the screen
 * @param says what is done, in the performer's words
 * @param difficulty from 1 to 5
 * @param settings what can be set from outside
 * @param parts what it is made of
 */
public record OwnMove(
        String id, String name, String says, int difficulty, List<OwnSetting> settings, List<Part> parts) {

    /** How the id of every own move begins. */
    public static final String PREFIX = "own-";

    public static final int MOST_PARTS = 20;
    public static final int MOST_SETTINGS = 12;
    public static final int MOST_OWN_MOVES = 20;

    public OwnMove {
        settings = List.copyOf(settings);
        parts = List.copyOf(parts);
    }

    /**
     * A setting of an own move; it takes what the first part's setting that refers to it takes.
     *
     * @param name in a routine file
     * @param label on the screen
     * @param usual its value when nothing is given
     */
    public record OwnSetting(String name, String label, String usual) {}

    /**
     * A move within an own move.
     *
     * @param move the id of a move of the catalogue
     * @param settings their texts; {@code =name} refers to a setting of the own move
     */
    public record Part(String move, Map<String, String> settings) {

        public Part {
            settings = Map.copyOf(settings);
        }
    }
}
