package craftypocket.core.cards;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How cards are written and read: codes such as {@code QC} and {@code 10H}, signs, names and Unicode characters. */
public final class CardText {

    private static final List<String> RANK_CODES =
            List.of("A", "2", "3", "4", "5", "6", "7", "8", "9", "10", "J", "Q", "K");
    private static final List<String> RANK_WORDS = List.of(
            "ace", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "jack", "queen", "king");
    /** U+1F0AC and its like are knights, which a 52-card pack lacks: queens and kings come one later. */
    private static final int KNIGHT = 12;

    private static final String BLANK = "blank";
    private static final String BACK = "back";
    private static final int FIRST_PLAYING_CARD = 0x1F0A0;
    private static final int LAST_PLAYING_CARD = 0x1F0FF;
    private static final Pattern OTHER_BACK = Pattern.compile("BACK-([A-Z]{2,12})");
    private static final Pattern BETWEEN_CARDS = Pattern.compile("[\\s,;]+");

    private CardText() {}

    /**
     * The code of a side: {@code QC}, {@code 10H}, {@code J1} and {@code J2} for jokers, {@code blank}, {@code back} for
     * the usual back, and {@code back-red} for another.
     */
    public static String code(Side side) {
        return switch (side.kind()) {
            case FACE -> RANK_CODES.get(side.rank() - 1) + side.suit().letter();
            case JOKER -> "J" + side.rank();
            case BLANK -> BLANK;
            case BACK -> side.equals(Side.USUAL_BACK) ? BACK : BACK + "-" + side.design();
        };
    }

    /** The code of a card: of its front alone, or of both sides when it is no regular card: {@code KH/AC}. */
    public static String code(Card card) {
        boolean usual = card.back().equals(Side.USUAL_BACK) && !card.front().isBack();
        return code(card.front()) + (usual ? "" : "/" + code(card.back()));
    }

    /** The short sign of a card: {@code Q♣}, {@code K♥/A♣}. */
    public static String sign(Card card) {
        boolean usual = card.back().equals(Side.USUAL_BACK) && !card.front().isBack();
        return sign(card.front()) + (usual ? "" : "/" + sign(card.back()));
    }

    /** The name of a card, with what is unusual about it. */
    public static String name(Card card) {
        boolean usual = card.back().equals(Side.USUAL_BACK) && !card.front().isBack();
        return name(card.front()) + (usual ? "" : ", on the other side " + name(card.back()));
    }

    /** The short sign of a side: {@code Q♣}, {@code Joker}. */
    public static String sign(Side side) {
        return switch (side.kind()) {
            case FACE -> RANK_CODES.get(side.rank() - 1) + side.suit().pip();
            case JOKER -> "Joker " + side.rank();
            case BLANK -> BLANK;
            case BACK -> side.equals(Side.USUAL_BACK) ? BACK : side.design() + " back";
        };
    }

    /** The English name of a side: {@code queen of clubs}. */
    public static String name(Side side) {
        return switch (side.kind()) {
            case FACE -> RANK_WORDS.get(side.rank() - 1) + " of " + side.suit().word();
            case JOKER -> side.rank() == 1 ? "first joker" : "second joker";
            case BLANK -> "blank side";
            case BACK -> side.design() + " back";
        };
    }

    /** The value that a code or a word in small letters means, such as {@code q} and {@code queen}: 1 to 13. */
    static int rank(String text) {
        int code = RANK_CODES.indexOf(text.toUpperCase(Locale.ROOT));
        return 1 + (code >= 0 ? code : RANK_WORDS.indexOf(text));
    }

    /** The character of a side in the Unicode block Playing Cards; a blank has none and gives a space. */
    public static String unicode(Side side) {
        int point = switch (side.kind()) {
            case FACE -> side.suit().unicodeBase() + side.rank() + (side.rank() >= KNIGHT ? 1 : 0);
            case JOKER -> side.rank() == 1 ? 0x1F0CF : 0x1F0DF;
            case BACK -> 0x1F0A0;
            case BLANK -> ' ';
        };
        return Character.toString(point);
    }

    /**
     * Reads one side from a code ({@code QC}, {@code 10h}, {@code TH}, {@code J1}), from signs ({@code Q♣}) or from a
     * Unicode playing card.
     *
     * @return empty when the text names no card
     */
    public static Optional<Side> read(String text) {
        String wanted = text.strip().toUpperCase(Locale.ROOT);
        if (wanted.equals("J1") || wanted.equals("J2")) {
            return Optional.of(Side.joker(wanted.charAt(1) - '0'));
        }
        if (wanted.startsWith("T") && wanted.length() == 2) {
            wanted = "10" + wanted.charAt(1);
        }
        for (Suit suit : Suit.values()) {
            for (int rank = 1; rank <= 13; rank++) {
                Side side = Side.face(rank, suit);
                if (wanted.equals(code(side)) || wanted.equals(sign(side)) || wanted.equals(unicode(side))) {
                    return Optional.of(side);
                }
            }
        }
        if (wanted.equals("BLANK")) {
            return Optional.of(Side.BLANK);
        }
        Matcher otherBack = OTHER_BACK.matcher(wanted);
        if (wanted.equals("BACK") || otherBack.matches()) {
            return Optional.of(
                    wanted.equals("BACK")
                            ? Side.USUAL_BACK
                            : Side.back(otherBack.group(1).toLowerCase(Locale.ROOT)));
        }
        for (int joker = 1; joker <= 2; joker++) {
            if (wanted.equals(unicode(Side.joker(joker)))) {
                return Optional.of(Side.joker(joker));
            }
        }
        return Optional.empty();
    }

    /**
     * Reads a card: one side for a card with the usual back, or two sides with a slash between, such as {@code KH/AC} for
     * a double-faced card, {@code back/back} for a double-backed one and {@code QC/back-red} for one with another back.
     *
     * @return empty when the text names no card
     */
    public static Optional<Card> readCard(String text) {
        int slash = text.indexOf('/');
        Optional<Side> front = read(slash < 0 ? text : text.substring(0, slash));
        Optional<Side> back = slash < 0 ? Optional.of(Side.USUAL_BACK) : read(text.substring(slash + 1));
        return front.isEmpty() || back.isEmpty() ? Optional.empty() : Optional.of(new Card(front.get(), back.get()));
    }

    /**
     * Takes an order apart into the texts of its cards. Cards may stand apart by spaces, commas, semicolons or line ends,
     * so that a line of codes and a CSV file both do; Unicode playing cards need nothing between them.
     */
    public static List<String> split(String order) {
        StringBuilder spaced = new StringBuilder();
        order.codePoints().forEach(point -> {
            boolean playingCard = point >= FIRST_PLAYING_CARD && point <= LAST_PLAYING_CARD;
            if (playingCard && !endsWith(spaced, '/')) {
                spaced.append(' ');
            }
            spaced.appendCodePoint(point);
        });
        return BETWEEN_CARDS
                .splitAsStream(spaced)
                .filter(word -> !word.isEmpty())
                .toList();
    }

    private static boolean endsWith(StringBuilder text, char wanted) {
        return !text.isEmpty() && text.charAt(text.length() - 1) == wanted;
    }
}
