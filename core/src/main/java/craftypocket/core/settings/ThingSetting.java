package craftypocket.core.settings;

import craftypocket.core.layout.Props;

/** A setting that takes the name of a thing; the first one when it is left empty, or none if it may be. */
public final class ThingSetting extends Setting {

    private final boolean optional;

    ThingSetting(String name, String label, boolean optional) {
        super(Kind.THING, name, label, "");
        this.optional = optional;
    }

    @Override
    public boolean optional() {
        return optional;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new ThingSetting(newName, newLabel, optional);
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return renamed.name(Renamed.Kind.THING, text);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        Props props = reader.props();
        int thing = props.indexOf(text);
        if (text.isEmpty() && !optional && props.things().isEmpty()) {
            reader.gap("There is nothing but cards. Add an envelope, a wallet or the like in the set-up.");
        } else if (text.isEmpty() && !optional) {
            thing = 0;
        } else if (!text.isEmpty() && thing == Props.NONE) {
            reader.gap("There is no " + text + " any more. Choose another thing for “" + label() + "”.");
        }
        into.put(this, thing);
    }

    @Override
    String stated(Values values) {
        return values.thingLabel(this);
    }
}
