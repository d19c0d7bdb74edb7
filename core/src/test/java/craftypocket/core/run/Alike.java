package craftypocket.core.run;

import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The law of knowing, as plainly as it can be said: all worlds of a routine, those that look alike to the performer put
 * together. What he saw, felt and did is the same in them; so what he is said to know must be.
 */
final class Alike {

    /** Of a real shuffle so many are looked at. */
    private static final int SHUFFLES = 5;

    private final Plan plan;
    private final int most;
    private final List<Trace> traces = new ArrayList<>();
    private final Set<Map<String, Integer>> seen = new HashSet<>();

    Alike(Plan plan, int most) {
        this.plan = plan;
        this.most = most;
        collect(Map.of());
    }

    int worlds() {
        return traces.size();
    }

    /** Whether there were more worlds than could be looked at. */
    boolean tooMany() {
        return traces.size() > most;
    }

    private void collect(Map<String, Integer> fixed) {
        if (tooMany()) {
            return;
        }
        Trace trace = Tracer.trace(plan, new World(fixed));
        Optional<Trace.Chosen> open = trace.moments().stream()
                .flatMap(m -> m.choices().stream())
                .filter(c -> !fixed.containsKey(c.choice().key()))
                .findFirst();
        if (open.isEmpty()) {
            if (seen.add(fixed)) {
                traces.add(trace);
            }
            return;
        }
        Trace.Chosen choice = open.get();
        int high = choice.choice().isChance() ? SHUFFLES : choice.high();
        for (int number = choice.low(); number <= high; number++) {
            Map<String, Integer> more = new HashMap<>(fixed);
            more.put(choice.choice().key(), number);
            // Where a number cannot be, the nearest that can is taken: another world tells of that one.
            Trace tried = Tracer.trace(plan, new World(more));
            boolean can = tried.moments().stream()
                    .flatMap(m -> m.choices().stream())
                    .anyMatch(c -> c.choice().key().equals(choice.choice().key())
                            && c.number() == more.get(c.choice().key()));
            if (can) {
                collect(more);
            }
        }
    }

    /** What is said to be known and is not: the step, the role and what was said; empty when all is well. */
    Optional<String> unsound() {
        for (int moment = 0; moment <= plan.steps().size(); moment++) {
            Map<String, List<Trace.Moment>> groups = new HashMap<>();
            for (Trace trace : traces) {
                groups.computeIfAbsent(lived(trace, moment), h -> new ArrayList<>())
                        .add(trace.moments().get(moment));
            }
            for (List<Trace.Moment> alike : groups.values()) {
                for (int role = 0; role < plan.cast().parts().size(); role++) {
                    Optional<String> wrong = wrong(alike, role);
                    if (wrong.isPresent()) {
                        String step = moment == 0
                                ? "set-up"
                                : plan.steps().get(moment - 1).step().move() + " "
                                        + plan.steps().get(moment - 1).step().settings();
                        return Optional.of(
                                "after " + step + ", " + plan.cast().part(role).letter() + ": " + wrong.get());
                    }
                }
            }
        }
        return Optional.empty();
    }

    /**
     * Everything the performer lived through up to a moment: what was shown and done, which piles and holds there are, and
     * whether a single card that left a pile came from one of its ends; and whether a cull came about before they stopped it.
     */
    private String lived(Trace trace, int moment) {
        StringBuilder lived = new StringBuilder();
        for (int i = 0; i <= moment; i++) {
            Trace.Moment at = trace.moments().get(i);
            if (i > 0) {
                Trace.Moment before = trace.moments().get(i - 1);
                lived.append(fromAnEnd(before, at)).append(culled(trace, i - 1));
            }
            lived.append(at.skipped())
                    .append(at.broken().isPresent())
                    .append(at.shown().stream()
                            .filter(s -> s.onlyPerformer() || s.toEverybody())
                            .toList())
                    .append(at.lost().stream().map(Hold::kind).toList())
                    .append(at.layout().piles().stream().map(Pile::place).toList())
                    .append(at.layout().holds().stream()
                            .map(h -> h.kind() + h.place().text())
                            .toList())
                    .append('|');
        }
        return lived.toString();
    }

    /** Whether a card was drawn under the spread before they stopped it. */
    private boolean culled(Trace trace, int step) {
        boolean culled = false;
        for (int i = 0; i < plan.conditions().size(); i++) {
            Condition condition = plan.conditions().get(i);
            culled |= condition.step() == step
                    && condition.kind() == Condition.Kind.EXPECTED_AFTER
                    && plan.steps().get(step).step().move().equals("spread-cull")
                    && trace.outcomes().get(i);
        }
        return culled;
    }

    private static String fromAnEnd(Trace.Moment before, Trace.Moment after) {
        StringBuilder ends = new StringBuilder();
        for (Pile pile : before.layout().piles()) {
            Pile now = after.layout().at(pile.place());
            if (now.size() == pile.size() - 1 && now.size() > 0) {
                ends.append(now.card(1) != pile.card(1)).append(now.card(now.size()) != pile.card(pile.size()));
            }
        }
        return ends.toString();
    }

    private static Optional<String> wrong(List<Trace.Moment> alike, int role) {
        boolean name =
                alike.stream().anyMatch(m -> m.roles().get(role).nameKnownTo().contains(0));
        if (name
                && alike.stream()
                                .map(m -> m.roles().get(role).card())
                                .distinct()
                                .count()
                        > 1) {
            return Optional.of("you are said to know its name, but it is one of several cards");
        }
        boolean exact = alike.stream().anyMatch(m -> m.roles().get(role).placeKnown() == PlaceKnowledge.EXACT);
        if (!exact) {
            return Optional.empty();
        }
        Set<String> same = new HashSet<>(signs(alike.get(0), role));
        alike.forEach(m -> same.retainAll(signs(m, role)));
        return same.isEmpty()
                ? Optional.of("you are said to know exactly where it is, but it is at one of "
                        + alike.stream()
                                .map(m -> signs(m, role))
                                .distinct()
                                .limit(3)
                                .toList())
                : Optional.empty();
    }

    /** The ways in which a place can be pointed at: from the top, from the bottom, from something that is held. */
    private static Set<String> signs(Trace.Moment moment, int role) {
        Trace.RoleState state = moment.roles().get(role);
        if (state.place() == null || !state.chosen()) {
            return Set.of("nowhere");
        }
        String place = state.place().text();
        Set<String> signs = new HashSet<>();
        signs.add(place + " top " + state.position());
        signs.add(place + " bottom " + state.fromBottom());
        for (Hold hold : moment.layout().holds()) {
            if (hold.place().equals(state.place()) && hold.kind() != Hold.Kind.BEND) {
                signs.add(place + " " + hold.kind() + " " + (state.position() - hold.depth()));
            }
        }
        return signs;
    }
}
