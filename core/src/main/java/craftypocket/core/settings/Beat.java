package craftypocket.core.settings;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One beat of a packet count: cards go from the giving hand into the taking hand.
 *
 * @param take which cards go over
 * @param size how many, for {@link Take#BLOCK}
 * @param exchange whether the taking hand gives back what it holds, as it takes the next
 */
public record Beat(Take take, int size, Exchange exchange) {

    /** Which cards go over. */
    public enum Take {
        /** The top card alone. */
        PEEL("peel", "peel"),
        /** The bottom card alone. */
        DRAW("draw", "draw from the bottom"),
        /** Some top cards as one. */
        BLOCK("block", "a block"),
        /** All but the bottom card, as one. */
        ALL_BUT("all-but", "all but the bottom one"),
        /** Everything that is left, as one. */
        REST("rest", "the rest as one");

        private static final Take[] ALL = values();

        private final String word;
        private final String said;

        Take(String word, String said) {
            this.word = word;
            this.said = said;
        }
    }

    /** Where the taking hand's cards go as the next are taken. */
    public enum Exchange {
        NONE(""),
        UNDER("under-"),
        OVER("over-");

        private static final Exchange[] ALL = values();

        private final String word;

        Exchange(String word) {
            this.word = word;
        }
    }

    /** A count of more beats than this is no count. */
    public static final int MOST_BEATS = 24;

    /** What {@link #read} reads, in words. */
    public static final String FORMS =
            "peel, draw, block2 (or more), all-but or rest, each with under- or over- before it"
                    + " when the cards of the taking hand go back as it is taken";

    private static final Pattern FORM = Pattern.compile("(under-|over-)?(peel|draw|all-but|rest|block([1-9]\\d?))");

    /** Reads {@code peel}, {@code block3}, {@code under-all-but} and so on; empty when it is no beat. */
    public static Optional<Beat> read(String text) {
        Matcher form = FORM.matcher(text);
        if (!form.matches()) {
            return Optional.empty();
        }
        Exchange exchange = Exchange.NONE;
        for (Exchange each : Exchange.ALL) {
            exchange = each.word.equals(form.group(1)) ? each : exchange;
        }
        Take take = Take.BLOCK;
        for (Take each : Take.ALL) {
            take = each.word.equals(form.group(2)) ? each : take;
        }
        return Optional.of(new Beat(take, take == Take.BLOCK ? Integer.parseInt(form.group(3)) : 0, exchange));
    }

    /** The beat in a sentence. */
    String words() {
        String taken = take == Take.BLOCK ? take.said + " of " + size : take.said;
        return exchange == Exchange.NONE ? taken : taken + " in exchange (" + exchange.word.replace("-", "") + ")";
    }

    /** The beat as one number, as {@link Values#chunks} holds it. */
    int code() {
        return (size * Take.ALL.length + take.ordinal()) * Exchange.ALL.length + exchange.ordinal();
    }

    /** The code of the same beat that takes so many cards more by mistake; -1 when it takes all there are anyway. */
    public static int withMore(int code, int more) {
        Take take = take(code);
        if (take != Take.PEEL && take != Take.BLOCK) {
            return -1;
        }
        int size = take == Take.PEEL ? 1 : code / Exchange.ALL.length / Take.ALL.length;
        return new Beat(Take.BLOCK, size + more, exchange(code)).code();
    }

    /** What is taken in the beat of a code. */
    public static Take take(int code) {
        return Take.ALL[code / Exchange.ALL.length % Take.ALL.length];
    }

    /** The exchange of the beat of a code. */
    public static Exchange exchange(int code) {
        return Exchange.ALL[code % Exchange.ALL.length];
    }

    /**
     * How many cards go over in the beat of a code.
     *
     * @param giving how many the giving hand holds
     */
    public static int count(int code, int giving) {
        return switch (take(code)) {
            case PEEL, DRAW -> 1;
            case BLOCK -> code / Exchange.ALL.length / Take.ALL.length;
            case ALL_BUT -> giving - 1;
            case REST -> giving;
        };
    }
}
