package craftypocket.core.claims;

import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import craftypocket.core.settings.Values;

/** A sort of claim: what can be said of a layout, with settings of its own. */
public abstract class ClaimKind {

    private final String id;
    private final String name;
    private final String says;
    private final SettingList settings = new SettingList();

    /**
     * @param id its name in a routine file
     * @param name its name on the screen
     * @param says the claim as a sentence with {@link craftypocket.core.settings.Sentence} slots
     */
    protected ClaimKind(String id, String name, String says) {
        this.id = id;
        this.name = name;
        this.says = says;
    }

    /** Declares a setting; for field initialisers. */
    protected final <S extends Setting> S has(S declared) {
        return settings.add(declared);
    }

    /** The check for these settings. All amounts are exact. */
    public abstract Check check(Values values);

    public final String id() {
        return id;
    }

    public final String name() {
        return name;
    }

    public final String says() {
        return says;
    }

    public final SettingList settings() {
        return settings;
    }
}
