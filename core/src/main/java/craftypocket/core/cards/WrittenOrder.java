package craftypocket.core.cards;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * An order of cards as somebody wrote it down: {@code QC 7H}, {@code Ace of Spades, ten of hearts}, {@code ah2c3d},
 * {@code S-A H-10}, {@code ♥A ♦K}, {@code Q h, 4 c}, {@code AS-KS} for a run of a suit, {@code new-deck order} for all that
 * is not named, numbered lists, and columns of a spreadsheet. A routine keeps the codes of {@link CardText#split}.
 *
 * @param cards what was read, in order
 * @param unread what names no card, where it stands, and what to do
 */
public record WrittenOrder(List<Named> cards, List<Unread> unread) {

    /** More cards than two packs nobody lays. */
    public static final int MOST = Pack.MOST_CARDS;

    /**
     * A card of the order.
     *
     * @param code its code, or {@code #3} for the third card of the pack
     * @param faceUp whether it lies face up
     */
    public record Named(String code, boolean faceUp) {}

    /**
     * Words that name no card.
     *
     * @param from the index of their first letter in the text
     * @param to the index after their last
     * @param cure what to write instead, as a sentence
     */
    public record Unread(int from, int to, String text, String cure) {}

    private static final String RANK_WORDS =
            "ace|two|three|four|five|six|seven|eight|nine|ten|jack|knave|queen|king|10|[2-9]|[atjqk]";
    private static final String SUIT_WORDS = "spades?|hearts?|diamonds?|clubs?|[shdc]|[♠♤♥♡❤♦♢♣♧]\\x{FE0F}?";
    private static final String APART = "(?: +of +|[ \\t]*[-–][ \\t]*|[ \\t]*[,;\\t][ \\t]*| *)";
    private static final String DASH = "[ \\t]*(?:[-–—…]|\\.{2,3})[ \\t]*|[ \\t]+(?:to|through)[ \\t]+";

    private static final Pattern RANK = anyCase(RANK_WORDS);
    private static final Pattern SUIT = anyCase(SUIT_WORDS);
    private static final Pattern RANK_FIRST =
            anyCase("(?<rank>%s)%s(?<suit>%s)".formatted(RANK_WORDS, APART, SUIT_WORDS));
    private static final Pattern SUIT_FIRST =
            anyCase("(?<suit>%s)%s(?<rank>%s)".formatted(SUIT_WORDS, APART, RANK_WORDS));
    private static final Pattern RANKS_OF_SUIT = anyCase(
            "(?<rank>%1$s)(?:%3$s)(?<last>%1$s)(?: +of +| *)(?<suit>%2$s)".formatted(RANK_WORDS, SUIT_WORDS, DASH));
    private static final Pattern SUIT_OF_RANKS =
            anyCase("(?<suit>%2$s) *(?<rank>%1$s)(?:%3$s)(?<last>%1$s)".formatted(RANK_WORDS, SUIT_WORDS, DASH));
    private static final Pattern RUN = anyCase(DASH);
    private static final Pattern JOKER =
            anyCase("(?:(?<first>first|1st)|(?<second>second|2nd))? *jokers? *(?<number>[12])?");
    private static final Pattern NEW_DECK = anyCase("(?:(?:the +)?rest +)?(?:in +)?new[- ]+deck[- ]+order");
    private static final Pattern FACE_UP = anyCase("[ \\t]*(?:\\(? *face[- ]?up *\\)?|[↑^])");
    private static final Pattern BETWEEN =
            anyCase("[\\s,;:.|•*·\"“”'’()\\[\\]_–—-]+" + "|\\b(?:and|then|the|from the top|face[- ]?down)\\b");
    private static final Pattern NUMBERED = anyCase("(?<![\\p{L}\\p{N}])\\d{1,3}[.):](?=\\s)");
    private static final Pattern HEADINGS =
            anyCase("\\s*(?:(?:position|place|no|nr|card|cards|rank|value|suit|name)\\b[.\\s,;:|\"]*){1,8}(?=\\R)");
    private static final Pattern CHUNK = Pattern.compile("[^\\s,;\"]+");
    private static final Pattern OTHER_NUMBER = Pattern.compile("0|1|1[1-9]|[2-9]\\d|\\d{3,}");

    private static Pattern anyCase(String words) {
        return Pattern.compile(words, Pattern.CASE_INSENSITIVE);
    }

    /** Reads what somebody wrote. A run goes from a card to another of its suit, up or down, with the ace below the two. */
    public static WrittenOrder read(String text) {
        return new Reader(text).read();
    }

    /** Goes through a text from its first letter to its last. */
    private static final class Reader {

        private final String text;
        private final List<Named> cards = new ArrayList<>();
        private final List<Unread> unread = new ArrayList<>();
        private final Optional<Pattern> lineNumber;

        /** Before which of the cards the rest of a new deck lies, or -1. */
        private int rest = -1;

        private int at;

        /** Whether a dash was the last thing read: in {@code AS-KS-3D} dashes only stand between cards. */
        private boolean dashed;

        Reader(String text) {
            this.text = text;
            lineNumber = numbersOfLines();
        }

        WrittenOrder read() {
            skip(HEADINGS);
            while (at < text.length()) {
                if (!between() && !card()) {
                    leave(chunk());
                }
            }
            if (rest >= 0) {
                cards.addAll(rest, restOfNewDeck());
            }
            return new WrittenOrder(List.copyOf(cards), List.copyOf(unread));
        }

        private Matcher matcher(Pattern pattern) {
            return pattern.matcher(text)
                    .region(at, text.length())
                    .useTransparentBounds(true)
                    .useAnchoringBounds(false);
        }

        private boolean skip(Pattern pattern) {
            Matcher matcher = matcher(pattern);
            if (!matcher.lookingAt() || matcher.end() == at) {
                return false;
            }
            at = matcher.end();
            return true;
        }

        /** The number a line begins with, where every line after the headings begins with the next one. */
        private Optional<Pattern> numbersOfLines() {
            List<String> lines = text.lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty())
                    .toList();
            int first = lines.isEmpty() || Character.isDigit(lines.get(0).charAt(0)) ? 0 : 1;
            boolean all = IntStream.range(first, lines.size())
                    .allMatch(i -> lines.get(i).matches("\"?" + (i + 1 - first) + "\\b.+"));
            return lines.size() - first >= 2 && all
                    ? Optional.of(Pattern.compile("(?m)^[\\s\"]*\\d{1,3}\\b"))
                    : Optional.empty();
        }

        private boolean between() {
            int from = at;
            boolean read = (lineNumber.isPresent() && skip(lineNumber.get())) || skip(NUMBERED) || skip(BETWEEN);
            if (read) {
                dashed = text.substring(from, at).matches("\\s*[-–—]\\s*");
            }
            return read;
        }

        private boolean card() {
            if (cards.size() >= MOST) {
                leave(text.length());
                return true;
            }
            if (rest < 0 && skip(NEW_DECK)) {
                rest = cards.size();
                return true;
            }
            boolean afterDash = dashed;
            dashed = false;
            if (ranksOfOneSuit()) {
                return true;
            }
            if (!whole() && !joker() && !pairs()) {
                return false;
            }
            if (skip(FACE_UP)) {
                Named last = cards.remove(cards.size() - 1);
                cards.add(new Named(last.code(), true));
            }
            if (!afterDash) {
                run();
            }
            return true;
        }

        /** What a routine keeps: a code, a sign, two sides, a playing card of Unicode. */
        private boolean whole() {
            String word = CardText.split(text.substring(at, chunk())).stream()
                    .findFirst()
                    .orElse("");
            String bare = word.replaceFirst("[↑^.:)]+$", "");
            Optional<String> code = CardText.readCard(bare)
                    .map(CardText::code)
                    .or(() -> Optional.of(bare).filter(number -> number.matches("#\\d{1,3}")));
            code.ifPresent(card -> {
                cards.add(new Named(card, false));
                at += bare.length();
            });
            return code.isPresent();
        }

        private boolean joker() {
            Matcher joker = matcher(JOKER);
            if (!joker.lookingAt() || goesOn(joker.end())) {
                return false;
            }
            boolean second = joker.group("second") != null || "2".equals(joker.group("number"));
            boolean stated = second || joker.group("first") != null || joker.group("number") != null;
            boolean another =
                    !stated && cards.stream().anyMatch(card -> card.code().equals("J1"));
            cards.add(new Named(second || another ? "J2" : "J1", false));
            at = joker.end();
            return true;
        }

        /** {@code A-K of spades}, {@code ♠ 10–A}. */
        private boolean ranksOfOneSuit() {
            for (Pattern pattern : List.of(RANKS_OF_SUIT, SUIT_OF_RANKS)) {
                Matcher run = matcher(pattern);
                if (run.lookingAt() && !goesOn(run.end())) {
                    add(run);
                    runTo(run.group("last"));
                    at = run.end();
                    return true;
                }
            }
            return false;
        }

        /** Values with their suits, which may stand apart, or many in one word: {@code ah2c3d} is three cards. */
        private boolean pairs() {
            int before = cards.size();
            int start = at;
            do {
                Optional<Matcher> pair = pair();
                if (pair.isEmpty()) {
                    // What begins as cards and goes on as something else is no card: “cat”.
                    cards.subList(before, cards.size()).clear();
                    at = start;
                    return false;
                }
                add(pair.get());
                at = pair.get().end();
            } while (goesOn(at));
            return true;
        }

        private Optional<Matcher> pair() {
            return Stream.of(RANK_FIRST, SUIT_FIRST)
                    .map(this::matcher)
                    .filter(Matcher::lookingAt)
                    .findFirst();
        }

        /** {@code AS-KS}: goes on to another card of the suit, unless dashes stand between all cards. */
        private void run() {
            int here = at;
            Suit suit = CardText.read(cards.get(cards.size() - 1).code())
                    .map(Side::suit)
                    .orElse(null);
            if (suit != null && skip(RUN)) {
                Optional<Matcher> last = pair().filter(pair -> !goesOn(pair.end()) && suit(pair) == suit);
                if (last.isPresent()) {
                    at = last.get().end();
                    if (!matcher(RUN).lookingAt()) {
                        runTo(last.get().group("rank"));
                        return;
                    }
                }
            }
            at = here;
        }

        /** Adds what follows the last card up to one of its suit; the ace is the lowest. */
        private void runTo(String rank) {
            Side first = CardText.read(cards.get(cards.size() - 1).code()).orElseThrow();
            int to = rank(rank);
            for (int next = first.rank(); next != to; ) {
                next += Integer.signum(to - next);
                cards.add(new Named(CardText.code(Side.face(next, first.suit())), false));
            }
        }

        private void add(Matcher pair) {
            cards.add(new Named(CardText.code(Side.face(rank(pair.group("rank")), suit(pair))), false));
        }

        private List<Named> restOfNewDeck() {
            Set<String> named = cards.stream().map(Named::code).collect(Collectors.toSet());
            return Pack.of52().cards().stream()
                    .map(CardText::code)
                    .filter(code -> !named.contains(code))
                    .map(code -> new Named(code, false))
                    .toList();
        }

        /** Whether a word goes on at a place. */
        private boolean goesOn(int place) {
            return place < text.length()
                    && (Character.isLetterOrDigit(text.codePointAt(place))
                            || SUIT.matcher(text.substring(place, place + 1)).matches());
        }

        /** Where the word ends that begins here. */
        private int chunk() {
            Matcher chunk = matcher(CHUNK);
            return chunk.lookingAt() ? chunk.end() : at + 1;
        }

        private void leave(int end) {
            String word = text.substring(at, end);
            unread.add(new Unread(
                    at,
                    end,
                    word,
                    cards.size() >= MOST ? "More than " + MOST + " cards are too many: end here." : cure(word)));
            at = end;
        }

        private static String cure(String word) {
            if (RANK.matcher(word).matches()) {
                String rank = CardText.code(Side.face(rank(word), Suit.SPADES));
                rank = rank.substring(0, rank.length() - 1);
                return "Of which suit? Write %1$sS, %1$sH, %1$sD or %1$sC.".formatted(rank);
            }
            if (SUIT.matcher(word).matches()) {
                return "Which of the " + suit(word).word()
                        + "? Write A%1$c, 2%1$c … K%1$c.".formatted(suit(word).letter());
            }
            if (OTHER_NUMBER.matcher(word).lookingAt()) {
                return "Values are A, 2 to 10, J, Q, K. Leave numbers of lines out, or write 1. and 2. before them.";
            }
            return "No card is called so: write QC, Q♣ or queen of clubs, or leave it out.";
        }

        private static int rank(String text) {
            String word = text.toLowerCase(Locale.ROOT);
            return switch (word) {
                case "t" -> 10;
                case "knave" -> 11;
                default -> CardText.rank(word);
            };
        }

        private static Suit suit(Matcher pair) {
            return suit(pair.group("suit"));
        }

        private static Suit suit(String text) {
            return switch (Character.toUpperCase(text.charAt(0))) {
                case 'S', '♠', '♤' -> Suit.SPADES;
                case 'H', '♥', '♡', '❤' -> Suit.HEARTS;
                case 'D', '♦', '♢' -> Suit.DIAMONDS;
                default -> Suit.CLUBS;
            };
        }
    }
}
