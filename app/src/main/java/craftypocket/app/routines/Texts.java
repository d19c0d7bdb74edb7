package craftypocket.app.routines;

import java.text.BreakIterator;
import java.util.Locale;

/** What is done to texts that people wrote. */
final class Texts {

    private Texts() {}

    /** The text, cut to at most so many letters, never within a character of several. */
    static String cut(String text, int most) {
        if (text.length() <= most) {
            return text;
        }
        BreakIterator characters = BreakIterator.getCharacterInstance(Locale.ROOT);
        characters.setText(text);
        int end = characters.isBoundary(most) ? most : characters.preceding(most);
        return text.substring(0, end).strip();
    }
}
