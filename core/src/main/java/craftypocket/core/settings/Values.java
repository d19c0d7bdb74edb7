package craftypocket.core.settings;

import craftypocket.core.cards.CardText;
import craftypocket.core.layout.Place;
import craftypocket.core.layout.Places;
import craftypocket.core.layout.Props;
import craftypocket.core.layout.Thing;
import java.util.List;
import java.util.Optional;

/**
 * The values of the settings of one move or claim. Amounts and chunks change from world to world; places, roles and
 * options do not.
 */
public final class Values {

    private final Cast cast;
    private final Places places;
    private final SettingList settings;
    private final int[] numbers;
    private final Amount[][] amounts;
    /** What is taken in this world, chunk by chunk, and the codes of beats. */
    private final int[][] chunks;
    /** What was stated or chosen for each chunk, whether there are so many cards or not. */
    private final int[][] chosen;

    private final boolean[] allExact;
    private final Object[] stated;

    Values(Cast cast, Places places, SettingList settings) {
        this.cast = cast;
        this.places = places;
        this.settings = settings;
        int count = settings.all().size();
        numbers = new int[count];
        amounts = new Amount[count][];
        chunks = new int[count][];
        chosen = new int[count][];
        allExact = new boolean[count];
        stated = new Object[count];
    }

    /** What was stated is the same for all that follow from it; what changes from world to world is its own. */
    private Values(Values of) {
        cast = of.cast;
        places = of.places;
        settings = of.settings;
        amounts = of.amounts;
        allExact = of.allExact;
        stated = of.stated;
        numbers = of.numbers.clone();
        chunks = of.chunks.clone();
        chosen = of.chosen.clone();
        for (int i = 0; i < chunks.length; i++) {
            chunks[i] = chunks[i] == null ? null : chunks[i].clone();
            chosen[i] = chosen[i] == null ? null : chosen[i].clone();
        }
    }

    /** A copy for another worker, with the same settings and amounts of its own. */
    public Values another() {
        return new Values(this);
    }

    /** The number of an amount in this world. */
    public int of(AmountSetting setting) {
        return numbers[setting.index()];
    }

    /** Which shuffle it is in this world. */
    public int of(ChanceSetting setting) {
        return numbers[setting.index()];
    }

    /** The index of a place. */
    public int of(PlaceSetting setting) {
        return numbers[setting.index()];
    }

    /** The index of a thing, or {@link craftypocket.core.layout.Props#NONE}. */
    public int of(ThingSetting setting) {
        return numbers[setting.index()];
    }

    /** The index of a role, or {@link Cast#NOBODY}. */
    public int of(RoleSetting setting) {
        return numbers[setting.index()];
    }

    /** A knower, or everybody. */
    public int of(PersonSetting setting) {
        return numbers[setting.index()];
    }

    /** Where the number of an earlier step is noted. */
    public int of(EarlierSetting setting) {
        return numbers[setting.index()];
    }

    /** The index of a step, or {@link StepSetting#BEGINNING}. */
    public int of(StepSetting setting) {
        return numbers[setting.index()];
    }

    public FaceSetting.Face of(FaceSetting setting) {
        return (FaceSetting.Face) stated[setting.index()];
    }

    public Option of(OptionSetting setting) {
        return setting.options().get(numbers[setting.index()]);
    }

    /** The number of an option among those of its setting. */
    public int numberOf(OptionSetting setting) {
        return numbers[setting.index()];
    }

    /** The number in this world of an amount, or of one chunk, as it was chosen. */
    public int chosen(NumberSetting setting, int chunk) {
        return chosen[setting.index()] == null ? numbers[setting.index()] : chosen[setting.index()][chunk];
    }

    /** The sizes of the chunks that are taken in this world; none after the cards have run out. */
    public int[] chunks(ChunksSetting setting) {
        return chunks[setting.index()];
    }

    /** The same, to be set again. */
    public int[] allChosen(ChunksSetting setting) {
        return chosen(setting).clone();
    }

    /** What was stated or chosen for each chunk in this world. */
    int[] chosen(ChunksSetting setting) {
        return chosen[setting.index()];
    }

    /** The codes of the beats of a count, as {@link Beat} reads them. */
    public int[] beats(BeatsSetting setting) {
        return chunks[setting.index()];
    }

    /** A text as it was stated. */
    public String text(Setting setting) {
        return (String) stated[setting.index()];
    }

    ChunksSetting.Stated statedChunks(ChunksSetting setting) {
        return (ChunksSetting.Stated) stated[setting.index()];
    }

    /** Whether chunks were stated to end at the break. */
    public boolean toBreak(ChunksSetting setting) {
        return statedChunks(setting).toBreak();
    }

