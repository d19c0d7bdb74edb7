package craftypocket.core.settings;

import craftypocket.core.layout.Hands;
import java.util.List;

/** A setting that takes one {@link Amount}. */
public final class AmountSetting extends NumberSetting {

    private Bound min = (hands, values) -> 0;
    private Bound max = (hands, values) -> Amount.MOST;
    /** Null when every amount within the bounds is possible. */
    private Filter allows;

    /** Null when a hand that may take any number takes every one. */
    private Filter aimed;

    private String whyNot = "is excluded";
    private boolean ranged;
    private boolean place;
    private Heard heard = Heard.NEVER;
    private boolean ofShuffle;
    private String later;

    /** Whether the performer gets to know a number that somebody else decides, or that his own hand only hits roughly. */
    public enum Heard {
        /** Cards are cut, lifted, pulled or spread off: nobody counts them. */
        NEVER,
        /** It is told, or counted one by one before his eyes. */
        UNLESS_AWAY,
        /** It is counted while he looks away, as the move is taught: he hears no more than whether anything is done. */
        IF_WATCHED
    }

    AmountSetting(String name, String label, String usual) {
        super(Kind.AMOUNT, name, label, usual, Character.toLowerCase(label.charAt(0)) + label.substring(1) + " is #");
        later = "“" + Character.toLowerCase(label.charAt(0)) + label.substring(1) + "”";
    }

    /** Within these bounds. */
    public AmountSetting between(Bound newMin, Bound newMax) {
        min = newMin;
        max = newMax;
        return this;
    }

    /** But for some amounts, with the reason: “which” and what follows. */
    public AmountSetting where(Filter newAllows, String newWhyNot) {
        allows = newAllows;
        whyNot = newWhyNot;
        return this;
    }

    /** But for some amounts, which the step leaves out. */
    public AmountSetting where(Filter newAllows) {
        return where(newAllows, whyNot);
    }

    /** Where it says “any”, only these are taken, since hands see what they do; another number is done if it is stated. */
    public AmountSetting aiming(Filter newAimed) {
        aimed = newAimed;
        return this;
    }

    /** Whether hands that may take any number take this one. */
    public boolean aims(Hands hands, Values values, int number) {
        return aimed == null || aimed.allows(hands, values, number);
    }

    /** It is a place from the top, and not a number of cards: what follows a place from which a card came is that place. */
    public AmountSetting asPlace() {
        place = true;
        return this;
    }

    /** What its amount is worked out from, as a number; -1 when there is nothing to work it out from. */
    public int base(Hands hands, Values values) {
        Amount amount = values.amount(this);
        int base = amount.base(hands, values);
        return place && base >= 0 && amount.source() != null && amount.source().ofPlace() ? base + 1 : base;
    }

    /** In a claim: several numbers will do. */
    public AmountSetting ranged() {
        ranged = true;
        return this;
    }

    /** Whether, in a claim, several numbers will do. */
    public boolean isRanged() {
        return ranged;
    }

    /** What later steps call its number, such as {@code your guess}; its label otherwise. */
    public AmountSetting called(String words) {
        later = words;
        return this;
    }

    String later() {
        return later;
    }

    /** Told, or counted one by one before the performer's eyes. */
    public AmountSetting heard() {
        heard = Heard.UNLESS_AWAY;
        return this;
    }

    /** Counted while the performer looks away. */
    public AmountSetting countedUnseen() {
        heard = Heard.IF_WATCHED;
        return this;
    }

    /** Whether the performer gets to know it. */
    public Heard isHeard() {
        return heard;
    }

    /** It only says how cards are shuffled: once they are, nothing depends on it. */
    public AmountSetting ofShuffle() {
        ofShuffle = true;
        return this;
    }

    public boolean isOfShuffle() {
        return ofShuffle;
    }

    /** Decided by a spectator when it is left open. */
    public AmountSetting bySpectator() {
        decidedBy(Decider.SPECTATOR);
        return this;
    }

    /** With this phrase for a world. */
    public AmountSetting told(String newPhrase) {
        toldAs(newPhrase);
        return this;
    }

    @Override
    public AmountSetting renamed(String newName, String newLabel, String newUsual, Bound newMin, Bound newMax) {
        AmountSetting made = new AmountSetting(newName, newLabel, newUsual)
                .between(newMin, newMax)
                .told(phrase());
        made.whyNot = whyNot;
        made.heard = heard;
        made.ofShuffle = ofShuffle;
        made.decidedBy(decider());
        return made;
    }

    @Override
    public int least(Hands hands, Values values) {
        return min.of(hands, values);
    }

    @Override
    public int most(Hands hands, Values values) {
        return max.of(hands, values);
    }

    /** Whether a number is left out although it is within the bounds; outside them nothing is left out. */
    public boolean allows(Hands hands, Values values, int number) {
        return allows == null
                || number < least(hands, values)
                || number > most(hands, values)
                || allows.allows(hands, values, number);
    }

    /** Why a number within the bounds that is not allowed is not, after “which”. */
    public String whyNot() {
        return whyNot;
    }

    @Override
    public boolean possible(Hands hands, Values values) {
        int number = values.of(this);
        return number >= least(hands, values)
                && number <= most(hands, values)
                && (allows == null || allows.allows(hands, values, number));
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return Source.follow(text, renamed);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        into.state(this, List.of(reader.amount(text)));
    }

    @Override
    String stated(Values values) {
        return values.amount(this).words();
    }

    @Override
    String resolved(Values values) {
        // Without anything to work it out from there is no number.
        return values.of(this) < 0 ? stated(values) : String.valueOf(values.of(this));
    }
}
