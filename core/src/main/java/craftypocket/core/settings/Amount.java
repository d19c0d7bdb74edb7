package craftypocket.core.settings;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A count or depth as a performer states it: exactly 26, anywhere from 15 to 37, about 26 give or take 3, any number
 * that is possible, or the rest.
 *
 * @param kind how it is stated
 * @param low the least it can be; 0 when the layout decides
 * @param high the most it can be; 0 when the layout decides
 */
public record Amount(Kind kind, int low, int high) {

    /** How an amount is stated. */
    public enum Kind {
        EXACT,
        RANGE,
        ABOUT,
        ANY,
        REST
    }

    /** Larger than any pile. A number past it is a slip of the pen, and is refused when read. */
    public static final int MOST = 104;

    public static final Amount REST = new Amount(Kind.REST, 0, 0);
    public static final Amount ANY = new Amount(Kind.ANY, 0, 0);

    /** The forms that {@link #read} reads, in words. */
    public static final String FORMS =
            "a number such as 26, a range such as 15-37, about such as 26±3, “any” or “rest”, each up to " + MOST;

    private static final Pattern FORM = Pattern.compile("(\\d{1,4})(?:\\s*(-|–|±|\\+-)\\s*(\\d{1,4}))?");

    public static Amount exactly(int number) {
        return new Amount(Kind.EXACT, number, number);
    }

    /**
     * Reads {@code 26}, {@code 15-37}, {@code 26±3} (or {@code 26+-3}), {@code any} or {@code rest}.
     *
     * @return empty when the text is none of these, or when a number in it is more than {@link #MOST}
     */
    public static Optional<Amount> read(String text) {
        String wanted = text.strip();
        if (wanted.equalsIgnoreCase("any")) {
            return Optional.of(ANY);
        }
        if (wanted.equalsIgnoreCase("rest")) {
            return Optional.of(REST);
        }
        Matcher form = FORM.matcher(wanted);
        if (!form.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(form.group(1));
        if (form.group(2) == null) {
            return first > MOST ? Optional.empty() : Optional.of(exactly(first));
        }
        int second = Integer.parseInt(form.group(3));
        boolean range = form.group(2).equals("-") || form.group(2).equals("–");
        Amount amount =
                range ? new Amount(Kind.RANGE, first, second) : new Amount(Kind.ABOUT, first - second, first + second);
        return amount.low < 0 || amount.high > MOST || amount.low > amount.high
                ? Optional.empty()
                : Optional.of(amount);
    }

    /** Whether somebody else, or the unsureness of the hand, decides the number. */
    public boolean isChoice() {
        return kind == Kind.ANY || (kind != Kind.REST && low < high);
    }

    /** The middle of an amount that has numbers. */
    public int middle() {
        return (low + high) / 2;
    }

    /** The text that {@link #read} reads. */
    public String text() {
        return switch (kind) {
            case EXACT -> String.valueOf(low);
            case RANGE -> low + "-" + high;
            case ABOUT -> middle() + "±" + (high - middle());
            case ANY -> "any";
            case REST -> "rest";
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
        };
    }
}
