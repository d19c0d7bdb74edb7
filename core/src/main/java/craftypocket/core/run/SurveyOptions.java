package craftypocket.core.run;

import java.util.function.BooleanSupplier;

/**
 * How a survey is done.
 *
 * @param exhaustiveUpTo worlds are all visited when there can be no more than this; otherwise they are sampled
 * @param sample how many worlds a sample has
 * @param seed of the sample: the same seed gives the same answer
 * @param workers how many threads share the work
 * @param cancelled asked now and then; true ends the survey early
 */
public record SurveyOptions(long exhaustiveUpTo, int sample, long seed, int workers, BooleanSupplier cancelled) {

    /** Two million worlds of twenty steps take some seconds; more would keep a performer waiting. */
    public static final long MOST_EXHAUSTIVE = 2_000_000;

    public static SurveyOptions withDefaults() {
        return new SurveyOptions(
                MOST_EXHAUSTIVE, 100_000, 1, Runtime.getRuntime().availableProcessors(), () -> false);
    }

    public SurveyOptions with(BooleanSupplier newCancelled) {
        return new SurveyOptions(exhaustiveUpTo, sample, seed, workers, newCancelled);
    }

    public SurveyOptions withExhaustiveUpTo(long worlds) {
        return new SurveyOptions(worlds, sample, seed, workers, cancelled);
    }

    public SurveyOptions withWorkers(int newWorkers) {
        return new SurveyOptions(exhaustiveUpTo, sample, seed, newWorkers, cancelled);
    }

    public SurveyOptions withSample(int newSample, long newSeed) {
        return new SurveyOptions(exhaustiveUpTo, newSample, newSeed, workers, cancelled);
    }
}
