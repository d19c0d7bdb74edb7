package craftypocket.core.settings;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Place;
import craftypocket.core.reckon.Reading;
import craftypocket.core.reckon.Spelling;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What an amount is worked out from when its step is done. */
public abstract sealed class Source {

    /** What can be written, in words. */
    public static final String FORMS =
            "“at break” (the one taken last), “at little”, “at thumb”, “at in-jog” or another hold, “from A” (where A was taken), “as cut.depth” (an amount of"
                    + " an earlier step), “size” (of the pile), “size of table:left”, “a half”, “a third” or “a quarter” (of the pile), “letters of A” or “value of A”, each with + or - a number"
                    + " and ± how far off it may be";

    /** The parts of a pile that one judges by eye, by how many of them make it up. */
    private static final Map<String, Integer> PARTS = Map.of("half", 2, "third", 3, "quarter", 4);

    /** The little finger’s break, where “break” is whichever was taken last. */
    private static final String LITTLE = "little";

    /** How a depth is told as a number of cards. */
    static final String ABOVE = "as many as lie above ";

    /** What there is nothing to be worked out from, and what to do. */
    public record Missing(String reason, String mend) {}

    private final String text;
    private final String words;

    private Source(String text, String words) {
        this.text = text;
        this.words = words;
    }

    /** The number here, or -1 when there is none. */
    abstract int number(Hands hands, Values values);

    /** Why there is no number. */
    public abstract Missing missing();

    /** The role whose name the performer must know; -1 when it is worked out from something else. */
    public int reads() {
        return -1;
    }

    /** Whether it is the place of a card, of which the cards above it are one fewer. */
    boolean ofPlace() {
        return false;
    }

    final String text() {
        return text;
    }

    /** Whether it is a number of an earlier step. */
    boolean earlier() {
        return this instanceof Same;
    }

    final String words() {
        return words;
    }

    @Override
    public final boolean equals(Object other) {
        return other instanceof Source source && source.text.equals(text);
    }

    @Override
    public final int hashCode() {
        return text.hashCode();
    }

    private static final Pattern FORM =
            Pattern.compile("(at|from|as|a|size of|size|letters of|value of)(?: (?:the )?(.+?))??"
                    + "(?:\\s*([+−]|-(?=\\s*\\d))\\s*(\\d{1,3}))?(?:\\s*(?:±|\\+-)\\s*(\\d{1,3}))?");

    /** Reads an amount with a source, such as {@code at break+1}; empty when it is none. */
    static Optional<Amount> read(String text, SettingReader reader) {
        Matcher form = FORM.matcher(text.strip());
        if (!form.matches()) {
            return Optional.empty();
        }
        int added = form.group(4) == null ? 0 : Integer.parseInt(form.group(4));
        int more = form.group(3) != null && !form.group(3).equals("+") ? -added : added;
        int error = form.group(5) == null ? 0 : Integer.parseInt(form.group(5));
        return source(form.group(1), form.group(2), text, reader)
                .map(source -> new Amount(Amount.Kind.DERIVED, more - error, more + error, source));
    }

    /** An amount with another addition, where the text says what it follows from; otherwise the number alone. */
    public static String withAddition(String text, int more) {
        Matcher form = FORM.matcher(text.strip());
        if (!form.matches() || (form.group(2) == null && !form.group(1).equals("size"))) {
            return String.valueOf(more);
        }
        return form.group(1)
                + (form.group(2) == null ? "" : " " + form.group(2))
                + (more == 0 ? "" : "+" + more)
                + (form.group(5) == null ? "" : "±" + form.group(5));
    }

    /** An amount that speaks of a role, a place or a step, once one of them has another name. */
    static String follow(String text, Renamed renamed) {
        Matcher form = FORM.matcher(text);
        if (!form.matches() || form.group(2) == null) {
            return text;
        }
        String what = form.group(2);
        String followed = switch (form.group(1)) {
            case "as" -> renamed.amount(what);
            case "size of" -> renamed.place(what);
            case "from", "value of" -> renamed.name(Renamed.Kind.ROLE, what);
            case "letters of" -> {
                int in = what.indexOf(" in ");
                int end = in < 0 ? what.length() : in;
                yield renamed.name(Renamed.Kind.ROLE, what.substring(0, end)) + what.substring(end);
            }
            default -> what;
        };
        return text.substring(0, form.start(2)) + followed + text.substring(form.end(2));
    }

