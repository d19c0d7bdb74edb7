package craftypocket.core.settings;

import craftypocket.core.layout.Hands;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A setting that takes several amounts one after another, one of which may be the rest, and the last of which may be taken
 * over and over: {@code 7 8 rest}, {@code 3-5 until gone}, {@code 9±1 to break}.
 *
 * <p>Cards that run out end it: chunks that are not needed are not done, and the last takes what is left.
 */
public final class ChunksSetting extends NumberSetting {

    /** More chunks than this is no shuffle anybody does: one card at a time through the largest pack. */
    public static final int MOST_CHUNKS = Amount.MOST;

    /** By how many cards a chunk is more or less than meant: common practice, from memory. */
    private static final int ROUGH = 2;

    /** What can be written, in words. */
    public static final String FORMS = Amount.NUMBERS + "; the last one may be followed by “until gone” or “to break”";

    private static final Pattern OVER_AND_OVER = Pattern.compile("(.*\\S)\\s+(until gone|to (?:the )?break)");

    /**
     * Chunks as they were stated.
     *
     * @param amounts one after another; the last is taken over and over when {@code again}
     * @param again whether the last is taken until there are no more
     * @param toBreak whether they end at the break
     * @param rest which of them is the rest, or -1
     */
    record Stated(List<Amount> amounts, boolean again, boolean toBreak, int rest) {

        Stated(List<Amount> amounts, boolean again, boolean toBreak) {
            this(amounts, again, toBreak, amounts.indexOf(Amount.REST));
        }

        String words() {
            String chunks = amounts.stream()
                    .map(amount -> amount.equals(Amount.REST) ? amount.words() : amount.text())
                    .collect(Collectors.joining(" "));
            return chunks + (toBreak ? " down to the break" : again ? " at a time until none is left" : "");
        }
    }

    private final Bound total;
    private PlaceSetting pile;
    private boolean partial;
    private boolean rough;

    ChunksSetting(String name, String label, String usual, Bound total) {
        super(Kind.CHUNKS, name, label, usual, "");
        this.total = total;
    }

    /** They may leave cards over. */
    public ChunksSetting leavingSome() {
        partial = true;
        return this;
    }

    /** Hands take them roughly, unless it is said that they count: a new step begins with “9±2” for “9”. */
    public ChunksSetting roughly() {
        rough = true;
        return this;
    }

    @Override
    public String begins() {
        return rough ? usual().replaceAll("\\b(\\d+)\\b", "$1±" + ROUGH) : usual();
    }

    /** They may end at the break of this pile, which then is part of what is stated. */
    public ChunksSetting from(PlaceSetting newPile) {
        pile = newPile;
        return this;
    }

    /** Whether they may leave cards over. */
    public boolean partial() {
        return partial;
    }

    @Override
    public int least(Hands hands, Values values) {
        return 1;
    }

    /** How many cards there are to be taken. */
    @Override
    public int most(Hands hands, Values values) {
        return total.of(hands, values);
    }

    @Override
    public boolean possible(Hands hands, Values values) {
        return most(hands, values) >= 0 && (!values.toBreak(this) || breakOf(hands, values) >= 0);
    }

    /** Whether they end at a break that nobody holds. */
    public boolean lacksBreak(Hands hands, Values values) {
        return values.toBreak(this) && breakOf(hands, values) < 0;
    }

    private int breakOf(Hands hands, Values values) {
        return pile == null ? -1 : hands.breakDepth(values.of(pile));
    }

    /** What the chunks before one leave of the cards that they share. */
    public int left(Hands hands, Values values, int chunk) {
        int left = values.toBreak(this)
                ? Math.min(most(hands, values), Math.max(0, breakOf(hands, values)))
                : most(hands, values);
        int[] chosen = values.chosen(this);
        for (int before = 0; before < chunk; before++) {
            left -= chosen[before];
        }
        return Math.max(0, left);
    }

    /** How many chunks are taken before the cards have run out. */
    public int taken(Hands hands, Values values) {
        int taken = 0;
        while (taken < values.chosen(this).length && left(hands, values, taken) > 0) {
            taken++;
        }
        return taken;
    }

