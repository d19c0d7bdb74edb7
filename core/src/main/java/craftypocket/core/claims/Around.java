package craftypocket.core.claims;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Lookout;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * What is around a claim in its routine: the sights up to its step, for which it can wait, and what people believe by then.
 */
public final class Around {

    private final List<Lookout> lookouts;
    private final int after;
    private final List<Check> believed;
    private final int places;

    /**
     * @param lookouts of the whole routine; those of the claim are added
     * @param after the index of the claim's step; beyond the last one when it stands at the end
     * @param places how many places, the first ones, have been named by then
     * @param believed whether each thing that people believe by then is so
     */
    public Around(List<Lookout> lookouts, int after, int places, List<Check> believed) {
        this.lookouts = lookouts;
        this.after = after;
        this.places = places;
        this.believed = List.copyOf(believed);
    }

    /**
     * Waits for sights from a step to the claim's.
     *
     * @param from the index of the first step
     * @return what the eye has made of them in a world
     */
    public ToIntFunction<Hands> waitFor(int from, Lookout.Eye eye) {
        int number = lookouts.size();
        lookouts.add(new Lookout(from, after, eye));
        return hands -> hands.showing().seen(number);
    }

    /** Whether a place, by its index, has been named by then: whether there can be a pile. */
    boolean knows(int place) {
        return place < places;
    }

    /** Whether each thing that people believe by then is so. */
    public List<Check> believed() {
        return believed;
    }
}
