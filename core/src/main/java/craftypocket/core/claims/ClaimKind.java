package craftypocket.core.claims;

import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import craftypocket.core.settings.Values;
import java.util.Optional;

/** A sort of claim: what can be said of a layout, with settings of its own. */
public abstract class ClaimKind {

    /** A claim that no glance decides. */
    protected static final int NO_PLACE = -1;

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

    /** The check for these settings, of a claim that says something of the layout alone. All amounts are exact. */
    protected Check check(Values values) {
        throw new UnsupportedOperationException("a claim of kind " + id + " asks what is around it");
    }

    /** The check for these settings, for a claim that may depend on what was seen and is believed by then. */
    public Check check(Values values, Around around) {
        return check(values);
    }

    /** Whether it says what the performer knows, which only all ways together tell. */
    protected boolean saysWhatIsKnown(Values values) {
        return false;
    }

    /** Whether what people have seen decides it too, which is found by following the ways one by one; a check says less. */
    public boolean bySight() {
        return false;
    }

    /** Whether it says nothing of a layout: it can be claimed of a routine, but no step waits for it, and no search leads there. */
    public boolean onlyJudged() {
        return false;
    }

    /** Whether it says something of what was, so that it stays as it is from now on. */
    protected Check settled(Values values) {
        return hands -> false;
    }

    /** The pile at whose face a glance tells whether it is so, if the performer holds it; -1 for none. */
    protected int glance(Values values) {
        return NO_PLACE;
    }

    /** Whether it says something of a pile that must be there: of no pile nothing can be seen or believed. */
    protected boolean wantsPile() {
        return false;
    }

    /** What whoever believes it takes a pile for, if it says that. */
    protected Optional<Claim.Taken> taken(Values values) {
        return Optional.empty();
    }

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
