package craftypocket.core.cards;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How cards are written and read: codes such as {@code QC} and {@code 10H}, signs, names and Unicode characters. */
public final class CardText {

    private static final List<String> RANK_CODES =
            List.of("A", "2", "3", "4", "5", "6", "7", "8", "9", "10", "J", "Q", "K");
    private static final List<String> RANK_WORDS = List.of(
            "ace", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "jack", "queen", "king");
    /** U+1F0AC and its like are knights, which a 52-card pack lacks: queens and kings come one later. */
    private static final int KNIGHT = 12;

    private CardText() {}

    /** The code of a side: {@code QC}, {@code 10H}, {@code J1} and {@code J2} for jokers, {@code blank}, {@code back}. */
    public static String code(Side side) {
        return switch (side.kind()) {
            case FACE -> RANK_CODES.get(side.rank() - 1) + side.suit().letter();
            case JOKER -> "J" + side.rank();
            case BLANK -> "blank";
            case BACK -> "back";
        };
    }

    /** The short sign of a side: {@code Q♣}, {@code Joker}. */
    public static String sign(Side side) {
        return switch (side.kind()) {
            case FACE -> RANK_CODES.get(side.rank() - 1) + side.suit().pip();
            case JOKER -> "Joker " + side.rank();
            default -> code(side);
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
        for (int joker = 1; joker <= 2; joker++) {
            if (wanted.equals(unicode(Side.joker(joker)))) {
                return Optional.of(Side.joker(joker));
            }
        }
        return Optional.empty();
    }
}
