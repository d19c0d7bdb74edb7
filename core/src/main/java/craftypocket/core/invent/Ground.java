package craftypocket.core.invent;

import craftypocket.core.layout.ByteHash;
import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Reads;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** Where steps are done on all states at once: those that differ only in cards that nobody follows are one. Not for several threads. */
final class Ground {

    /** With more states than this there is no procedure that anybody could follow. */
    static final int MOST_STATES = 3000;

    /** As many ways lead through the steps before a procedure at most: more take longer than anybody waits for a beginning. */
    private static final int MOST_BEGINNINGS = 300_000;

    /** As many ways from the states of one moment to those of the next are tried. */
    private static final int MOST_WAYS = 6_000;

    private final Plan plan;
    /** Of each choice so many numbers are taken. */
    private final int numbers;

    private final Hands surface;
    private final byte[] canonical;
    private final boolean[] nameless;
    private final Reads kept = Reads.numbers();
    /** How many ways may be tried before it is too much. */
    private long left = Long.MAX_VALUE;

    private long[] prints = new long[MOST_STATES + 1];

    /** @param numbers of each choice so many are taken at most; {@link Integer#MAX_VALUE} for all */
    Ground(Plan plan, int numbers) {
        this.plan = plan;
        this.numbers = numbers;
        surface = plan.freshHands();
        canonical = new byte[surface.stateBytes()];
        nameless = new boolean[plan.pack().size()];
        for (int card = 0; card < nameless.length; card++) {
            nameless[card] = !plan.toldApartAfter(plan.steps().size() - 1, card) && !plan.ordered(card);
        }
    }

    /** What came of a step on many states. */
    private enum Done {
        DONE,
        /** In some state it cannot be done. */
        IMPOSSIBLE,
        TOO_MANY
    }

    /**
     * All states of the routine once its steps are done.
     *
     * @throws ProblemsFound where they cannot be gone through, in words
     */
    List<Hands> start() {
        List<Hands> states;
        do {
            left = MOST_BEGINNINGS;
            states = through();
        } while (keepsMore());
        left = Long.MAX_VALUE;
        if (surface.namesRead()) {
            throw refused("steps", "something in it depends on the names of cards", "Begin before names are read");
        }
        return states;
    }

    /** The usual way alone, in which whatever there is to tell is kept apart. */
    List<Hands> usual() {
        kept.add(Reads.everything());
        return List.of(Tracer.surface(plan, World.USUAL));
    }

    /** Whether something was asked for that was not kept apart; it is from now on, and what was done before is to be done again. */
    boolean keepsMore() {
        if (kept.covers(surface.reads())) {
            return false;
        }
        kept.add(surface.reads());
        return true;
    }

    private List<Hands> through() {
        List<Hands> states = setUps();
        for (PlannedStep step : plan.steps()) {
            String where = "steps." + step.step().id();
            if (step.decidedByKnowledge()) {
                throw refused(where, "whether it is done depends on what you know", "Begin before it");
            }
            if (step.choices().stream().anyMatch(Choice::isChance)) {
                throw refused(where, "the cards are really shuffled in it", "Begin after a step that needs no luck");
            }
            List<Hands> next = new ArrayList<>();
            Done done = after(states, TriedStep.of(step), next);
            if (done == Done.IMPOSSIBLE) {
                throw refused(where, "it cannot be done in all ways", "Mend it first");
            }
            if (done == Done.TOO_MANY) {
                throw refused(
                        where,
                        "there are more than " + MOST_STATES + " layouts by then, or too many ways to them",
                        "Begin at an earlier step, or state some of the numbers");
            }
            states = next;
        }
        return states;
    }

    private static ProblemsFound refused(String where, String why, String cure) {
        return new ProblemsFound(List.of(new Problem(where, "", why, cure)));
    }

    /** One for each place at which named cards can lie that nobody laid. */
    private List<Hands> setUps() {
        List<Map<String, Integer>> worlds = new ArrayList<>(List.of(Map.of()));
        for (Choice choice : plan.arrangement().choices()) {
            List<Map<String, Integer>> more = new ArrayList<>();
            for (Map<String, Integer> world : worlds) {
                for (int place = 1; place <= surface.size(0); place++) {
                    int lies = place;
                    if (plan.arrangement().open(place) && !world.containsValue(lies)) {
                        Map<String, Integer> longer = new HashMap<>(world);
                        longer.put(choice.key(), lies);
                        more.add(longer);
                    }
                }
            }
            if (more.size() > MOST_STATES) {
                throw refused(
                        "setUp",
                        "too many named cards can lie anywhere",
                        "Say in the set-up where they lie, or follow fewer of them");
            }
            worlds = more;
        }
        return worlds.stream().map(plan::handsIn).toList();
    }

