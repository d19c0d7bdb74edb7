package craftypocket.core.run;

import java.util.function.BooleanSupplier;

/**
 * How a survey is done.
 *
 * @param exhaustiveUpTo worlds are all visited when there can be no more than this; otherwise they are sampled
 * @param sample how many worlds a sample has
 * @param seed of the sample: the same seed gives the same answer
 * @param workers how many threads share the work
 * @param chunks in how many ways the chunks of a step are taken one by one at most, which gives a chart for each: with more of
 *     them it is reckoned where cards come to lie
 * @param cancelled asked at every step; true ends the survey early
 * @param byStates whether worlds are counted by their states, if they can be, and not visited one by one
 * @param only of one choice just this number is looked at; null for all numbers
 * @param hurried asked at every step; true makes a visit of all worlds, which takes too long, give way to a sample
 */
public record SurveyOptions(
        long exhaustiveUpTo,
        int sample,
        long seed,
        int workers,
        boolean byStates,
        Only only,
        long chunks,
        BooleanSupplier cancelled,
        BooleanSupplier hurried) {

    /** Two million worlds of twenty steps take some seconds; more would keep a performer waiting. */
    public static final long MOST_EXHAUSTIVE = 2_000_000;

    /** Each takes some ten bytes. */
    private static final long MOST_CHUNKS = 1_000_000;

    public static SurveyOptions withDefaults() {
        return new SurveyOptions(
                MOST_EXHAUSTIVE,
                100_000,
                1,
                Runtime.getRuntime().availableProcessors(),
                true,
                null,
                MOST_CHUNKS,
                () -> false,
                () -> false);
    }

    /** Whether nobody waits for what is exact any more, or too long. */
    boolean ends() {
        return cancelled.getAsBoolean() || hurried.getAsBoolean();
    }

    /** One number of the choice with this key. */
    public record Only(String key, int number) {}

    public SurveyOptions withOnly(String key, int number) {
        return new SurveyOptions(
                exhaustiveUpTo, sample, seed, workers, byStates, new Only(key, number), chunks, cancelled, hurried);
    }

    public SurveyOptions with(BooleanSupplier newCancelled) {
        return new SurveyOptions(exhaustiveUpTo, sample, seed, workers, byStates, only, chunks, newCancelled, hurried);
    }

    public SurveyOptions withHurry(BooleanSupplier newHurried) {
        return new SurveyOptions(exhaustiveUpTo, sample, seed, workers, byStates, only, chunks, cancelled, newHurried);
    }

    SurveyOptions withChunks(long most) {
        return new SurveyOptions(exhaustiveUpTo, sample, seed, workers, byStates, only, most, cancelled, hurried);
    }

    public SurveyOptions withExhaustiveUpTo(long worlds) {
        return new SurveyOptions(worlds, sample, seed, workers, byStates, only, chunks, cancelled, hurried);
    }

    public SurveyOptions withWorkers(int newWorkers) {
        return new SurveyOptions(exhaustiveUpTo, sample, seed, newWorkers, byStates, only, chunks, cancelled, hurried);
    }

    public SurveyOptions withSample(int newSample, long newSeed) {
        return new SurveyOptions(
                exhaustiveUpTo, newSample, newSeed, workers, byStates, only, chunks, cancelled, hurried);
    }

    /** Worlds are visited one by one, or sampled: the plain definition of a survey. */
    public SurveyOptions visiting() {
        return new SurveyOptions(exhaustiveUpTo, sample, seed, workers, false, only, chunks, cancelled, hurried);
    }
}
