package craftypocket.core.run;

import craftypocket.core.claims.Claim;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Remark;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A step that was read and can be done in any world. */
public final class PlannedStep {

    /** What {@link #fault} answers when the step can be done. */
    private static final int NONE = -1;

    private static final int GAP = -2;

    private static final int UNMET = -3;

    private final Step step;
    private final Move move;
    private final Values values;
    private final List<String> gaps;
    private final Claim onlyIf;
    private final List<Choice> choices;
    private final Need[] needs;
    /** The settings that a layout bounds. */
    private final Setting[] bounded;
    /** The chunk settings with a rest among them, and which chunk it is. */
    private final Setting[] rests;

    private final int[] restAt;
    /** What the other chunks of such a setting add up to, or -1 when that differs from world to world. */
    private final int[] restOthers;

    PlannedStep(int index, Step step, Move move, Values values, List<String> gaps, Optional<Claim> onlyIf) {
        this.step = step;
        this.move = move;
        this.values = values;
        this.gaps = List.copyOf(gaps);
        this.onlyIf = onlyIf.orElse(null);
        choices = choices(index, step, move, values);
        needs = gaps.isEmpty() ? move.needs(values).toArray(Need[]::new) : new Need[0];
        bounded = move.settings().all().stream()
                .filter(s -> s.kind() == Setting.Kind.AMOUNT || s.kind() == Setting.Kind.CHUNKS)
                .toArray(Setting[]::new);
        rests = move.settings().all().stream()
                .filter(s -> s.kind() == Setting.Kind.CHUNKS && values.stated(s).contains(Amount.REST))
                .toArray(Setting[]::new);
        restOthers = Stream.of(rests)
                .mapToInt(s -> values.allExact(s)
                        ? values.stated(s).stream().mapToInt(Amount::low).sum()
                        : -1)
                .toArray();
        restAt = Stream.of(rests)
                .mapToInt(s -> values.stated(s).indexOf(Amount.REST))
                .toArray();
    }

    private static List<Choice> choices(int index, Step step, Move move, Values values) {
        List<Choice> choices = new ArrayList<>();
        for (Setting setting : move.settings().all()) {
            boolean chunked = setting.kind() == Setting.Kind.CHUNKS;
            if (setting.kind() == Setting.Kind.CHANCE) {
                choices.add(new Choice(step.id() + "." + setting.name(), index, setting, 0, Amount.ANY));
            }
            if (!chunked && setting.kind() != Setting.Kind.AMOUNT) {
                continue;
            }
            List<Amount> stated = values.stated(setting);
            for (int chunk = 0; chunk < stated.size(); chunk++) {
                if (stated.get(chunk).isChoice()) {
                    String key = step.id() + "." + setting.name() + (chunked ? "[" + chunk + "]" : "");
                    choices.add(new Choice(key, index, setting, chunk, stated.get(chunk)));
                }
            }
        }
        return List.copyOf(choices);
    }

    public Step step() {
        return step;
    }

    public Move move() {
        return move;
    }

    /** The settings as stated; each worker takes {@linkplain Values#another() its own}. */
    public Values values() {
        return values;
    }

    public List<Choice> choices() {
        return choices;
    }

    /** The step in a sentence, with the amounts as stated. */
    public String sentence() {
        return Sentence.stated(move.words().says(), move.settings(), values);
    }

    /** The condition under which it is done, in a sentence. */
    public Optional<String> condition() {
        return Optional.ofNullable(onlyIf).map(Claim::sentence);
    }

    public List<Expectation> expectations() {
        return gaps.isEmpty() ? move.expectations(values) : List.of();
    }

    public List<Remark> remarks() {
        return gaps.isEmpty() ? move.remarks(values) : List.of();
    }

    /**
     * Does the step with its settings as stated, if it can be done.
     *
     * @return whether it was done; otherwise nothing changed
     */
    public boolean perform(Hands hands) {
        Values world = values.another();
        settle(hands, world);
        if (!choices.isEmpty() || blocked(hands, world)) {
            return false;
        }
        move.perform(hands, world);
        return true;
    }

    boolean applies(Hands hands) {
        return onlyIf == null || onlyIf.holds(hands);
    }

