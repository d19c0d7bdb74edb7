package craftypocket.core.invent;

import craftypocket.core.layout.Hands;
import craftypocket.core.solve.Effort;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Goes level by level through the sets of states that steps lead to. Equal sets with as many choices are one node. It does so in rounds: the
 * first follows a few nodes of each level, so that long paths are found soon, and each after it twice as many of those that wait. Between
 * two nodes it can be stopped, and goes on there when it is asked again: what is found, and in which order, depends on the question alone.
 * Not for several threads, but for what it says of itself.
 */
final class Levels {

    /**
     * A set of states.
     *
     * @param path the steps that lead to it
     * @param choices how many of them are free choices
     * @param spots at how many places the cards lie that are asked for
     * @param states how many they are
     * @param print what tells them from others
     * @param before the prints of the sets that were passed on the way
     */
    record Node(List<TriedStep> path, int choices, int spots, int states, long print, Set<Long> before) {

        private long key() {
            return 31 * print + choices;
        }
    }

    /** What comes of a step, in each state in turn. */
    abstract static class Look {

        final Ground.Prints prints;

        Look(Ground ground) {
            prints = ground.new Prints();
        }

        /** Looks at one of them; false ends it. */
        abstract boolean at(Hands before, Hands after);

        /** Whether the step is no use, whatever it leads to. */
        abstract boolean useless();

        /** Whether what is asked for is so in all states. */
        abstract boolean holds();

        /** At how many places the cards lie that are asked for. */
        abstract int spots();
    }

    /** Somebody who looks for something. */
    interface Seeker {

        /** Whether a step is worth trying there. */
        boolean tries(Node node, List<Hands> states, TriedStep act);

        /** @param last whether no step can come after this one */
        Look look(Node from, TriedStep act, boolean last);

        /** Is told that a step leads from a node to what is asked for. */
        void reached(Node from, TriedStep act);

        /**
         * Those that are to be followed, the most promising first.
         *
         * @param most how many of one kind at most
         */
        List<Node> best(Collection<Node> nodes, int most);

        /** Whether so much was found that it is to end. */
        boolean enough();

        /** Is told that all steps of a level were tried. */
        void levelDone();
    }

    /** As many nodes wait at a level; then those are dropped that would not be followed. */
    private static final int MOST_WAITING = 4_800;

    /** As many of one kind are followed at a level in the last round. */
    private final int widest;

    /** As many in this round. */
    private int width;

    private final Ground ground;
    private final List<Hands> start;
    private final List<TriedStep> actions;
    private final int steps;
    private final int mostTried;
    private final Seeker seeker;

    /** The sets of states that were followed. */
    private final Set<Long> followed = new HashSet<>();

    /** By level: by set of states and number of choices, those that wait there, the most promising so far. */
    private final List<Map<Long, Node>> waiting = new ArrayList<>();

    private List<Node> level;
    private int at;
    private int length = 1;
    private volatile int longest = 1;
    private volatile int tried;
    private volatile boolean done;
    /** Whether nodes were given up for others. */
    private boolean dropped;

    /**
     * @param steps how many steps a path has at most
     * @param mostTried with so many tries it ends
     * @param width as many nodes of one kind are followed at a level in the first round
     * @param widest as many in the last
     */
    Levels(
            Ground ground,
            List<Hands> start,
            List<TriedStep> actions,
            int steps,
            int mostTried,
            int width,
            int widest,
            Seeker seeker) {
        this.ground = ground;
        this.start = start;
        this.actions = actions;
        this.steps = steps;
        this.mostTried = mostTried;
        this.width = width;
        this.widest = widest;
        this.seeker = seeker;
        IntStream.range(0, steps).forEach(any -> waiting.add(new LinkedHashMap<>()));
        Node root = new Node(List.of(), 0, 0, start.size(), ground.print(start), Set.of());
        followed.add(root.key());
        level = List.of(root);
    }

    boolean done() {
        return done;
    }

    /** How many steps it tried on sets of states. */
    int tried() {
        return tried;
    }

    /** How many steps the longest paths have that were tried. */
    int longest() {
        return longest;
    }

    /** Whether it ended since there was no more to try: what was not found is not there to be found with these steps. */
    boolean followedAll() {
        return done && !dropped && !exhausted() && waiting.stream().allMatch(Map::isEmpty);
    }

    private boolean exhausted() {
        return tried >= mostTried;
    }

    /** Searches, or goes on where it was stopped. */
    void search(Effort effort) {
        while (!done && !effort.stopped()) {
            if (exhausted() || seeker.enough()) {
                seeker.levelDone();
                done = true;
            } else if (at < level.size()) {
                expand(level.get(at));
                at++;
                effort.reached(Math.min(1, (double) tried / mostTried));
            } else {
                seeker.levelDone();
                goOn();
            }
        }
    }

    /** To the next level at which nodes wait, and after the last one to the next round. */
    private void goOn() {
        at = 0;
        level = List.of();
        while (level.isEmpty() && width <= widest && waiting.stream().anyMatch(nodes -> !nodes.isEmpty())) {
            length++;
            if (length > steps) {
                length = 1;
                width *= 2;
            } else {
                Map<Long, Node> here = waiting.get(length - 1);
                level = seeker.best(here.values(), width);
                longest = level.isEmpty() ? longest : Math.max(longest, length);
                level.forEach(node -> followed.add(node.key()));
                here.keySet().removeAll(followed);
            }
        }
        done = level.isEmpty();
    }

    private void expand(Node node) {
        List<Hands> states = end(node.path()).orElseThrow();
        boolean last = node.path().size() + 1 == steps;
        for (TriedStep act : actions) {
            if (!seeker.tries(node, states, act)) {
                continue;
            }
            Look look = seeker.look(node, act, last);
            boolean possible = ground.each(states, act, look::at);
            tried++;
            if (!possible || look.useless() || look.prints.tooMany()) {
                continue;
            }
            if (look.holds()) {
                seeker.reached(node, act);
            } else if (!last) {
                await(node, act, look);
            }
        }
    }

    /** Keeps a node for the next level, as long as it is among the most promising ones. */
    private void await(Node node, TriedStep act, Look look) {
        long print = look.prints.number();
        if (print == node.print() || node.before().contains(print)) {
            return;
        }
        Set<Long> before = new HashSet<>(node.before());
        before.add(node.print());
        int choices = node.choices() + (act.chooses() ? 1 : 0);
        Node reached = new Node(with(node.path(), act), choices, look.spots(), look.prints.count(), print, before);
        Map<Long, Node> there = waiting.get(node.path().size() + 1);
        if (!followed.contains(reached.key())) {
            there.putIfAbsent(reached.key(), reached);
        }
        if (there.size() > MOST_WAITING) {
            List<Node> best = seeker.best(there.values(), widest);
            there.clear();
            dropped = true;
            best.forEach(each -> there.put(each.key(), each));
        }
    }

    /** The states that a path leads to, unless there are too many. */
    Optional<List<Hands>> end(List<TriedStep> path) {
        return ground.end(start, path);
    }

    static List<TriedStep> with(List<TriedStep> path, TriedStep act) {
        List<TriedStep> longer = new ArrayList<>(path);
        longer.add(act);
        return List.copyOf(longer);
    }
}
