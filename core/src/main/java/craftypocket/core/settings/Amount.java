package craftypocket.core.settings;

import craftypocket.core.layout.Hands;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A count or depth as a performer states it: exactly 26, anywhere from 15 to 37, about 26 give or take 3, any number
 * that is possible, the rest; or worked out from what is there when the step is done, such as two below the break.
 *
 * @param kind how it is stated
 * @param low the least it can be; 0 when the layout decides; with a source, how much more than that
 * @param high the most it can be; 0 when the layout decides; with a source, how much more than that
 * @param source what it is worked out from; null for a number that is stated
 */
public record Amount(Kind kind, int low, int high, Source source) {

    /** How an amount is stated. */
    public enum Kind {
        EXACT,
        RANGE,
        ABOUT,
        ANY,
        REST,
        /** Worked out from a {@link Source}. */
        DERIVED
    }

    /** Larger than any pile. A number past it is a slip of the pen, and is refused when read. */
    public static final int MOST = 104;

    public static final Amount REST = new Amount(Kind.REST, 0, 0, null);
    public static final Amount ANY = new Amount(Kind.ANY, 0, 0, null);

    /** The forms with numbers that {@link #read} reads, in words. */
    public static final String NUMBERS =
            "a number such as 26, a range such as 15-37, about such as 26±3, “any” or “rest”, each up to " + MOST;

    /** All forms, in words. */
    public static final String FORMS = NUMBERS + "; or " + Source.FORMS;

    private static final Pattern FORM = Pattern.compile("(\\d{1,4})(?:\\s*(-|–|±|\\+-)\\s*(\\d{1,4}))?");

    public static Amount exactly(int number) {
        return new Amount(Kind.EXACT, number, number, null);
    }

    /**
     * Reads {@code 26}, {@code 15-37}, {@code 26±3} (or {@code 26+-3}), {@code any} or {@code rest}.
     *
     * @return empty when the text is none of these, or when a number in it is more than {@link #MOST}
     */
    public static Optional<Amount> read(String text) {
        return read(text, MOST);
    }

    /** The same with another bound for the numbers. */
    static Optional<Amount> read(String text, int most) {
        String wanted = text.strip();
        if (wanted.equalsIgnoreCase("any")) {
            return Optional.of(ANY);
        }
        if (wanted.equalsIgnoreCase("rest")) {
            return Optional.of(REST);
        }
        Matcher form = FORM.matcher(wanted);
        if (wanted.isEmpty() || !Character.isDigit(wanted.charAt(0)) || !form.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(form.group(1));
        if (form.group(2) == null) {
            return first > most ? Optional.empty() : Optional.of(exactly(first));
        }
        int second = Integer.parseInt(form.group(3));
        boolean range = form.group(2).equals("-") || form.group(2).equals("–");
        Amount amount = range
                ? new Amount(Kind.RANGE, first, second, null)
                : new Amount(Kind.ABOUT, first - second, first + second, null);
        return amount.low < 0 || amount.high > most || amount.low > amount.high
                ? Optional.empty()
                : Optional.of(amount);
    }

    /** Whether somebody else, or the unsureness of hand and eye, decides the number. */
    public boolean isChoice() {
        return kind == Kind.ANY || (kind != Kind.REST && low < high);
    }

    /** The middle of an amount that has numbers. */
    public int middle() {
        return Math.floorDiv(low + high, 2);
    }

    /** The least and the most it can be here are counted from this; -1 when there is nothing to work it out from. */
    public int base(Hands hands, Values values) {
        return source == null ? 0 : source.number(hands, values);
    }

    /** The text that reads back as this. */
    public String text() {
        return switch (kind) {
            case EXACT -> String.valueOf(low);
            case RANGE -> low + "-" + high;
            case ABOUT -> middle() + "±" + (high - middle());
            case ANY -> "any";
            case REST -> "rest";
            case DERIVED -> source.text() + more("+", "-", "±");
        };
    }

    /** The amount in a sentence. */
    public String words() {
        return switch (kind) {
            case EXACT -> String.valueOf(low);
            case RANGE -> low + "–" + high;
            case ABOUT -> "about " + middle() + " ± " + (high - middle());
            case ANY -> "any number of";
            case REST -> "the rest";
            case DERIVED ->
                source.words()
                        + (source.earlier() ? more(", and ", ", less ", ", give or take ") : more(" + ", " − ", " ± "));
        };
    }

    private String more(String plus, String minus, String about) {
        int added = middle();
        int error = high - added;
        return (added == 0 ? "" : (added > 0 ? plus : minus) + Math.abs(added)) + (error == 0 ? "" : about + error);
    }
}