    /** Lets the chunk that is the rest take what the others leave. Call when all choices of the step are set. */
    void settle(Hands hands, Values world) {
        for (int i = 0; i < rests.length; i++) {
            Setting setting = rests[i];
            int others =
                    restOthers[i] >= 0 ? restOthers[i] : sum(world.chunks(setting)) - world.chunks(setting)[restAt[i]];
            world.set(setting, restAt[i], Math.max(0, setting.max().of(hands, world) - others));
        }
    }

    /** The same when chunks may have other numbers than were stated. */
    void settleAnew(Hands hands, Values world) {
        for (int i = 0; i < rests.length; i++) {
            int[] chunks = world.chunks(rests[i]);
            int others = sum(chunks) - chunks[restAt[i]];
            world.set(rests[i], restAt[i], Math.max(0, rests[i].max().of(hands, world) - others));
        }
    }

    boolean blocked(Hands hands, Values world) {
        return fault(hands, world) != NONE;
    }

    /** Why it cannot be done here, or nothing. */
    Optional<Obstacle> obstacle(Hands hands, Values world) {
        int fault = fault(hands, world);
        if (fault == NONE) {
            return Optional.empty();
        }
        if (fault == GAP) {
            return Optional.of(new Obstacle(gaps.get(0), "Open the step and fill it in."));
        }
        if (fault == UNMET) {
            return move.unmet(hands, world).map(Obstacle::of);
        }
        if (fault < needs.length) {
            return Optional.of(Obstacle.of(needs[fault]));
        }
        return Optional.of(outOfBounds(bounded[fault - needs.length], hands, world));
    }

    /** The first need that is not met, or the first setting that is not possible. The one definition of “can be done”. */
    private int fault(Hands hands, Values world) {
        if (!gaps.isEmpty()) {
            return GAP;
        }
        for (int i = 0; i < needs.length; i++) {
            if (!needs[i].check().holds(hands)) {
                return i;
            }
        }
        for (int i = 0; i < bounded.length; i++) {
            if (!possible(bounded[i], hands, world)) {
                return needs.length + i;
            }
        }
        return move.unmet(hands, world).isPresent() ? UNMET : NONE;
    }

    private static boolean possible(Setting setting, Hands hands, Values world) {
        if (setting.kind() == Setting.Kind.AMOUNT) {
            int number = world.of(setting);
            return number >= setting.min().of(hands, world)
                    && number <= setting.max().of(hands, world)
                    && setting.allows().allows(hands, world, number);
        }
        int total = setting.max().of(hands, world);
        int sum = sum(world.chunks(setting));
        return setting.partial() ? sum <= total : sum == total;
    }

    private static Obstacle outOfBounds(Setting setting, Hands hands, Values world) {
        int max = setting.max().of(hands, world);
        if (setting.kind() == Setting.Kind.CHUNKS) {
            int sum = sum(world.chunks(setting));
            String have = "“" + setting.label() + "” add up to " + sum + ", but ";
            if (max < 0) {
                return new Obstacle("There are not enough cards for this.", "Choose a larger pile.");
            }
            return setting.partial()
                    ? new Obstacle(have + "at most " + max + " can be taken.", "Take " + (sum - max) + " fewer.")
                    : new Obstacle(
                            have + max + " cards are shuffled.",
                            "Change a chunk by " + Math.abs(sum - max) + ", or write “rest” for one of them.");
        }
        int min = setting.min().of(hands, world);
        int number = world.of(setting);
        if (min > max) {
            return new Obstacle(
                    "“" + setting.label() + "”: there are not enough cards for this.",
                    "Bring more cards there first, or choose another pile.");
        }
        if (number < min || number > max) {
            return new Obstacle(
                    "“" + setting.label() + "” is " + number + ", outside " + min + "…" + max + " here.",
                    "Choose a number from " + min + " to " + max + ".");
        }
        return new Obstacle(
                "“" + setting.label() + "” is " + number + ", which " + setting.whyNot() + ".",
                "Choose another number.");
    }

    private static int sum(int[] chunks) {
        int sum = 0;
        for (int chunk : chunks) {
            sum += chunk;
        }
        return sum;
    }
}
