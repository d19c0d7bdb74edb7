package craftypocket.app.print;

import java.util.regex.Pattern;

/**
 * Words that somebody wrote, as Markdown shows them and nothing else: no picture from elsewhere, no HTML, no fence that swallows
 * what comes after. Each character that could mean more gets a backslash (CommonMark 2.4).
 */
public final class PlainInMarkdown {

    private static final Pattern MEANS_MORE = Pattern.compile("[\\\\`*_{}\\[\\]<>#|~!&]");

    /** What makes a list, a rule or a heading where a line begins. */
    private static final Pattern BEGINS = Pattern.compile("(?m)^([-+=]|\\d{1,9}(?=[.)]))");

    /** Blanks at the beginning of a line make code of it. */
    private static final Pattern BLANKS = Pattern.compile("(?m)^[ \\t]+|\\r");

    private PlainInMarkdown() {}

    /** Text in a paragraph or an entry of a list; its lines stay lines. */
    public static String of(String words) {
        String flush = BLANKS.matcher(words).replaceAll("");
        String quiet = MEANS_MORE.matcher(flush).replaceAll("\\\\$0");
        return BEGINS.matcher(quiet).replaceAll(begin -> {
            String found = begin.group();
            // A number is quiet when its point is; anything else by itself.
            return Character.isDigit(found.charAt(0)) ? found + "\\\\" : "\\\\" + found;
        });
    }

    /** Text of one line, such as in a heading. */
    public static String line(String words) {
        return of(words.replaceAll("\\R+", " "));
    }
}
