package craftypocket.core.moves;

import craftypocket.core.layout.Hands;
import craftypocket.core.settings.PlaceSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.SettingList;
import craftypocket.core.settings.Values;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * An entry of the catalogue. A move declares its settings, its words, what it needs and what it does on the
 * {@link Hands}; the same code serves a trace of one world and a survey of millions.
 *
 * <p>A move is a value without state. Its bounds and needs together say exactly when it can be done: {@link #perform} is
 * called only then, and must not fail.
 */
public abstract class Move {

    private static final Set<Trait> REVEALING = EnumSet.of(Trait.SHOWS_FACES, Trait.KEY_AMONG_OTHERS);

    private final String id;
    private final Family family;
    private final String name;
    private final Profile profile;
    private final Words words;
    private final SettingList settings = new SettingList();
    private final Set<Trait> traits = EnumSet.noneOf(Trait.class);

    /**
     * @param id its name in a routine file
     * @param name its name on the screen, in the trade's words
     */
    protected Move(String id, Family family, String name, Profile profile, Words words) {
        this.id = id;
        this.family = family;
        this.name = name;
        this.profile = profile;
        this.words = words;
    }

    /** Declares what rules of the trade ask of a move; for constructors. */
    protected final void is(Trait trait) {
        traits.add(trait);
    }

    /** Declares a setting; for field initialisers. */
    protected final <S extends Setting> S has(S declared) {
        return settings.add(declared);
    }

    /** The size of the pile that a setting names, less some cards. */
    protected static Setting.Bound sizeLess(PlaceSetting pile, int cards) {
        return (hands, values) -> hands.size(values.of(pile)) - cards;
    }

    /** A bound that is the same everywhere. */
    protected static Setting.Bound always(int number) {
        return (hands, values) -> number;
    }

    /** What must be true beforehand, besides the bounds of the settings. */
    public List<Need> needs(Values values) {
        return List.of();
    }

    /** What is not met in this world although all needs and bounds are: for moves that depend on their numbers. */
    public Optional<Need> unmet(Hands hands, Values world) {
        return Optional.empty();
    }

    /** Does it. Called only when all needs are met and all amounts are within their bounds. */
    public abstract void perform(Hands hands, Values values);

    /** What it is meant to bring about. */
    public List<Expectation> expectations(Values values) {
        return List.of();
    }

    /** What can be said from the settings alone. */
    public List<Remark> remarks(Values values) {
        return List.of();
    }

    /** What can be said of its numbers in this world, although it can be done. Called before it is. */
    public List<String> remarks(Hands hands, Values world) {
        return List.of();
    }

    /** What becomes of it when its secret part does not come off. */
    public List<Mishap> mishaps() {
        return List.of();
    }

    /** What to take care of, beside the cards. Moves that take years of work have one of their own. */
    public List<Caution> cautions() {
        return profile.difficulty() >= Profile.LONG_PRACTICE ? List.of(Caution.LONG_PRACTICE) : List.of();
    }

    /**
     * What it looks like. The family says so where it can; a secret move of a family that says nothing, such as a count, says it
     * itself.
     */
    public Seems seems() {
        return family.seems(profile.secret())
                .orElseThrow(() -> new IllegalStateException(id + " does not say what it looks like"));
    }

    /** What mostly goes wrong in it, in a few words each: why a run slipped at it. */
    public final List<String> faults() {
        return Faults.of(this);
    }

    public final String id() {
        return id;
    }

    public final Family family() {
        return family;
    }

    public final String name() {
        return name;
    }

    public final Profile profile() {
        return profile;
    }

    public final Words words() {
        return words;
    }

    public final boolean has(Trait trait) {
        return traits.contains(trait) || (family == Family.REVEALS && REVEALING.contains(trait));
    }

    public final SettingList settings() {
        return settings;
    }
}