    private static Optional<Source> source(String kind, String what, String text, SettingReader reader) {
        if (what == null && !kind.equals("size")) {
            return Optional.empty();
        }
        return switch (kind) {
            case "at" ->
                what.equals(LITTLE)
                        ? Optional.of(new AtHold(what, Hold.Kind.BREAK, false))
                        : Hold.Kind.named(what).map(hold -> new AtHold(what, hold, hold == Hold.Kind.BREAK));
            case "as" -> as(what, text, reader);
            case "a" -> Optional.ofNullable(PARTS.get(what)).map(parts -> new Part(what, parts));
            case "size" -> what == null ? Optional.of(new SizeHere()) : Optional.empty();
            case "size of" -> Place.read(what).map(place -> new Size(place, reader.placeOf(place, text)));
            case "from" -> role(what, text, reader, role -> new CameFrom(what, role, reader.cast()));
            case "letters of" -> letters(what, text, reader);
            default -> role(what, text, reader, role -> new Value(what, role, reader.cast()));
        };
    }

    private static Optional<Source> role(
            String letter, String text, SettingReader reader, Function<Integer, Source> source) {
        int role = reader.cast().roleOf(letter);
        if (role == Cast.NOBODY) {
            reader.problem(text, "there is no role " + letter, "Name a role of this routine, such as A");
            return Optional.of(new Nothing());
        }
        return Optional.of(source.apply(role));
    }

    private static Optional<Source> as(String what, String text, SettingReader reader) {
        OptionalInt note = reader.earlier().note(what);
        if (note.isEmpty()) {
            reader.problem(
                    text,
                    reader.earlier().whyNot(what),
                    "Name an amount of an earlier step: the step, a dot and the setting, such as cut.depth");
            return Optional.of(new Nothing());
        }
        return Optional.of(new Same(what, note.getAsInt(), reader.earlier().told(what)));
    }

    private static Optional<Source> letters(String what, String text, SettingReader reader) {
        int in = what.indexOf(" in ");
        String letter = in < 0 ? what : what.substring(0, in);
        Optional<Spelling.Language> language = in < 0
                ? Optional.of(Spelling.Language.ENGLISH)
                : Arrays.stream(Spelling.Language.values())
                        .filter(l -> l.name()
                                .toLowerCase(Locale.ROOT)
                                .replace('_', '-')
                                .equals(what.substring(in + 4)))
                        .findFirst();
        return language.flatMap(
                l -> role(letter, text, reader, role -> new Letters(what, letter, role, l, reader.cast())));
    }

    /** Stands where a problem was found. */
    private static final class Nothing extends Source {

        Nothing() {
            super("", "");
        }

        @Override
        int number(Hands hands, Values values) {
            return -1;
        }

        @Override
        public Missing missing() {
            return new Missing("There is no number.", "Write one.");
        }
    }

    /** The depth of a hold in the pile that is acted on. */
    private static final class AtHold extends Source {

        private final Hold.Kind kind;
        /** Whether it is the break that was taken last, whichever finger holds it. */
        private final boolean last;

        AtHold(String what, Hold.Kind kind, boolean last) {
            super("at " + what, ABOVE + "the " + (what.equals(LITTLE) ? "little finger’s break" : kind.word()));
            this.kind = kind;
            this.last = last;
        }

        @Override
        int number(Hands hands, Values values) {
            int pile = values.pile();
            return last ? hands.breakDepth(pile) : hands.depthOf(pile, kind);
        }

        @Override
        public Missing missing() {
            return new Missing(
                    "There is no " + kind.word() + " here whose depth could be taken.",
                    "Put a move before this one that takes the hold, or write a number.");
        }
    }

    /** The place from which a role was taken last. */
    private static final class CameFrom extends Source {

