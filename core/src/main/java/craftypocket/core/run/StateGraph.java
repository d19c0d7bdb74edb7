package craftypocket.core.run;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** All states of a plan, and how they lead from one moment to the next: a step is one layer or several. */
final class StateGraph {

    private final boolean weighed;
    private final List<States> states = new ArrayList<>();
    private final List<Layer> layers = new ArrayList<>();
    /** By step, the set-up first, its first layer; after the last one, how many layers there are. */
    private final List<Integer> firstLayer = new ArrayList<>(List.of(0));
    /** By moment between layers, how many states there are. */
    private final List<Integer> sizes = new ArrayList<>(List.of(1));

    /** By moment, whether its states are to be found again. */
    private final BitSet kept = new BitSet();

    private long links;

    /**
     * @param weighed whether ways are weighed by their chance, and not counted
     * @param first the one state before the set-up is laid
     */
    StateGraph(boolean weighed, States first) {
        this.weighed = weighed;
        states.add(first);
    }

    /**
     * Adds the next step.
     *
     * @param through its layers, each leading from the states after the one before; all but the last know how many there are
     * @param after the states after it
     * @param between how many states there are after each layer but the last
     * @param kept whether the states after it are to be found again
     */
    void add(List<Layer> through, List<Integer> between, States after, boolean kept) {
        layers.addAll(through);
        links += through.stream()
                .mapToLong(layer -> layer instanceof Links each ? each.size() : 0)
                .sum();
        sizes.addAll(between);
        sizes.add(after.size());
        firstLayer.add(layers.size());
        states.add(after);
        this.kept.set(states.size() - 1, kept);
        int earlier = states.size() - 3;
        if (earlier >= 0 && !this.kept.get(earlier)) {
            // The states before this step can be thrown away, but for those that led to the one that is kept.
            states.get(earlier).forgetBytes();
        }
    }

    /** Of the states that were added last some are the same now. */
    void join(Histories same) {
        if (same.states() != null) {
            ((Links) layers.get(layers.size() - 1)).moveTo(same);
            states.set(states.size() - 1, same.states());
            sizes.set(sizes.size() - 1, same.states().size());
        }
    }

    boolean weighed() {
        return weighed;
    }

    /** How many steps it has, without the set-up. */
    int steps() {
        return states.size() - 2;
    }

    /** The states before a step, -1 being the set-up; with the number of steps, those at the end. */
    States states(int step) {
        return states.get(step + 1);
    }

    /** The layer with which a step begins. */
    int firstLayer(int step) {
        return firstLayer.get(step + 1);
    }

    List<Layer> layers() {
        return layers;
    }

    /** How many states there are before a layer; with the number of layers, those at the end. */
    int size(int moment) {
        return sizes.get(moment);
    }

    /** Whether each way is a link by itself. */
    boolean singly() {
        return layers.stream().allMatch(Links.class::isInstance);
    }

    /** How many links there are in all. */
    long links() {
        return links;
    }
}
