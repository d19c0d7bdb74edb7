package craftypocket.core.settings;

/** A setting that takes the letter of a role. */
public final class RoleSetting extends Setting {

    private final boolean optional;

    RoleSetting(String name, String label, String usual, boolean optional) {
        super(Kind.ROLE, name, label, usual);
        this.optional = optional;
    }

    @Override
    public boolean optional() {
        return optional;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new RoleSetting(newName, newLabel, newUsual, optional);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        int role = reader.cast().roleOf(text);
        if (role == Cast.NOBODY && !text.isEmpty()) {
            reader.gap("There is no role " + text + " any more. Choose another for “" + label() + "”.");
        } else if (role == Cast.NOBODY && !optional) {
            reader.gap("Choose a role for “" + label() + "”.");
        }
        into.put(this, role);
    }

    @Override
    String stated(Values values) {
        return values.roleLabel(this);
    }
}