        private final int role;
        private final String label;

        CameFrom(String letter, int role, Cast cast) {
            super("from " + letter, ABOVE + "the place of " + cast.part(role).label());
            this.role = role;
            label = cast.part(role).label();
        }

        @Override
        boolean ofPlace() {
            return true;
        }

        @Override
        int number(Hands hands, Values values) {
            return hands.cameFrom(role) - 1;
        }

        @Override
        public Missing missing() {
            return new Missing(label + " was taken from nowhere yet.", "Let it be taken first, or write a number.");
        }
    }

    /** The number of an earlier step, in the same world. */
    private static final class Same extends Source {

        private final int note;
        private final String amount;

        Same(String amount, int note, String told) {
            super("as " + amount, told);
            this.note = note;
            this.amount = amount;
        }

        @Override
        int number(Hands hands, Values values) {
            return hands.noted(note);
        }

        @Override
        public Missing missing() {
            return new Missing(
                    "“" + amount + "” has no number here: its step was not done.",
                    "Do that step in every case, or write a number.");
        }
    }

    /** How many cards a pile has. */
    private static final class Size extends Source {

        private final int place;
        private final String label;

        Size(Place place, int index) {
            super("size of " + place.text(), "the size of " + place.label());
            this.place = index;
            label = place.label();
        }

        @Override
        int number(Hands hands, Values values) {
            return hands.size(place) == 0 ? -1 : hands.size(place);
        }

        @Override
        public Missing missing() {
            return new Missing(
                    "There are no cards in " + label + " whose number could be judged.", "Choose another pile.");
        }
    }

    /** How many cards the pile has that is acted on. */
    private static final class SizeHere extends Source {

        SizeHere() {
            super("size", "its size");
        }

        @Override
        int number(Hands hands, Values values) {
            return hands.size(values.pile());
        }

        @Override
        public Missing missing() {
            return new Missing("There is no pile whose size could be judged.", "Write a number.");
        }
    }

    /** A part of the pile that is acted on, as hands judge it. */
    private static final class Part extends Source {

        private final int parts;

        Part(String name, int parts) {
            super("a " + name, "a " + name);
            this.parts = parts;
        }

        @Override
        int number(Hands hands, Values values) {
            int cards = hands.size(values.pile());
            return cards == 0 ? -1 : Math.round((float) cards / parts);
        }

        @Override
        public Missing missing() {
            return new Missing("There are no cards of which a part could be judged.", "Write a number.");
        }
    }

    /** The letters of a card whose name the performer knows. */
    private static final class Letters extends Source {

        private final int role;
        private final String label;
        private final Reading reading;

        Letters(String what, String letter, int role, Spelling.Language language, Cast cast) {
            super("letters of " + what, "the letters of " + cast.part(role).label());
            this.role = role;
            reading = Reading.letters(language.ordinal());
            label = cast.part(role).label();
        }

        @Override
        int number(Hands hands, Values values) {
            return hands.cardOf(role) >= 0 ? positive(hands.read(hands.cardOf(role), reading)) : -1;
        }

        @Override
        public int reads() {
            return role;
        }

        @Override
        public Missing missing() {
            return unknown(label);
        }
    }

    /** The value of a card whose name the performer knows: the ace 1, jack, queen and king 11, 12 and 13. */
    private static final class Value extends Source {

        private final int role;
        private final String label;

        Value(String letter, int role, Cast cast) {
            super("value of " + letter, "the value of " + cast.part(role).label());
            this.role = role;
            label = cast.part(role).label();
        }

        @Override
        int number(Hands hands, Values values) {
            return hands.cardOf(role) >= 0 ? hands.read(hands.cardOf(role), Reading.VALUE) : -1;
        }

        @Override
        public int reads() {
            return role;
        }

        @Override
        public Missing missing() {
            return unknown(label);
        }
    }

    private static int positive(int letters) {
        return letters == 0 ? -1 : letters;
    }

    private static Missing unknown(String label) {
        return new Missing(
                "You do not know the name of " + label + " here, or it has none.",
                "Glimpse it, or look it up beside your key, before this step.");
    }
}
