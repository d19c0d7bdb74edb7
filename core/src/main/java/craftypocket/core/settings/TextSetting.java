package craftypocket.core.settings;

/** A setting that takes a short text, such as a name to be spelled. */
public final class TextSetting extends Setting {

    /** The longest text that anybody would spell out, card by card. */
    public static final int MOST_LETTERS = 60;

    TextSetting(String name, String label, String usual) {
        super(Kind.TEXT, name, label, usual);
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new TextSetting(newName, newLabel, newUsual);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        if (text.length() > MOST_LETTERS) {
            reader.problem(text, "it is longer than " + MOST_LETTERS + " letters", "Write something shorter");
        }
        into.stateText(this, text);
    }

    @Override
    String stated(Values values) {
        return values.text(this);
    }
}
