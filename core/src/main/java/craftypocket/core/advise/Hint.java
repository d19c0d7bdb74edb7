package craftypocket.core.advise;

/**
 * Advice on a routine by a rule of the trade.
 *
 * @param rule the rule; one that a performer does not follow is put aside by it
 * @param step the index of the step it is about; -1 for the set-up
 * @param text what is so, and what would help
 * @param reason why, as the trade has it
 */
public record Hint(Rule rule, int step, String text, String reason) {

    /** The rules of the trade that are looked at. */
    public enum Rule {
        FOURTH_REPEAT,
        THIRD_RIFFLE,
        OVERHANDS_OVER_KEY,
        NO_MARGIN,
        NOT_PLACED,
        LONG_BREAK,
        HANDED_OUT_WITH_BREAK,
        HANDED_OUT_SHORT,
        KEY_SHOWN,
        NO_DRAMA,
        NOT_EXAMINABLE,
        CARDS_AWAY,
        CARDS_SPOILT,
        SAME_FORCE_CARD,
        LOOKS_AT_HANDS,
        NOTHING_COVERS,
        CARD_SHOWN_TWICE,
        NAME_NEVER_LEARNT,
        CANNOT_TELL,
        PLACE_DESTROYED,
        HANDED_OUT_SPECIAL,
        HANDED_OUT_REVERSED,
        HANDED_OUT_OTHER_NUMBER,
        WRONG_SIDE,
        ODD_BACK,
        THICK_PACKET,
        SEEN_BY_ACCIDENT
    }
}
