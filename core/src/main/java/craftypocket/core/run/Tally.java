package craftypocket.core.run;

import craftypocket.core.read.Choice;
import craftypocket.core.read.Plan;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.ChunksSetting;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** What one worker of a survey counts. */
final class Tally {

    /** A choice that a world never reaches. */
    static final int NOT_MADE = -1;

    /**
     * By number are counted so many choices of a plan at most: a condition, a choice and a number are one count, and a plan
     * within the limits of a routine can have 400 conditions and 2,400 choices. Amounts come before the chunks of a shuffle.
     */
    static final int MOST_CHARTED = 40;

    private final int values;
    private final int roles;
    /** The choices that are counted by number: shuffles are not. */
    private final int[] charted;

    /** Whether all worlds were visited, or the whole sample drawn. */
    boolean broughtToAnEnd = true;

    /** Whether worlds are weighed: then all counts are in parts of {@link StateCounts#WEIGHED}. */
    boolean weighed;

    /** How many ways were looked at; 0 where they have no number. */
    long ways;

    final Widths widths;

    long worlds;
    /** In how many of them everything holds; at least, where that is not known. */
    long allHeld;

    /** In how many of them everything can hold at most, where that is not known; else -1. */
    long allHeldAtMost = -1;

    /** How many of them count in the picture of where roles can be, or what these weigh. */
    double pictured;

    final long[] failed;
    final int[][] smallest;
    /** Per condition, a world that looks alike to the performer and in which the step is to be done otherwise; mostly null. */
    final int[][] otherwise;
    /** Per condition, whether it asks what the performer knows, which single worlds do not tell. */
    final boolean[] untold;
    /** Per choice and number, in how many worlds it was made; null for a choice that is not counted by number. */
    final long[][] made;
    /** Per condition, choice and number, in how many of them the condition failed. */
    final long[][][] failedWith;
    /** Per moment and role, in how many pictured worlds it lay at each spot: place by place, position 0 never used. */
    final double[][] at;

    Tally(Plan plan, int spots) {
        int conditions = plan.conditions().size();
        int choices = plan.choices().size();
        roles = plan.cast().parts().size();
        values = Amount.MOST + 1;
        widths = new Widths(choices);
        charted = charted(plan.choices());
        failed = new long[conditions];
        smallest = new int[conditions][];
        untold = new boolean[conditions];
        otherwise = new int[conditions][];
        made = new long[choices][];
        for (int choice : charted) {
            made[choice] = new long[values];
        }
        failedWith = new long[conditions][choices][];
        at = new double[(plan.steps().size() + 1) * roles][spots];
    }

    /**
     * Numbers of which none is chosen: one for each choice; and, where the set-up leaves something open, one for each card, where
     * it lies if that is what makes the difference.
     */
    static int[] nothingChosen(Plan plan) {
        int cards = plan.arrangement().any() ? plan.pack().size() : 0;
        int[] chosen = new int[plan.choices().size() + cards];
        Arrays.fill(chosen, NOT_MADE);
        return chosen;
    }

    private static int[] charted(List<Choice> choices) {
        return IntStream.range(0, choices.size())
                .filter(choice -> !choices.get(choice).isChance())
                .boxed()
                .sorted(Comparator.comparing(choice -> choices.get(choice).setting() instanceof ChunksSetting))
                .limit(MOST_CHARTED)
                .mapToInt(choice -> choice)
                .sorted()
                .toArray();
    }

    /** @param part how much the world counts: 1, or what it weighs */
    void finish(int[] chosen, boolean[] holds, long part) {
        ways++;
        worlds += part;
        boolean all = true;
        for (int choice : charted) {
            if (chosen[choice] != NOT_MADE) {
                made[choice][chosen[choice]] += part;
            }
        }
        for (int condition = 0; condition < holds.length; condition++) {
            if (!holds[condition]) {
                all = false;
                fail(condition, chosen, part);
            }
        }
        allHeld += all ? part : 0;
    }

    private void fail(int condition, int[] chosen, long part) {
        failed[condition] += part;
        if (smallest[condition] == null) {
            smallest[condition] = chosen.clone();
        } else if (Arrays.compare(chosen, smallest[condition]) < 0) {
            System.arraycopy(chosen, 0, smallest[condition], 0, chosen.length);
        }
        for (int choice : charted) {
            if (chosen[choice] != NOT_MADE) {
                if (failedWith[condition][choice] == null) {
                    failedWith[condition][choice] = new long[values];
                }
                failedWith[condition][choice][chosen[choice]] += part;
            }
        }
    }

    /** Counts what another worker counted as well. */
    Tally plus(Tally other) {
        broughtToAnEnd &= other.broughtToAnEnd;
        weighed |= other.weighed;
        ways += other.ways;
        widths.add(other.widths);
        worlds += other.worlds;
        allHeld += other.allHeld;
        pictured += other.pictured;
        for (int condition = 0; condition < failed.length; condition++) {
            failed[condition] += other.failed[condition];
            untold[condition] |= other.untold[condition];
            int[] theirs = other.smallest[condition];
            if (theirs != null && (smallest[condition] == null || Arrays.compare(theirs, smallest[condition]) < 0)) {
                smallest[condition] = theirs;
            }
            for (int choice : charted) {
                failedWith[condition][choice] = sum(failedWith[condition][choice], other.failedWith[condition][choice]);
            }
        }
        for (int choice : charted) {
            sum(made[choice], other.made[choice]);
        }
        for (int i = 0; i < at.length; i++) {
            for (int spot = 0; spot < at[i].length; spot++) {
                at[i][spot] += other.at[i][spot];
            }
        }
        return this;
    }

    /** Takes what was found of some conditions, and of where some roles can be, from a count of the same worlds. */
    void join(Tally other, IntPredicate judged, int pictured) {
        for (int condition = 0; condition < failed.length; condition++) {
            if (judged.test(condition)) {
                failed[condition] = other.failed[condition];
                smallest[condition] = other.smallest[condition];
                otherwise[condition] = other.otherwise[condition];
                failedWith[condition] = other.failedWith[condition];
            }
        }
        for (int i = 0; i < at.length; i++) {
            if ((pictured >>> i % roles & 1) != 0) {
                at[i] = other.at[i];
            }
        }
        // Not less than what is left when all that fails fails in other worlds, and not more than what holds most
        // seldom.
        long most = worlds;
        long least = worlds;
        for (long fails : failed) {
            most = Math.min(most, worlds - fails);
            least = Math.max(0, least - fails);
        }
        allHeld = least;
        allHeldAtMost = most;
    }

    private static long[] sum(long[] mine, long[] theirs) {
        if (mine == null || theirs == null) {
            return mine == null ? theirs : mine;
        }
        for (int i = 0; i < mine.length; i++) {
            mine[i] += theirs[i];
        }
        return mine;
    }
}
