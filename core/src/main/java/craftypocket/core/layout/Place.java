package craftypocket.core.layout;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Where a pile lies.
 *
 * @param kind which sort of place
 * @param name which of its kind, such as the spectator's name; empty for kinds that there is only one of
 */
public record Place(Kind kind, String name) {

    /** The sorts of places a pile can lie at, with the word written before the colon in a place's text. */
    public enum Kind {
        DECK("deck", false, true),
        OTHER_HAND("other-hand", false, true),
        TABLE("table", true, true),
        SPECTATOR("spectator", true, true),
        PALM("palm", false, false),
        POCKET("pocket", true, false),
        CASE("case", false, false),
        WALLET("wallet", false, false),
        UNDER("under", true, false),
        /** A part of a thing: {@code in:wallet}, or {@code in:wallet/left}. */
        IN("in", true, false);

        private final String word;
        private final boolean named;
        private final boolean open;

        Kind(String word, boolean named, boolean open) {
            this.word = word;
            this.named = named;
            this.open = open;
        }

        /** Whether it is one of the performer’s own hands. */
        public boolean ownHand() {
            return this == DECK || this == OTHER_HAND;
        }

        /** Whether what lies uppermost there is seen by all. */
        public boolean open() {
            return open;
        }

        /** Whether places of this kind are told apart by a name: {@code table:left}. */
        public boolean named() {
            return named;
        }

        public String word() {
            return word;
        }
    }

    /** The longest name of a place. */
    public static final int LONGEST_NAME = 30;

    private static final String ONE_NAME = "[\\p{L}\\p{N}][\\p{L}\\p{N} '.-]{0," + (LONGEST_NAME - 1) + "}";

    private static final Pattern NAME = Pattern.compile(ONE_NAME);
    private static final Pattern NAME_AND_SLOT = Pattern.compile(ONE_NAME + "(/" + ONE_NAME + ")?");

    /** The deck in the hand: where every routine starts. */
    public static final Place DECK = new Place(Kind.DECK, "");

    public static Place spectator(String name) {
        return new Place(Kind.SPECTATOR, name);
    }

    /** A part of a thing; the part has no name when there is only one. */
    public static Place inside(String thing, String slot) {
        return new Place(Kind.IN, slot.isEmpty() ? thing : thing + "/" + slot);
    }

    /** Whether a place or a thing can be called so. */
    public static boolean isName(String name) {
        return NAME.matcher(name).matches();
    }

    /** The name of the thing of which this is a part. */
    public String thing() {
        return name.split("/", 2)[0];
    }

    /**
     * Reads {@code deck}, {@code table:left}, {@code spectator:Ines} and so on.
     *
     * @return empty when the text is no place
     */
    public static Optional<Place> read(String text) {
        int colon = text.indexOf(':');
        String word = (colon < 0 ? text : text.substring(0, colon)).strip();
        String name = colon < 0 ? "" : text.substring(colon + 1).strip();
        for (Kind kind : Kind.values()) {
            Pattern pattern = kind == Kind.IN ? NAME_AND_SLOT : NAME;
            boolean nameFits = kind.named ? pattern.matcher(name).matches() : name.isEmpty();
            if (kind.word.equals(word) && nameFits) {
                return Optional.of(new Place(kind, name));
            }
        }
        return Optional.empty();
    }

    /** The text that {@link #read} reads. */
    public String text() {
        return kind.named ? kind.word + ":" + name : kind.word;
    }

    /** The place in words, such as {@code the deck} or {@code Ines's hand}. */
    public String label() {
        return switch (kind) {
            case SPECTATOR -> caption();
            case IN -> Thing.called(caption());
            default -> "the " + caption();
        };
    }

    /** The same standing alone, such as {@code deck} or {@code Ines's hand}. */
    public String caption() {
        return switch (kind) {
            case DECK -> "deck";
            case OTHER_HAND -> "other hand";
            case TABLE -> "“" + name + "” pile";
            case SPECTATOR -> name + "’s hand";
            case PALM -> "palm";
            case POCKET -> "pocket (" + name + ")";
            case CASE -> "card case";
            case WALLET -> "wallet";
            case UNDER -> "cards under the " + name;
            case IN -> name.replace("/", ", ");
        };
    }

    /** Where a thing lies, in words, such as {@code on the table (mat)} or {@code in Ines’s hand}. */
    public String spot() {
        return switch (kind) {
            case DECK -> "in the hand that held the deck";
            case TABLE -> "on the table (" + name + ")";
            case UNDER -> "under the " + name;
            default -> "in " + label();
        };
    }
}
