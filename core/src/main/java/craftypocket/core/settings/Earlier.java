package craftypocket.core.settings;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * The amounts of the steps that come before the one that is read, by {@code step.setting}: later ones may be the same.
 * Those that are referred to are noted on the {@linkplain craftypocket.core.layout.Hands surface} as their step is done.
 */
public final class Earlier {

    /** A routine that refers to more amounts than this is not followed by anybody. */
    public static final int MOST_NOTES = 16;

    private final List<String> steps;
    /** By name, how each is told. */
    private final Map<String, String> amounts = new HashMap<>();

    /** What comes between the name of an amount and the number of its step. */
    static final String OF_STEP = " of step ";

    private final Map<String, Integer> notes = new HashMap<>();
    private int done;

    /** @param steps the names of all steps, in order */
    public Earlier(List<String> steps) {
        this.steps = List.copyOf(steps);
    }

    /** There are no steps before. */
    public static Earlier none() {
        return new Earlier(List.of());
    }

    /** The next step has been read, with these settings. */
    public void passed(String step, SettingList settings) {
        done++;
        for (Setting setting : settings.all()) {
            if (setting instanceof AmountSetting amount) {
                String told = amount.later() + OF_STEP + done;
                amounts.put(step + "." + setting.name(), told);
            }
        }
    }

    /** The index of a step, or -1 when there is none of this name. */
    int indexOf(String step) {
        return steps.indexOf(step);
    }

    /** The index of the note of an amount; empty when no step before has one of this name. */
    OptionalInt note(String amount) {
        if (!amounts.containsKey(amount) || (notes.size() == MOST_NOTES && !notes.containsKey(amount))) {
            return OptionalInt.empty();
        }
        return OptionalInt.of(notes.computeIfAbsent(amount, name -> notes.size()));
    }

    /** An amount in words: your guess of step 4. */
    String told(String amount) {
        return amounts.get(amount);
    }

    /** Why there is no such note. */
    String whyNot(String amount) {
        int dot = amount.indexOf('.');
        int step = steps.indexOf(dot < 0 ? amount : amount.substring(0, dot));
        if (amounts.containsKey(amount)) {
            return "a routine refers to at most " + MOST_NOTES + " earlier amounts";
        }
        if (step == done && done < steps.size()) {
            return "it refers to its own step";
        }
        if (step > done) {
            return "it refers to a later step";
        }
        return step < 0 ? "there is no step of this name" : "that step has no amount of this name";
    }

    /** The index of the note in which the amount of a step is kept, or -1 when nothing refers to it. */
    public int noteOf(String step, String setting) {
        return notes.getOrDefault(step + "." + setting, -1);
    }

    /** How many amounts are referred to. */
    public int notes() {
        return notes.size();
    }
}
