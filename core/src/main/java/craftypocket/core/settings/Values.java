package craftypocket.core.settings;

import craftypocket.core.layout.Places;
import java.util.List;

/**
 * The values of the settings of one move or claim. Amounts and chunks change from world to world; places, roles and
 * options do not.
 */
public final class Values {

    private final Cast cast;
    private final Places places;
    private final int[] numbers;
    private final Amount[][] amounts;
    private final int[][] chunks;
    private final boolean[] allExact;
    private final String[] texts;

    Values(Cast cast, Places places, int settings) {
        this.cast = cast;
        this.places = places;
        numbers = new int[settings];
        amounts = new Amount[settings][];
        chunks = new int[settings][];
        allExact = new boolean[settings];
        texts = new String[settings];
    }

    /** A copy for another worker, with the same settings and amounts of its own. */
    public Values another() {
        Values copy = new Values(cast, places, numbers.length);
        System.arraycopy(numbers, 0, copy.numbers, 0, numbers.length);
        System.arraycopy(amounts, 0, copy.amounts, 0, amounts.length);
        System.arraycopy(allExact, 0, copy.allExact, 0, allExact.length);
        System.arraycopy(texts, 0, copy.texts, 0, texts.length);
        for (int i = 0; i < chunks.length; i++) {
            copy.chunks[i] = chunks[i] == null ? null : chunks[i].clone();
        }
        return copy;
    }

    /** The number of an amount in this world, the index of a place, role or option. */
    public int of(Setting setting) {
        return numbers[setting.index()];
    }

    /** The sizes of the chunks in this world. */
    public int[] chunks(Setting setting) {
        return chunks[setting.index()];
    }

    /** The codes of the beats of a count, as {@link Beat} reads them. */
    public int[] beats(Setting setting) {
        return chunks[setting.index()];
    }

    /** A text as it was stated. */
    public String text(Setting setting) {
        return texts[setting.index()];
    }

    /** The amounts as they were stated: one, or one a chunk. */
    public List<Amount> stated(Setting setting) {
        return List.of(amounts[setting.index()]);
    }

    /** The one amount as it was stated. */
    public Amount amount(Setting setting) {
        return amounts[setting.index()][0];
    }

    /** Whether the amount was stated exactly, so that the performer knows it. */
    public boolean exact(Setting setting) {
        return amount(setting).kind() == Amount.Kind.EXACT;
    }

    /** Whether all chunks were stated exactly, but for a rest, which then is exact too. */
    public boolean allExact(Setting setting) {
        return allExact[setting.index()];
    }

    /** Whether the chunks from the first index up to, but without, the second were stated exactly. */
    public boolean exactBetween(Setting setting, int first, int end) {
        for (int i = first; i < end; i++) {
            if (amounts[setting.index()][i].kind() != Amount.Kind.EXACT) {
                return false;
            }
        }
        return true;
    }

    /** Whether an option has the value of this name. */
    public boolean is(Setting setting, String option) {
        return setting.options().get(of(setting)).name().equals(option);
    }

    /** The role in a sentence. */
    public String roleLabel(Setting setting) {
        return of(setting) == Cast.NOBODY
                ? "nobody’s card"
                : cast.part(of(setting)).label();
    }

    public String placeLabel(Setting setting) {
        return places.at(of(setting)).label();
    }

    /** Whether a role belongs to a spectator. */
    public boolean owned(Setting role) {
        return !cast.part(of(role)).owner().isEmpty();
    }

    /** The place of the hand of the person who owns a role. */
    public int ownerPlace(Setting role) {
        return cast.part(of(role)).ownerPlace();
    }

    /** The owner of a role among those who know. */
    public int ownerKnower(Setting role) {
        return cast.part(of(role)).ownerKnower();
    }

    /** Sets the number of an amount, or of one chunk, for this world. */
    public void set(Setting setting, int chunk, int number) {
        if (setting.kind() == Setting.Kind.CHUNKS) {
            chunks[setting.index()][chunk] = number;
        } else {
            numbers[setting.index()] = number;
        }
    }

    void stateText(Setting setting, String text) {
        texts[setting.index()] = text;
    }

    void stateBeats(Setting setting, String text, List<Beat> beats) {
        stateText(setting, text);
        chunks[setting.index()] = beats.stream().mapToInt(Beat::code).toArray();
    }

    void state(Setting setting, List<Amount> stated) {
        amounts[setting.index()] = stated.toArray(Amount[]::new);
        allExact[setting.index()] = stated.stream().noneMatch(Amount::isChoice);
        if (setting.kind() == Setting.Kind.CHUNKS) {
            chunks[setting.index()] = new int[stated.size()];
        }
        for (int i = 0; i < stated.size(); i++) {
            set(setting, i, stated.get(i).middle());
        }
    }
}
