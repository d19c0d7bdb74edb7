package craftypocket.core.settings;

/**
 * Something of a routine that gets another name. Each kind of setting says which of its texts speak of it
 * ({@link Setting#follow}), so that nothing that refers to it is forgotten.
 *
 * @param kind what it is
 * @param from its name now: the letter of a role, the name of a person or a thing, the text of a place such as {@code table:left}, the
 *     id of a step
 * @param to its new name, of the same form
 */
public record Renamed(Kind kind, String from, String to) {

    /** What can have a name. */
    public enum Kind {
        ROLE,
        PERSON,
        PILE,
        THING,
        STEP
    }

    private static final String WITH = "spectator:";
    private static final String IN = "in:";

    /** A text that is the name of something of a kind. */
    public String name(Kind of, String text) {
        return kind == of && text.equals(from) ? to : text;
    }

    /** The text of a place: a pile of this name, the hand of this person, a part of this thing. */
    public String place(String text) {
        if (text.startsWith(WITH)) {
            return WITH + name(Kind.PERSON, text.substring(WITH.length()));
        }
        if (text.startsWith(IN)) {
            int slash = text.indexOf('/');
            int end = slash < 0 ? text.length() : slash;
            return IN + name(Kind.THING, text.substring(IN.length(), end)) + text.substring(end);
        }
        return name(Kind.PILE, text);
    }

    /** The name of an amount of an earlier step, such as {@code cut.depth}. */
    public String amount(String text) {
        int dot = text.indexOf('.');
        return dot < 0 ? text : name(Kind.STEP, text.substring(0, dot)) + text.substring(dot);
    }
}
