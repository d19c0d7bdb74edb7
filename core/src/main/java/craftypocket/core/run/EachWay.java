package craftypocket.core.run;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.Function;

/** Follows the ways of a routine one by one, each with a trace of its own. */
public final class EachWay {

    /** Is shown a way: its world, its trace, and how likely it is where each number of a choice is as likely as the others. */
    @FunctionalInterface
    public interface Visit {
        void way(World world, Trace trace, double likely);
    }

    private final Function<World, Trace> traces;
    private final int moment;
    private final int most;
    private final BooleanSupplier stopped;
    private final Visit visit;
    private int ways;

    private EachWay(Function<World, Trace> traces, int moment, int most, BooleanSupplier stopped, Visit visit) {
        this.traces = traces;
        this.moment = moment;
        this.most = most;
        this.stopped = stopped;
        this.visit = visit;
    }

    /**
     * Follows all ways that differ up to a moment.
     *
     * @param traces of one world after another, as {@link Tracer#traces} makes them
     * @param moment up to which choices tell ways apart; 0 is the set-up
     * @param most so many are followed at most
     * @return whether all were: not where there are more, where cards are really shuffled, or where it was stopped
     */
    public static boolean follow(
            Function<World, Trace> traces, int moment, int most, BooleanSupplier stopped, Visit visit) {
        EachWay each = new EachWay(traces, moment, most, stopped, visit);
        return each.follow(new World(Map.of()), traces.apply(World.USUAL), 1);
    }

    private boolean follow(World world, Trace trace, double likely) {
        for (Trace.Moment here : trace.moments().subList(0, moment + 1)) {
            for (Trace.Chosen chosen : here.choices()) {
                if (!world.numbers().containsKey(chosen.choice().key())) {
                    return !chosen.choice().isChance() && branch(world, chosen, likely);
                }
            }
        }
        if (ways == most || stopped.getAsBoolean()) {
            return false;
        }
        ways++;
        visit.way(world, trace, likely);
        return true;
    }

    private boolean branch(World world, Trace.Chosen open, double likely) {
        String key = open.choice().key();
        List<World> worlds = new ArrayList<>();
        List<Trace> begun = new ArrayList<>();
        for (int number = open.low(); number <= open.high(); number++) {
            Map<String, Integer> more = new HashMap<>(world.numbers());
            more.put(key, number);
            World longer = new World(more);
            Trace trace = traces.apply(longer);
            // A number that is not possible here is moved to the nearest that is, which has its own turn.
            if (number(trace, key) == number) {
                worlds.add(longer);
                begun.add(trace);
            }
        }
        for (int i = 0; i < worlds.size(); i++) {
            if (!follow(worlds.get(i), begun.get(i), likely / worlds.size())) {
                return false;
            }
        }
        return true;
    }

    private static int number(Trace trace, String key) {
        return trace.moments().stream()
                .flatMap(moment -> moment.choices().stream())
                .filter(chosen -> chosen.choice().key().equals(key))
                .findFirst()
                .orElseThrow()
                .number();
    }
}
