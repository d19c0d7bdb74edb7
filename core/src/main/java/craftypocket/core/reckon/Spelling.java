package craftypocket.core.reckon;

import craftypocket.core.cards.Side;

/** How many letters the names of cards have, in several languages; one card is dealt for each letter. */
public final class Spelling {

    /** What a language calls the cards. */
    private record Names(String[] ranks, String[] suits, String joiner) {

        String name(int rank, int suit) {
            return ranks[rank - 1] + joiner + suits[suit];
        }
    }

    private static final String[] ENGLISH = {
        "ace", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "jack", "queen", "king"
    };
    private static final String[] SUITS = {"spades", "hearts", "diamonds", "clubs"};

    /** A language, with or without its small words. */
    public enum Language {
        ENGLISH("English, with “of”"),
        ENGLISH_SHORT("English, without “of”"),
        FRENCH("French"),
        GERMAN("German"),
        SPANISH("Spanish"),
        ITALIAN("Italian");

        private final String label;

        Language(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** In the order of {@link Language}. */
    private static final Names[] NAMES = {
        new Names(ENGLISH, SUITS, " of "),
        new Names(ENGLISH, SUITS, " "),
        new Names(
                new String[] {
                    "as", "deux", "trois", "quatre", "cinq", "six", "sept", "huit", "neuf", "dix", "valet", "dame",
                    "roi"
                },
                new String[] {"pique", "cœur", "carreau", "trèfle"},
                " de "),
        new Names(
                new String[] {
                    "Ass", "Zwei", "Drei", "Vier", "Fünf", "Sechs", "Sieben", "Acht", "Neun", "Zehn", "Bube", "Dame",
                    "König"
                },
                new String[] {"Pik", "Herz", "Karo", "Kreuz"},
                " "),
        new Names(
                new String[] {
                    "as", "dos", "tres", "cuatro", "cinco", "seis", "siete", "ocho", "nueve", "diez", "jota", "reina",
                    "rey"
                },
                new String[] {"picas", "corazones", "diamantes", "tréboles"},
                " de "),
        new Names(
                new String[] {
                    "asso", "due", "tre", "quattro", "cinque", "sei", "sette", "otto", "nove", "dieci", "fante",
                    "donna", "re"
                },
                new String[] {"picche", "cuori", "quadri", "fiori"},
                " di ")
    };

    /** By language, rank and suit. */
    private static final int[][][] LENGTHS = lengths();

    private Spelling() {}

    private static int[][][] lengths() {
        int[][][] lengths = new int[NAMES.length][13][SUITS.length];
        for (int language = 0; language < NAMES.length; language++) {
            for (int rank = 1; rank <= 13; rank++) {
                for (int suit = 0; suit < SUITS.length; suit++) {
                    lengths[language][rank - 1][suit] = letters(NAMES[language].name(rank, suit));
                }
            }
        }
        return lengths;
    }

    /**
     * How many letters the name of a side has.
     *
     * @param language the place of a {@link Language} among all
     * @return 0 for a back or a blank; 5 for a joker, whatever the language
     */
    public static int length(Side side, int language) {
        return switch (side.kind()) {
            case FACE -> LENGTHS[language][side.rank() - 1][side.suit().ordinal()];
            case JOKER -> "joker".length();
            default -> 0;
        };
    }

    /** The name of a face in a language. */
    public static String name(Side face, int language) {
        return NAMES[language].name(face.rank(), face.suit().ordinal());
    }

    /** How many letters a text has; a ligature such as œ counts as the two letters that it is spelled with. */
    public static int letters(String text) {
        return (int) text.codePoints().filter(Character::isLetter).count()
                + (int) text.codePoints()
                        .filter(point -> point == 'œ' || point == 'æ')
                        .count();
    }
}
