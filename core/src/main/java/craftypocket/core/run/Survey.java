package craftypocket.core.run;

import craftypocket.core.layout.Place;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import java.util.List;

/**
 * What holds over all worlds, or over a sample of them.
 *
 * @param worlds how many ways were looked at; where they are not {@code counted}, in how many parts all of them are divided
 * @param allHeld in how many of them everything holds, at least
 * @param allHeldAtMost the same at most: more only where each claim had to be judged by itself
 * @param exhaustive whether these were all there are
 * @param counted whether {@code worlds} and what is held are numbers of ways. They are not where some ways are likelier than
 *     others: each then weighs what it is likely, every choice taking each of its numbers alike as it comes up, and shuffles
 *     falling by their law; nor where there are more ways than have a number
 * @param ways how many ways that are; 0 where shuffles fall by chance, where there are more than have a number, or where some are
 *     likelier than others and chunks were taken all at once
 * @param sampledBecause why it is only a sample, in words; empty otherwise
 * @param seed of the sample; 0 when worlds were visited in order
 * @param stopped whether it was ended before it was done. A sample is then smaller, and as fair; of worlds visited in order
 *     the first ones say nothing of the others: their intervals are from 0 to 1
 * @param findings one for each condition of the plan, in their order
 * @param bands where each role can be, by moment (the set-up first) and role; where many worlds are visited one by one, from one in seven
 */
public record Survey(
        long worlds,
        long allHeld,
        long allHeldAtMost,
        boolean exhaustive,
        boolean counted,
        long ways,
        String sampledBecause,
        long seed,
        boolean stopped,
        List<Finding> findings,
        List<List<List<Spot>>> bands) {

    /** The same with other findings; how many ways hold in all is then not known. */
    public Survey with(List<Finding> others) {
        return new Survey(
                worlds, 0, allHeldAtMost, exhaustive, counted, ways, sampledBecause, seed, stopped, others, bands);
    }

    /** How a condition stands. */
    public enum Verdict {
        ALWAYS,
        SOMETIMES,
        NEVER,
        /** Nobody knows yet: no way was looked at, or nothing failed in those that were before it was ended. */
        OPEN,
        /** It asks what the performer knows, and not all ways were gone through: no sample tells that. */
        UNTOLD
    }

    /**
     * What was found of one condition.
     *
     * @param condition which
     * @param verdict in a word
     * @param held in how many worlds it holds
     * @param low the lower end of the 95 % interval of the share in which it holds; the share itself when exhaustive
     * @param high the upper end of it
     * @param failing the smallest world in which it does not hold; null if there is none, or if it is a shuffle so unlikely that
     *     none of the first hundred thousand is one
     * @param otherwise a world that looks alike to the performer and in which it is otherwise if the step is to be done; null unless
     *     that is why it cannot be done
     * @param because when it fails, in words; empty when it never fails
     * @param charts by choice, in which share of the worlds it holds; empty when it always holds. Of routines with very many
     *     choices not every one has a chart, nor have chunks that are taken all at once
     */
    public record Finding(
            Condition condition,
            Verdict verdict,
            long held,
            double low,
            double high,
            World failing,
            World otherwise,
            String because,
            List<Chart> charts) {

        /** The same condition where it holds in a share of the worlds, and one in which it fails, if there is one, and why. */
        public Finding holdingIn(double share, long worlds, World fails, String why) {
            Verdict judged = fails == null ? Verdict.ALWAYS : share == 0 ? Verdict.NEVER : Verdict.SOMETIMES;
            long held = Math.round(share * worlds);
            String reason = why.isEmpty() ? because : why;
            return new Finding(condition, judged, held, share, share, fails, null, reason, List.of());
        }

        /** The same condition where it is not known how often it holds; it may be known to fail in a world. */
        public Finding untold(World fails, String why) {
            return new Finding(condition, Verdict.UNTOLD, 0, 0, 1, fails, null, why, List.of());
        }

        /** Of a condition that asks what the performer knows, where not all ways were gone through. */
        static Finding untold(Condition condition) {
            return new Finding(condition, Verdict.UNTOLD, 0, 0, 1, null, null, "", List.of());
        }
    }

    /** How a condition depends on one choice. */
    public record Chart(Choice choice, List<Bar> bars) {}

    /**
     * How a condition stands with one number of a choice.
     *
     * @param number the number
     * @param worlds in how many worlds it was chosen
     * @param held in how many of these the condition holds
     */
    public record Bar(int number, long worlds, long held) {}

    /**
     * Where a role can be.
     *
     * @param place the place
     * @param position from the top
     * @param share in which part of the worlds that were counted for it
     */
    public record Spot(Place place, int position, double share) {}

    public Survey {
        findings = List.copyOf(findings);
        bands = List.copyOf(bands);
    }

    /** Whether nothing fails in any world; of what was ended before its time nobody can say so. */
    public boolean allHold() {
        return worlds > 0 && findings.stream().allMatch(f -> f.verdict() == Verdict.ALWAYS);
    }
}
