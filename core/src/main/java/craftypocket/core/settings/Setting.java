package craftypocket.core.settings;

import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import java.util.List;

/**
 * One setting of a move or of a claim, as it is declared: what it is called, what it takes, what it usually is, and
 * between which bounds the layout lets it be.
 *
 * @param index its place among the settings of its move or claim
 * @param name its name in a routine file
 * @param label its name on the screen
 * @param kind what it takes
 * @param usual its value when nothing is given; may be empty for an optional role
 * @param decider who decides it when it is left open
 * @param min the least amount the layout allows; for chunks, the least size of one chunk
 * @param max the most the layout allows; for chunks, what they must add up to (or at most, when {@code partial})
 * @param allows which amounts within the bounds are possible
 * @param options the values of an option, in order
 * @param optional whether a role may be left empty
 * @param whyNot why an amount within the bounds that is not allowed is not, after “which”
 * @param phrase how a world is told by this setting, {@code #} standing for the number: “they cut off #”
 * @param partial whether chunks may add up to less than {@code max}
 */
public record Setting(
        int index,
        String name,
        String label,
        Kind kind,
        String usual,
        Decider decider,
        Bound min,
        Bound max,
        Filter allows,
        String whyNot,
        List<Option> options,
        boolean optional,
        boolean partial,
        String phrase) {

    /** What a setting takes. */
    public enum Kind {
        /** An {@link Amount}. */
        AMOUNT,
        /** An amount that is believed and not chosen: it never makes worlds. */
        ESTIMATE,
        /** Several amounts one after another, one of which may be the rest. */
        CHUNKS,
        /** A place. */
        PLACE,
        /** The letter of a role. */
        ROLE,
        /** One of a few words. */
        OPTION,
        /** {@linkplain Beat Beats} of a count, one after another. */
        BEATS,
        /** A short text, such as a name to be spelled. */
        TEXT,
        /** Which of all shuffles somebody does: it is never stated, and differs from world to world. */
        CHANCE
    }

    /** Who decides a setting that is left open. */
    public enum Decider {
        PERFORMER,
        SPECTATOR
    }

    /** A bound that depends on the layout and on the settings before this one. */
    @FunctionalInterface
    public interface Bound {
        int of(Hands hands, Values values);
    }

    /** Says whether an amount within the bounds is possible. */
    @FunctionalInterface
    public interface Filter {
        boolean allows(Hands hands, Values values, int amount);
    }

    /**
     * One value of an option.
     *
     * @param name in a routine file
     * @param label on the screen
     */
    public record Option(String name, String label) {}

    private static Setting of(String name, String label, Kind kind, String usual) {
        return new Setting(
                -1,
                name,
                label,
                kind,
                usual,
                Decider.PERFORMER,
                (h, v) -> 0,
                (h, v) -> Amount.MOST,
                (h, v, amount) -> true,
                "is excluded",
                List.of(),
                false,
                false,
                Character.toLowerCase(label.charAt(0)) + label.substring(1) + " is #");
    }

    public static Setting amount(String name, String label, String usual) {
        return of(name, label, Kind.AMOUNT, usual);
    }

    public static Setting estimate(String name, String label, String usual) {
        return of(name, label, Kind.ESTIMATE, usual);
    }

    public static Setting chunks(String name, String label, String usual, Bound total) {
        return of(name, label, Kind.CHUNKS, usual).between((h, v) -> 1, total);
    }

    /** The beats of a count. */
    public static Setting beats(String name, String label, String usual) {
        return of(name, label, Kind.BEATS, usual);
    }

    public static Setting text(String name, String label, String usual) {
        return of(name, label, Kind.TEXT, usual);
    }

    /** A real shuffle: the number says which of all shuffles it is. */
    public static Setting chance() {
        return of("shuffle", "Which shuffle", Kind.CHANCE, "")
                .between((h, v) -> 1, (h, v) -> Chance.MOST_SHUFFLES)
                .bySpectator()
                .told("the shuffle is no. #");
    }

    public static Setting place(String name, String label, String usual) {
        return of(name, label, Kind.PLACE, usual);
    }

    /** A role that must be named. */
    public static Setting role(String name, String label, String usual) {
        return of(name, label, Kind.ROLE, usual);
    }

    /** A role that may be left empty. */
    public static Setting maybeRole(String name, String label) {
        Setting made = role(name, label, "");
        return made.copy(
                made.index,
                made.decider,
                made.min,
                made.max,
                made.allows,
                made.whyNot,
                made.options,
                true,
                false,
                made.phrase);
    }

    /** One of a few words; the first is the usual one. */
    public static Setting option(String name, String label, Option... options) {
        Setting made = of(name, label, Kind.OPTION, options[0].name());
        return made.copy(
                made.index,
                made.decider,
                made.min,
                made.max,
                made.allows,
                made.whyNot,
                List.of(options),
                false,
                false,
                made.phrase);
    }

    /** The same, within these bounds. */
    public Setting between(Bound newMin, Bound newMax) {
        return copy(index, decider, newMin, newMax, allows, whyNot, options, optional, partial, phrase);
    }

    /** The same, decided by a spectator when it is left open. */
    public Setting bySpectator() {
        return copy(index, Decider.SPECTATOR, min, max, allows, whyNot, options, optional, partial, phrase);
    }

    /** The same, but for some amounts. */
    public Setting where(Filter newAllows) {
        return where(newAllows, whyNot);
    }

    /** The same, but for some amounts, with the reason: “which” and what follows. */
    public Setting where(Filter newAllows, String newWhyNot) {
        return copy(index, decider, min, max, newAllows, newWhyNot, options, optional, partial, phrase);
    }

    /** The same chunks, which may leave cards over. */
    public Setting leavingSome() {
        return copy(index, decider, min, max, allows, whyNot, options, optional, true, phrase);
    }

    /** The same, with another phrase for a world. */
    public Setting told(String newPhrase) {
        return copy(index, decider, min, max, allows, whyNot, options, optional, partial, newPhrase);
    }

    /** The same under another name. */
    public Setting renamed(String newName, String newLabel, String newUsual) {
        return new Setting(
                index,
                newName,
                newLabel,
                kind,
                newUsual,
                decider,
                min,
                max,
                (h, v, amount) -> true,
                whyNot,
                options,
                optional,
                partial,
                phrase);
    }

    /** The same at a place among its fellows; only a {@link SettingList} gives it. */
    Setting at(int newIndex) {
        return copy(newIndex, decider, min, max, allows, whyNot, options, optional, partial, phrase);
    }

    private Setting copy(
            int newIndex,
            Decider newDecider,
            Bound newMin,
            Bound newMax,
            Filter newAllows,
            String newWhyNot,
            List<Option> newOptions,
            boolean newOptional,
            boolean newPartial,
            String newPhrase) {
        return new Setting(
                newIndex,
                name,
                label,
                kind,
                usual,
                newDecider,
                newMin,
                newMax,
                newAllows,
                newWhyNot,
                newOptions,
                newOptional,
                newPartial,
                newPhrase);
    }
}
