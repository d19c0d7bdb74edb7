package craftypocket.core.settings;

import craftypocket.core.layout.Knower;

/** A setting that takes somebody who sees: all people when it is left empty, the performer, or a spectator by name. */
public final class PersonSetting extends Setting {

    /** The performer in a routine file. */
    public static final String PERFORMER = "you";

    private final String all;
    private final String one;

    /**
     * @param all what everybody is called in its sentence
     * @param one what somebody is, with {@code %s} for the name
     */
    PersonSetting(String name, String label, String all, String one) {
        super(Kind.PERSON, name, label, "");
        this.all = all;
        this.one = one;
    }

    @Override
    public boolean optional() {
        return true;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new PersonSetting(newName, newLabel, all, one);
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return renamed.name(Renamed.Kind.PERSON, text);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        int knower = text.isEmpty()
                ? Knower.EVERYBODY
                : text.equals(PERFORMER)
                        ? Knower.PERFORMER
                        : reader.cast().knowerOf(text).orElse(Cast.NOBODY - 1);
        if (knower < Knower.EVERYBODY) {
            String people = String.join(", ", reader.cast().people());
            reader.problem(
                    text,
                    "there is nobody of this name in the routine",
                    people.isEmpty()
                            ? "Leave it empty for everybody, or give a role to " + text
                            : "Use one of: you, " + people + "; or leave it empty for everybody");
        }
        into.put(this, Math.max(Knower.EVERYBODY, knower));
        into.stateText(this, text.isEmpty() ? all : one.formatted(text));
    }

    @Override
    String stated(Values values) {
        return values.text(this);
    }
}
