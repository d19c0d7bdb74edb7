package craftypocket.core.settings;

import java.util.regex.Pattern;

/** A setting that takes a short text, such as a name to be spelled. */
public final class TextSetting extends Setting {

    /** The longest text that anybody would spell out, card by card. */
    public static final int MOST_LETTERS = 60;

    private Pattern form;
    private String rule = "";
    private String cure = "";

    TextSetting(String name, String label, String usual) {
        super(Kind.TEXT, name, label, usual);
    }

    /**
     * Of this form only.
     *
     * @param newRule what it must be
     * @param newCure what to write
     */
    public TextSetting of(Pattern newForm, String newRule, String newCure) {
        form = newForm;
        rule = newRule;
        cure = newCure;
        return this;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        TextSetting made = new TextSetting(newName, newLabel, newUsual);
        return form == null ? made : made.of(form, rule, cure);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        if (text.length() > MOST_LETTERS) {
            reader.problem(text, "it is longer than " + MOST_LETTERS + " letters", "Write something shorter");
        } else if (form != null && !form.matcher(text).matches()) {
            reader.problem(text, rule, cure);
        }
        into.stateText(this, text);
    }

    @Override
    String stated(Values values) {
        return values.text(this);
    }
}
