package craftypocket.core.settings;

import java.util.List;

/** An amount that is believed and not chosen: it never makes worlds. */
public final class EstimateSetting extends Setting {

    private static final int MOST = 999;

    EstimateSetting(String name, String label, String usual) {
        super(Kind.ESTIMATE, name, label, usual);
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new EstimateSetting(newName, newLabel, newUsual);
    }

    @Override
    public String follow(String text, Renamed renamed) {
        return Source.follow(text, renamed);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        // Millimetres, too, are estimated: they may be more than there are cards.
        into.state(
                this,
                List.of(Amount.read(text, MOST)
                        .filter(amount -> !amount.equals(Amount.REST))
                        .orElseGet(() -> reader.amount(text))));
    }

    @Override
    String stated(Values values) {
        return values.amount(this).words();
    }
}