    /** Which chunk is the rest, or -1. */
    public int restOf(ChunksSetting setting) {
        return statedChunks(setting).rest();
    }

    /** The amounts as they were stated: one, or as many as there can be chunks. */
    public List<Amount> stated(Setting setting) {
        return List.of(amounts[setting.index()]);
    }

    /** How many chunks were stated. */
    public int statedCount(ChunksSetting setting) {
        return amounts[setting.index()].length;
    }

    /** The one amount as it was stated. */
    public Amount amount(Setting setting) {
        return amounts[setting.index()][0];
    }

    /** Whether all chunks were stated exactly, but for a rest, which then is exact too. */
    public boolean allExact(ChunksSetting setting) {
        return allExact[setting.index()];
    }

    /** The role in a sentence. */
    public String roleLabel(RoleSetting setting) {
        return of(setting) == Cast.NOBODY
                ? "nobody’s card"
                : cast.part(of(setting)).label();
    }

    /** A side in a sentence. */
    String faceLabel(FaceSetting setting) {
        FaceSetting.Face face = of(setting);
        return face.role() == Cast.NOBODY
                ? "the " + CardText.name(face.side())
                : cast.part(face.role()).label();
    }

    public String placeLabel(PlaceSetting setting) {
        return of(setting) == Cast.NOBODY
                ? "the same place"
                : places.at(of(setting)).label();
    }

    /** A thing in a sentence. */
    public String thingLabel(ThingSetting setting) {
        return of(setting) < 0 ? "nothing" : thing(setting).label();
    }

    /** What is fixed about a thing. */
    public Thing thing(ThingSetting setting) {
        return places.props().things().get(of(setting));
    }

    /** The thing of which a place is a part, or nothing. */
    public Optional<Thing> thingAround(PlaceSetting setting) {
        int thing = places.props().around(places.at(of(setting)));
        return thing < 0
                ? Optional.empty()
                : Optional.of(places.props().things().get(thing));
    }

    /** The things that the routine uses. */
    public Props props() {
        return places.props();
    }

    /** Where a thing lies, in words. */
    String spot(PlaceSetting setting) {
        return places.at(of(setting)).spot();
    }

    public Place.Kind placeKind(PlaceSetting setting) {
        return places.at(of(setting)).kind();
    }

    /** Whether a role belongs to a spectator. */
    public boolean owned(RoleSetting role) {
        return !cast.part(of(role)).owner().isEmpty();
    }

    /** The place of the hand of the person who owns a role. */
    public int ownerPlace(RoleSetting role) {
        return cast.part(of(role)).ownerPlace();
    }

    /** The owner of a role among those who know. */
    public int ownerKnower(RoleSetting role) {
        return cast.part(of(role)).ownerKnower();
    }

    /** The pile that is acted on: where “the break” is meant to be. */
    int pile() {
        return settings.pile() == null ? 0 : of(settings.pile());
    }

    /** Sets the number of an amount, or of one chunk, for this world. */
    public void set(NumberSetting setting, int chunk, int number) {
        if (chosen[setting.index()] != null) {
            chosen[setting.index()][chunk] = number;
        } else {
            numbers[setting.index()] = number;
        }
    }

    /** Takes another option. */
    public void set(OptionSetting setting, int option) {
        put(setting, option);
    }

    /** Takes another place. */
    public void set(PlaceSetting setting, int place) {
        put(setting, place);
    }

    /** Puts the index of a place, a role or an option. */
    void put(Setting setting, int index) {
        numbers[setting.index()] = index;
    }

    void stateFace(FaceSetting setting, FaceSetting.Face face) {
        stated[setting.index()] = face;
    }

    void stateText(Setting setting, String text) {
        stated[setting.index()] = text;
    }

    void stateBeats(BeatsSetting setting, String text, List<Beat> beats) {
        stateText(setting, text);
        chunks[setting.index()] = beats.stream().mapToInt(Beat::code).toArray();
    }

    void state(Setting setting, List<Amount> one) {
        amounts[setting.index()] = one.toArray(Amount[]::new);
        numbers[setting.index()] = one.get(0).middle();
    }

    void stateChunks(ChunksSetting setting, ChunksSetting.Stated all, List<Amount> each) {
        stated[setting.index()] = all;
        amounts[setting.index()] = each.toArray(Amount[]::new);
        allExact[setting.index()] = each.stream().noneMatch(Amount::isChoice);
        chosen[setting.index()] = each.stream().mapToInt(Amount::middle).toArray();
        chunks[setting.index()] = chosen[setting.index()].clone();
    }
}
