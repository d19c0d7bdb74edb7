package craftypocket.core.settings;

/** A setting that takes the letter of a role. */
public final class RoleSetting extends Setting {

    /** What a move does with a role. */
    public enum Use {
        /** It names one that there is. */
        NAMES,
        /** A card becomes it. */
        MAKES,
        /** Its card comes back from where it is. */
        RETURNS
    }

    private final boolean optional;
    private Use use = Use.NAMES;

    RoleSetting(String name, String label, String usual, boolean optional) {
        super(Kind.ROLE, name, label, usual);
        this.optional = optional;
    }

    /** A card becomes it: a step that is newly made takes one that is nobody's card yet, or makes one. */
    public RoleSetting becomes() {
        use = Use.MAKES;
        return this;
    }

    /** Its card comes back: a step that is newly made takes the one that is out. */
    public RoleSetting returns() {
        use = Use.RETURNS;
        return this;
    }

    public Use use() {
        return use;
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
    public String follow(String text, Renamed renamed) {
        return renamed.name(Renamed.Kind.ROLE, text);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        int role = reader.cast().roleOf(text);
        boolean usually = optional && text.equals(usual());
        if (role == Cast.NOBODY && !text.isEmpty() && !usually) {
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
