package craftypocket.core.settings;

import craftypocket.core.layout.Hands;
import java.util.List;

/**
 * One setting of a move or of a claim, as it is declared: what it is called, what it takes and what it usually is. Each
 * kind of setting knows how it is read, worded, chosen and bounded.
 */
public abstract class Setting {

    /** What a setting takes: one field component of the front end each. */
    public enum Kind {
        AMOUNT,
        ESTIMATE,
        CHUNKS,
        PLACE,
        THING,
        ROLE,
        OPTION,
        BEATS,
        PERSON,
        STEP,
        FACE,
        EARLIER,
        TEXT,
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

    private final Kind kind;
    private final String name;
    private final String label;
    private final String usual;
    private int index = -1;

    Setting(Kind kind, String name, String label, String usual) {
        this.kind = kind;
        this.name = name;
        this.label = label;
        this.usual = usual;
    }

    public static AmountSetting amount(String name, String label, String usual) {
        return new AmountSetting(name, label, usual);
    }

    public static EstimateSetting estimate(String name, String label, String usual) {
        return new EstimateSetting(name, label, usual);
    }

    /** @param total what the chunks must add up to */
    public static ChunksSetting chunks(String name, String label, String usual, Bound total) {
        return new ChunksSetting(name, label, usual, total);
    }

    public static BeatsSetting beats(String name, String label, String usual) {
        return new BeatsSetting(name, label, usual);
    }

    public static TextSetting text(String name, String label, String usual) {
        return new TextSetting(name, label, usual);
    }

    public static ChanceSetting chance() {
        return new ChanceSetting();
    }

    public static PlaceSetting place(String name, String label, String usual) {
        return new PlaceSetting(name, label, usual, false, PlaceSetting.Takes.PILES);
    }

    /** A place, or a part of a thing. */
    public static PlaceSetting anyPlace(String name, String label, String usual) {
        return new PlaceSetting(name, label, usual, false, PlaceSetting.Takes.ANY);
    }

    /** Where a thing lies. */
    public static PlaceSetting spot(String name, String label, String usual) {
        return new PlaceSetting(name, label, usual, false, PlaceSetting.Takes.SPOTS);
    }

    /** A part of a thing, the first one when nothing is said. */
    public static PlaceSetting part(String name, String label) {
        return new PlaceSetting(name, label, "", false, PlaceSetting.Takes.PARTS);
    }

    /** A thing, the first one when nothing is said. */
    public static ThingSetting thing(String name, String label) {
        return new ThingSetting(name, label, false);
    }

    /** A thing that may be left out; its index is then {@link craftypocket.core.layout.Props#NONE}. */
    public static ThingSetting maybeThing(String name, String label) {
        return new ThingSetting(name, label, true);
    }

    /** A place that may be left empty; its index is then {@link Cast#NOBODY}. */
    public static PlaceSetting maybePlace(String name, String label) {
        return new PlaceSetting(name, label, "", true, PlaceSetting.Takes.PILES);
    }

    /** A role that must be named. */
    public static RoleSetting role(String name, String label, String usual) {
        return new RoleSetting(name, label, usual, false);
    }

    /** A role that may be left empty. */
    public static RoleSetting maybeRole(String name, String label) {
        return new RoleSetting(name, label, "", true);
    }

    /** A role that may be left empty, and is one of this letter, if there is such a one, where nothing is said. */
    public static RoleSetting maybeRole(String name, String label, String usual) {
        return new RoleSetting(name, label, usual, true);
    }

    /** Somebody who sees something; {@code all} is what everybody is called in its sentence. */
    public static PersonSetting person(String name, String label, String all) {
        return new PersonSetting(name, label, all, "%s");
    }

    /** To whom something is shown: to everybody, which goes without saying, or to one person alone. */
    public static PersonSetting shownTo() {
        return new PersonSetting("whom", "Shown to", "", " to %s only");
    }

    /** A step from which on something counts. */
    public static StepSetting step(String name, String label) {
        return new StepSetting(name, label);
    }

    /** An amount of an earlier step. */
    public static EarlierSetting earlier(String name, String label) {
        return new EarlierSetting(name, label);
    }

    /** A side of cards: a role's, or one by name. */
    public static FaceSetting face(String name, String label, String usual) {
        return new FaceSetting(name, label, usual);
    }

    /** One of a few words; the first is the usual one. */
    public static OptionSetting option(String name, String label, Option... options) {
        return new OptionSetting(name, label, options[0].name(), List.of(options));
    }

    /** Its place among the settings of its move or claim. */
    final int index() {
        return index;
    }

    /** Only a {@link SettingList} gives it. */
    final void placed(int at) {
        index = at;
    }

    public final Kind kind() {
        return kind;
    }

    /** Its name in a routine file. */
    public final String name() {
        return name;
    }

    /** Its name on the screen. */
    public final String label() {
        return label;
    }

    /** What it is set to in a step that is newly made; what it usually is, unless hands do it less exactly than that says. */
    public String begins() {
        return usual;
    }

    /** Its value when nothing is given; may be empty for an optional role. */
    public final String usual() {
        return usual;
    }

    /** Whether it may be left empty. */
    public boolean optional() {
        return false;
    }

    /** Who decides it when it is left open. */
    public Decider decider() {
        return Decider.PERFORMER;
    }

    /** The values among which one chooses, in order; none when it is not one of a few words. */
    public List<Option> options() {
        return List.of();
    }

    /** The same under another name and within other bounds, as a setting of an own move. */
    public abstract Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max);

    /** Its text once something has another name; the same text where it does not speak of it. */
    public String follow(String text, Renamed renamed) {
        return text;
    }

    /** Reads its text into the values; what cannot be read is told to the reader. */
    abstract void read(String text, Values into, SettingReader reader);

    /** The value in a sentence, as it was stated. */
    abstract String stated(Values values);

    /** The value in a sentence, with the numbers of one world. */
    String resolved(Values values) {
        return stated(values);
    }
}
