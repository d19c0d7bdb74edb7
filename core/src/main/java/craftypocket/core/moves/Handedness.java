package craftypocket.core.moves;

import java.util.regex.Pattern;

/** For which hand the words are written. The catalogue speaks to the right-handed; for others every text is mirrored. */
public enum Handedness {
    RIGHT,
    LEFT;

    /** “left” and “right” where they are sides: after “the” or “your”, or before “hand”; not as in “what is left”. */
    private static final Pattern SIDE =
            Pattern.compile("\\b((?:the|your) )(left|right)\\b(?! one)|\\b(left|right)((?:-| )hand)");

    /** The words for this hand. */
    public String say(String words) {
        if (this == RIGHT) {
            return words;
        }
        return SIDE.matcher(words)
                .replaceAll(found -> found.group(2) != null
                        ? found.group(1) + other(found.group(2))
                        : other(found.group(3)) + found.group(4));
    }

    private static String other(String side) {
        return side.equals("left") ? "right" : "left";
    }
}
