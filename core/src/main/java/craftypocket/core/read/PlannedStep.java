package craftypocket.core.read;

import craftypocket.core.claims.Belief;
import craftypocket.core.claims.Claim;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Expectation;
import craftypocket.core.moves.Move;
import craftypocket.core.moves.Need;
import craftypocket.core.moves.Needs;
import craftypocket.core.moves.Remark;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChanceSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.NumberSetting;
import craftypocket.core.settings.Sentence;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Source;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/** A step that was read and can be done in any world. */
public final class PlannedStep {

    /** What {@link #fault} answers when the step can be done. */
    private static final int NONE = -1;

    private static final int GAP = -2;

    private static final long DONE = 1;
    private static final long SKIPPED = 2;
    private static final long BROKEN = 3;

    private static final int UNMET = -3;

    private final int index;
    private final Belief[] beliefs;
    private final Step step;
    private final Move move;
    private final Values values;
    private final List<String> gaps;
    private final Claim onlyIf;
    private final List<Choice> choices;
    /** What hands need. */
    private final Need[] needs;
    /** What the performer must know. */
    private final Need[] wants;
    /** The settings that a layout bounds. */
    private final NumberSetting[] bounded;

    private final ChunksSetting[] chunked;
    /** The amounts that are worked out when the step is done and leave nothing to choose. */
    private final AmountSetting[] derived;
    /** The amounts that later steps refer to. */
    private final AmountSetting[] noted;
    /** Whether the performer looks away while it is done. */
    private final boolean away;
    /** The amounts that he gets to know. */
    private final AmountSetting[] heard;
    /** The amounts of which he only hears whether there is anything to be counted. */
    private final AmountSetting[] unseen;
    /** Where each of them is noted. */
    private final int[] notes;

    /**
     * @param noteOf for the name of a setting, where its number is noted; -1 when nothing refers to it
     * @param beliefs what people are led to believe by it
     */
    PlannedStep(
            int index,
            Step step,
            Move move,
            Values values,
            List<String> gaps,
            Optional<Claim> onlyIf,
            ToIntFunction<String> noteOf,
            List<Belief> beliefs) {
        this.index = index;
        this.step = step;
        this.beliefs = beliefs.toArray(Belief[]::new);
        this.move = move;
        this.values = values;
        this.gaps = List.copyOf(gaps);
        this.onlyIf = onlyIf.orElse(null);
        choices = choices(index, step, move, values);
        List<Setting> all = move.settings().all();
        List<Need> needed = gaps.isEmpty() ? move.needs(values) : List.of();
        needs = needed.stream().filter(need -> need.knowledge().isEmpty()).toArray(Need[]::new);
        wants = Stream.concat(
                        needed.stream().filter(need -> need.knowledge().isPresent()),
                        gaps.isEmpty() ? Needs.namesRead(move, values).stream() : Stream.empty())
                .toArray(Need[]::new);
        Look looks = step.attention().first();
        heard = those(AmountSetting.class, all, amount -> hears(amount.isHeard(), looks))
                .toArray(AmountSetting[]::new);
        unseen = those(
                        AmountSetting.class,
                        all,
                        amount -> amount.isHeard() == AmountSetting.Heard.IF_WATCHED && looks != Look.HANDS)
                .toArray(AmountSetting[]::new);
        away = looks == Look.AWAY || unseen.length > 0;
        bounded = those(NumberSetting.class, all, setting -> !(setting instanceof ChanceSetting))
                .toArray(NumberSetting[]::new);
        chunked = those(ChunksSetting.class, all, any -> true).toArray(ChunksSetting[]::new);
        derived = those(
                        AmountSetting.class,
                        all,
                        amount -> values.amount(amount).source() != null)
                .toArray(AmountSetting[]::new);
        noted = those(AmountSetting.class, all, amount -> noteOf.applyAsInt(amount.name()) >= 0)
                .toArray(AmountSetting[]::new);
        notes = Stream.of(noted).mapToInt(s -> noteOf.applyAsInt(s.name())).toArray();
    }

    private static <S> List<S> those(Class<S> kind, List<Setting> all, Predicate<S> wanted) {
        List<S> those = new ArrayList<>(1);
        for (Setting setting : all) {
            if (kind.isInstance(setting) && wanted.test(kind.cast(setting))) {
                those.add(kind.cast(setting));
            }
        }
        return those;
    }

    private static boolean hears(AmountSetting.Heard heard, Look looks) {
        return heard == AmountSetting.Heard.UNLESS_AWAY
                ? looks != Look.AWAY
                : heard == AmountSetting.Heard.IF_WATCHED && looks == Look.HANDS;
    }

