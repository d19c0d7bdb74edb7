package craftypocket.core.settings;

/** A setting that takes an amount of an earlier step, such as {@code deal.at}. */
public final class EarlierSetting extends Setting {

    EarlierSetting(String name, String label) {
        super(Kind.EARLIER, name, label, "");
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new EarlierSetting(newName, newLabel);
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return renamed.amount(text);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        if (text.isEmpty()) {
            reader.gap("Choose an amount of an earlier step for “" + label() + "”.");
            into.stateText(this, "");
            return;
        }
        int note = reader.earlier().note(text).orElse(-1);
        if (note < 0) {
            reader.problem(
                    text, reader.earlier().whyNot(text), "Name a step before this one and its amount, such as deal.at");
        }
        into.put(this, note);
        into.stateText(this, note < 0 ? text : reader.earlier().told(text));
    }

    @Override
    String stated(Values values) {
        return values.text(this);
    }
}
