package craftypocket.core.settings;

/** A setting that takes the name of a step from which on something counts; the beginning when it is left empty. */
public final class StepSetting extends Setting {

    /** Stands for the set-up, before the first step. */
    public static final int BEGINNING = -1;

    StepSetting(String name, String label) {
        super(Kind.STEP, name, label, "");
    }

    @Override
    public boolean optional() {
        return true;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new StepSetting(newName, newLabel);
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return renamed.name(Renamed.Kind.STEP, text);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        int step = text.isEmpty() ? BEGINNING : reader.earlier().indexOf(text);
        if (!text.isEmpty() && step < 0) {
            reader.problem(text, "there is no step of this name", "Name a step, or leave it empty for the beginning");
        }
        into.put(this, step);
        into.stateText(this, step < 0 ? "" : "from step " + (step + 1) + " on");
    }

    @Override
    String stated(Values values) {
        return values.text(this);
    }
}
