package craftypocket.app.routines;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What is done to texts that people wrote. */
public final class Texts {

    /** What people take for one character, of however many letters it is made. */
    private static final Pattern CHARACTER = Pattern.compile("\\X");

    private Texts() {}

    /** The text, cut to at most so many letters, never within a character of several. */
    public static String cut(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        int end = 0;
        Matcher character = CHARACTER.matcher(text);
        while (character.find() && character.end() <= most) {
            end = character.end();
        }
        return text.substring(0, end).strip();
    }
}