    /** Works out from what is chosen what is taken: as long as there are cards, and the rest of them where one is the rest. */
    public void settle(Hands hands, Values values) {
        int[] chosen = values.chosen(this);
        int[] taken = values.chunks(this);
        int rest = values.restOf(this);
        int all = Math.max(0, most(hands, values));
        boolean toBreak = values.toBreak(this);
        int total = toBreak ? Math.min(all, Math.max(0, breakOf(hands, values))) : all;
        int wantedRest = 0;
        if (rest >= 0) {
            wantedRest = total + chosen[rest];
            for (int number : chosen) {
                wantedRest -= number;
            }
        }
        int left = total;
        int last = 0;
        for (int i = 0; i < chosen.length; i++) {
            int wanted = i == rest ? Math.max(0, wantedRest) : chosen[i];
            int takes = Math.min(wanted, left);
            taken[i] = takes;
            left -= takes;
            last = takes > 0 ? i : last;
        }
        if (!partial && taken.length > 0) {
            if (toBreak) {
                // What lies below the break follows as one.
                taken[taken.length - 1] = all - total + left;
            } else {
                taken[last] += left;
            }
        }
    }

    /** What the stated numbers add up to where they are exact and do not come out even; else empty. */
    public Optional<String> remark(Hands hands, Values values) {
        if (!values.allExact(this)
                || values.restOf(this) >= 0
                || values.statedChunks(this).again()) {
            return Optional.empty();
        }
        int sum = Arrays.stream(values.chosen(this)).sum();
        int all = most(hands, values);
        if (partial ? sum <= all : sum == all) {
            return Optional.empty();
        }
        return Optional.of("“" + label() + "” add up to " + sum + ", but there are " + all
                + (sum > all ? ": the chunks end when the cards do." : ": the last one takes what is left."));
    }

    @Override
    public String told(int chunk, String numbers) {
        return "chunk " + (chunk + 1) + " is " + numbers;
    }

    @Override
    public Setting renamed(String newName, String newLabel, String newUsual, Bound min, Bound max) {
        return new ChunksSetting(newName, newLabel, newUsual, max);
    }

    @Override
    void read(String text, Values into, SettingReader reader) {
        Matcher again = OVER_AND_OVER.matcher(text);
        boolean repeated = again.matches();
        boolean toBreak = repeated && again.group(2).startsWith("to");
        if (toBreak && pile == null) {
            reader.problem(text, "no break ends these chunks", "Write “until gone” instead");
        }
        List<Amount> stated = new ArrayList<>();
        for (String word : SettingReader.words(repeated ? again.group(1) : text)) {
            Optional<Amount> amount = Amount.read(word);
            if (amount.isEmpty()) {
                reader.problem(word, "each chunk must be an amount", "Write " + FORMS);
            }
            stated.add(amount.orElse(Amount.exactly(1)));
        }
        if (stated.size() > MOST_CHUNKS) {
            reader.problem(text, "there are more than " + MOST_CHUNKS + " chunks", "Use fewer");
        }
        if (stated.stream().filter(a -> a.equals(Amount.REST)).count() > 1) {
            reader.problem(text, "only one chunk can be the rest", "Give the others a number");
        }
        Stated all = new Stated(List.copyOf(stated), repeated, toBreak);
        if (repeated && stated.get(stated.size() - 1).low() < 1) {
            reader.problem(text, "what is taken over and over must be one card at least", "Write 1-3 until gone");
            all = new Stated(List.of(Amount.exactly(1)), false, false);
        }
        into.stateChunks(this, all, amounts(all, reader.cards(), toBreak && !partial));
    }

    /** As many amounts as can be needed. */
    private static List<Amount> amounts(Stated stated, int cards, boolean throwsRest) {
        List<Amount> amounts = new ArrayList<>(stated.amounts());
        if (stated.again()) {
            Amount last = amounts.get(amounts.size() - 1);
            int least = amounts.stream().mapToInt(Amount::low).sum();
            for (; least < cards; least += last.low()) {
                amounts.add(last);
            }
        }
        if (throwsRest) {
            amounts.add(Amount.exactly(0));
        }
        return amounts;
    }

    @Override
    String stated(Values values) {
        return values.statedChunks(this).words();
    }

    @Override
    String resolved(Values values) {
        StringBuilder told = new StringBuilder();
        for (int taken : values.chunks(this)) {
            if (taken > 0) {
                told.append(told.isEmpty() ? "" : " ").append(taken);
            }
        }
        return told.isEmpty() ? "nothing" : told.toString();
    }
}