    private static List<Choice> choices(int index, Step step, Move move, Values values) {
        List<Choice> choices = new ArrayList<>();
        for (Setting setting : move.settings().all()) {
            if (setting instanceof ChanceSetting chance) {
                choices.add(new Choice(step.id() + "." + setting.name(), index, chance, 0, Amount.ANY));
            } else if (setting instanceof AmountSetting amount
                    && values.amount(amount).isChoice()) {
                choices.add(new Choice(step.id() + "." + setting.name(), index, amount, 0, values.amount(amount)));
            } else if (setting instanceof ChunksSetting chunks) {
                List<Amount> stated = values.stated(chunks);
                for (int chunk = 0; chunk < stated.size(); chunk++) {
                    if (stated.get(chunk).isChoice()) {
                        String key = step.id() + "." + setting.name() + "[" + chunk + "]";
                        choices.add(new Choice(key, index, chunks, chunk, stated.get(chunk)));
                    }
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
        hands.showing().atStep(index);
        Values world = values.another();
        begin(hands, world);
        if (!choices.isEmpty() || !ready(hands, world)) {
            return false;
        }
        perform(hands, world);
        return true;
    }

    /**
     * Does the step in each way in which its choices can be made, or in some of them.
     *
     * @param before the layout on which it is done; not changed
     * @param surface of the same shape, on which it is done
     * @param world a copy of its {@linkplain #values() settings}, whose numbers are changed
     * @param most of each choice so many numbers are taken at most: the least, the most and some between them
     * @param visit is shown the layout after it, once for each way; false ends it
     * @return whether it could be done in each way that was tried
     */
    public boolean performEach(Hands before, Hands surface, Values world, int most, Predicate<Hands> visit) {
        surface.copyFrom(before);
        surface.showing().atStep(index);
        if (!decide(surface)) {
            visit.test(surface);
            return true;
        }
        begin(surface, world);
        return performEach(before, surface, world, most, visit, 0) != Each.IMPOSSIBLE;
    }

    /** How doing it in each way goes on. */
    private enum Each {
        ON,
        ENOUGH,
        IMPOSSIBLE
    }

    private Each performEach(Hands before, Hands surface, Values world, int most, Predicate<Hands> visit, int number) {
        if (number == choices.size()) {
            if (!ready(surface, world)) {
                return Each.IMPOSSIBLE;
            }
            perform(surface, world);
            boolean more = visit.test(surface);
            surface.copyFrom(before);
            surface.showing().atStep(index);
            return more ? Each.ON : Each.ENOUGH;
        }
        Choice choice = choices.get(number);
        if (choice.needless(surface, world)) {
            world.set(choice.setting(), choice.chunk(), 0);
            return performEach(before, surface, world, most, visit, number + 1);
        }
        Each each = Each.IMPOSSIBLE;
        int low = choice.low(surface, world);
        int apart = choice.high(surface, world) - low;
        int numbers = Math.min(most, apart + 1);
        for (int i = 0; i < numbers; i++) {
            int chosen = low + (numbers == 1 ? 0 : (int) ((long) i * apart / (numbers - 1)));
            if (choice.allows(surface, world, chosen)) {
                world.set(choice.setting(), choice.chunk(), chosen);
                each = performEach(before, surface, world, most, visit, number + 1);
                if (each != Each.ON) {
                    return each;
                }
            }
        }
        return each;
    }

    /** Finds out if it is to be done, which the performer lives through. */
    public boolean decide(Hands hands) {
        glance(hands);
        boolean applies = applies(hands);
        hands.lives(applies ? DONE : SKIPPED);
        return applies;
    }

    /** It is to be done and cannot: the performer lives through that. */
    public void breaks(Hands hands) {
        hands.lives(BROKEN);
    }

    public boolean applies(Hands hands) {
        return onlyIf == null || onlyIf.holds(hands);
    }

    /** Whether it is done only under a condition. */
    public boolean isConditional() {
        return onlyIf != null;
    }

    /** Whether it is done or not by what the performer knows. */
    public boolean decidedByKnowledge() {
        return onlyIf != null && onlyIf.ofKnowledge();
    }

    /** Whether it is settled already if it is to be done. */
    public boolean settled(Hands hands) {
        return onlyIf != null && onlyIf.settled(hands);
    }

    /** Whether there is anything that the performer must know, or tell. */
    public boolean asks() {
        return onlyIf != null || wants.length > 0;
    }

    /** Whoever has to tell whether to do it takes a glance, if that tells it. */
    public void glance(Hands hands) {
        if (onlyIf != null) {
            onlyIf.glance(hands);
        }
    }

    /** What the performer would have to know here and does not. */
    public Optional<Need.Knowledge> missing(Hands hands) {
        for (Need want : wants) {
            if (!want.check().holds(hands)) {
                return want.knowledge();
            }
        }
        return Optional.empty();
    }

    /** Works out what is the same in all worlds that lead here. Call before the choices of the step are made. */
    public void begin(Hands hands, Values world) {
        for (AmountSetting setting : derived) {
            Amount amount = world.amount(setting);
            int base = setting.base(hands, world);
            // Where there is nothing to count from, such as no break, the number is -1, which no bound allows.
            world.set(setting, 0, base < 0 ? -1 : base + amount.middle());
        }
    }

    /** By how much each number that follows from something is more than that: what a choice has made of it. */
    public int[] beyond(Hands hands, Values world) {
        int[] beyond = new int[derived.length];
        for (int i = 0; i < derived.length; i++) {
            beyond[i] = world.of(derived[i]) - derived[i].base(hands, world);
        }
        return beyond;
    }

    /** Works out the numbers that follow from something that is otherwise than planned. */
    public void follow(Hands hands, Values world, int[] beyond) {
        for (int i = 0; i < derived.length; i++) {
            int base = derived[i].base(hands, world);
            world.set(derived[i], 0, base < 0 ? -1 : base + beyond[i]);
        }
    }

    /** Whether the step can be done with another place or word than was stated, by one who believes to know what he must. */
    public boolean readyOtherwise(Hands hands, Values world) {
        for (ChunksSetting setting : chunked) {
            setting.settle(hands, world);
        }
        for (NumberSetting setting : bounded) {
            if (!setting.possible(hands, world)) {
                return false;
            }
        }
        return gaps.isEmpty()
                && move.needs(world).stream()
                        .allMatch(need ->
                                need.knowledge().isPresent() || need.check().holds(hands))
                && move.unmet(hands, world).isEmpty();
    }

    /** Settles what the choices leave, and says whether the step can be done. Call when all choices are made. */
    public boolean ready(Hands hands, Values world) {
        for (ChunksSetting setting : chunked) {
            setting.settle(hands, world);
        }
        return fault(hands, world) == NONE;
    }

    /** Does it. Call only when it is {@linkplain #ready ready}. */
    public void perform(Hands hands, Values world) {
        for (AmountSetting setting : heard) {
            hands.lives(1L + world.of(setting));
        }
        for (AmountSetting setting : unseen) {
            // At one, no card is dealt: that is heard.
            hands.lives(world.of(setting) > 1 ? 1 : 2);
        }
        hands.showing().looksAway(away);
        move.perform(hands, world);
        hands.showing().looksAway(false);
        hands.endStep();
        for (Belief belief : beliefs) {
            belief.begins(hands);
        }
        for (int i = 0; i < noted.length; i++) {
            hands.note(notes[i], world.of(noted[i]));
        }
    }

    /** Whether a number is remembered: a later condition asks for it. */
    public boolean notes(AmountSetting setting) {
        return List.of(noted).contains(setting);
    }

    /** What can be said of the numbers here although the step can be done. */
    public List<String> remarks(Hands hands, Values world) {
        List<String> remarks = new ArrayList<>(0);
        for (ChunksSetting setting : chunked) {
            setting.remark(hands, world).ifPresent(remarks::add);
        }
        remarks.addAll(move.remarks(hands, world));
        return remarks;
    }

    /** Why it cannot be done here, or nothing. */
    public Optional<Obstacle> obstacle(Hands hands, Values world) {
        int fault = fault(hands, world);
        if (fault == NONE) {
            return Optional.empty();
        }
        if (fault == GAP) {
            return Optional.of(Obstacle.gap(gaps.get(0)));
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
            if (!bounded[i].possible(hands, world)) {
                return needs.length + i;
            }
        }
        return move.unmet(hands, world).isPresent() ? UNMET : NONE;
    }

    private static Obstacle outOfBounds(NumberSetting bounded, Hands hands, Values world) {
        if (bounded instanceof ChunksSetting chunks) {
            return chunks.lacksBreak(hands, world)
                    ? new Obstacle(
                            "“" + chunks.label() + "” end at a break, and none is held.",
                            "Hold a break first, or write “until gone”.")
                    : new Obstacle("There are not enough cards for this.", "Choose a larger pile.");
        }
        AmountSetting setting = (AmountSetting) bounded;
        Amount amount = world.amount(setting);
        if (amount.source() != null && setting.base(hands, world) < 0) {
            Source.Missing missing = amount.source().missing();
            return new Obstacle("“" + setting.label() + "”: " + missing.reason(), missing.mend());
        }
        int max = setting.most(hands, world);
        int min = setting.least(hands, world);
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
}