    /** The states at each moment of a path; as many as there are until a step cannot be done in all ways. */
    List<List<Hands>> moments(List<Hands> start, List<TriedStep> path) {
        List<List<Hands>> moments = new ArrayList<>(List.of(start));
        for (TriedStep act : path) {
            List<Hands> after = new ArrayList<>();
            if (after(moments.get(moments.size() - 1), act, after) != Done.DONE) {
                return moments;
            }
            moments.add(after);
        }
        return moments;
    }

    /** The states at the end of a path; nothing where a step cannot be done in all ways, or there are too many. */
    Optional<List<Hands>> end(List<Hands> start, List<TriedStep> path) {
        List<List<Hands>> moments = moments(start, path);
        return moments.size() > path.size() ? Optional.of(moments.get(path.size())) : Optional.empty();
    }

    /** Does a step on all states, and adds what comes of them, each once. */
    private Done after(List<Hands> states, TriedStep act, List<Hands> into) {
        Set<Long> seen = new HashSet<>();
        boolean[] tooMany = {false};
        boolean done = each(states, act, (before, after) -> {
            if (seen.add(after.fingerprint(canonical, nameless, kept))) {
                Hands kept = after.another();
                kept.copyFrom(after);
                into.add(kept);
            }
            tooMany[0] = into.size() > MOST_STATES || --left < 0;
            return !tooMany[0];
        });
        return tooMany[0] ? Done.TOO_MANY : done ? Done.DONE : Done.IMPOSSIBLE;
    }

    /**
     * Does a step on each of these states in each way; whether it could be done in all that were tried.
     *
     * @param visit is shown a state and what comes of it; false ends it
     */
    boolean each(List<Hands> states, TriedStep act, BiPredicate<Hands, Hands> visit) {
        boolean[] more = {true};
        for (Hands state : states) {
            Predicate<Hands> noting = after -> more[0] = visit.test(state, after);
            if (!act.step().performEach(state, surface, act.world(), numbers, noting)) {
                return false;
            }
            if (!more[0]) {
                return true;
            }
        }
        return true;
    }

    /** Whether it depends on what is chosen where the cards of some roles lie. */
    boolean moves(List<Hands> states, TriedStep choice, int[] roles) {
        for (Hands state : states) {
            Spots spots = new Spots(roles);
            each(List.of(state), choice, (before, after) -> {
                spots.add(after);
                return spots.count() < 2;
            });
            if (spots.count() > 1) {
                return true;
            }
        }
        return roles.length == 0;
    }

    /** A number that tells sets of states apart, whatever their order. */
    long print(List<Hands> states) {
        Prints all = new Prints();
        states.forEach(all::add);
        return all.number();
    }

    /** How the piles lie in some states, with the cards of all roles, whatever else there is to tell. */
    Set<Long> piles(List<Hands> states) {
        Set<Long> piles = new HashSet<>();
        int[] roles = IntStream.range(0, surface.roleCount()).toArray();
        for (Hands state : states) {
            state.canonical(canonical, nameless, kept);
            long lie =
                    ByteHash.of(canonical, 0, state.placeCount() * (plan.pack().size() + 1));
            piles.add(31 * lie + Spots.of(state, roles));
        }
        return piles;
    }

    /** The states that were met, each once, as numbers. */
    final class Prints {

        private int met;
        private int ways;

        /** Whether there can be more. */
        boolean add(Hands state) {
            if (met == prints.length) {
                distinct();
                if (met > MOST_STATES / 2) {
                    prints = Arrays.copyOf(prints, 2 * prints.length);
                }
            }
            prints[met++] = state.fingerprint(canonical, nameless, kept);
            return ++ways < MOST_WAYS;
        }

        private void distinct() {
            Arrays.sort(prints, 0, met);
            int next = 0;
            for (int i = 0; i < met; i++) {
                if (i == 0 || prints[i] != prints[i - 1]) {
                    prints[next++] = prints[i];
                }
            }
            met = next;
        }

        /** How many there are. */
        int count() {
            distinct();
            return met;
        }

        boolean tooMany() {
            return ways >= MOST_WAYS || count() > MOST_STATES;
        }

        long number() {
            long number = count();
            for (int i = 0; i < met; i++) {
                number = 31 * number + prints[i];
            }
            return number;
        }
    }
}
