package craftypocket.core.settings;

import java.util.List;
import java.util.stream.Collectors;

/** A setting that takes one of a few words. */
public final class OptionSetting extends Setting {

    private final List<Option> options;

    OptionSetting(String name, String label, String usual, List<Option> options) {
        super(Kind.OPTION, name, label, usual);
        this.options = options;
    }

    @Override
    public List<Option> options() {
        return options;
    }

    /** The number of an option, or -1 when there is none of this name. */
    public int numberOf(String option) {
        for (int i = 0; i < options.size(); i++) {
            if (options.get(i).name().equals(option)) {
                return i;
            }
        }
        return -1;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new OptionSetting(newName, newLabel, newUsual, options);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        int number = numberOf(text);
        if (number < 0) {
            reader.problem(
                    text,
                    "it must be one of a few words",
                    "Write one of: " + options.stream().map(Option::name).collect(Collectors.joining(", ")));
        }
        into.put(this, Math.max(0, number));
    }

    @Override
    String stated(Values values) {
        return values.of(this).label();
    }
}
