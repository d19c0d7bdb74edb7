package craftypocket.core.run;

import craftypocket.core.layout.Hands;
import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.PlaceKnowledge;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The definition of knowing, as plainly as it can be said: all worlds of a routine are put one by one beside each other, those
 * that look alike to the performer together. What is the same in all of these is what he knows, no more and no less.
 */
final class Alike {

    private final Plan plan;
    private final int most;
    private final List<Walk> walks = new ArrayList<>();
    private final Set<Map<String, Integer>> seen = new HashSet<>();

    Alike(Plan plan, int most) {
        this.plan = plan;
        this.most = most;
        collect(Map.of());
    }

    int worlds() {
        return walks.size();
    }

    /** Whether there were more worlds than could be looked at. */
    boolean tooMany() {
        return walks.size() > most;
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
                walks.add(Tracer.walk(plan, new World(fixed)));
            }
            return;
        }
        Trace.Chosen choice = open.get();
        boolean any = false;
        for (int number = choice.low(); number <= choice.high(); number++) {
            Map<String, Integer> more = new HashMap<>(fixed);
            more.put(choice.choice().key(), number);
            // Where a number cannot be, the nearest that can is taken: another world tells of that one.
            Trace tried = Tracer.trace(plan, new World(more));
            boolean can = tried.moments().stream()
                    .flatMap(m -> m.choices().stream())
                    .anyMatch(c -> c.choice().key().equals(choice.choice().key())
                            && c.number() == more.get(c.choice().key()));
            if (can) {
                any = true;
                collect(more);
            }
        }
        if (!any) {
            // Nothing is possible: the step is broken.
            Map<String, Integer> none = new HashMap<>(fixed);
            none.put(choice.choice().key(), choice.low());
            collect(none);
        }
    }

    /** Where what is told differs from what is so: the step, the role and both; empty when all is well. */
    Optional<String> differs(Knowledge told) {
        List<Hands> worlds = new ArrayList<>();
        // What is told goes on by histories that were put together; what is so, by each for itself.
        Map<Hands, Hands> toldOn = new IdentityHashMap<>();
        for (Walk walk : walks) {
            Hands laid = walk.freshHands();
            Hands hands = laid.living(true);
            hands.copyFrom(laid);
            hands.showing().feel();
            worlds.add(hands);
            Hands other = hands.another();
            other.copyFrom(hands);
            toldOn.put(hands, other);
        }
        for (int moment = 0; moment <= plan.steps().size(); moment++) {
            Map<Long, List<Hands>> groups = worlds.stream().collect(Collectors.groupingBy(Hands::lived));
            for (List<Hands> alike : groups.values()) {
                int names = names(alike);
                String step = moment == 0
                        ? "the set-up"
                        : plan.steps().get(moment - 1).step().move() + " "
                                + plan.steps().get(moment - 1).step().settings();
                Optional<Known> found = told.after(moment - 1, toldOn.get(alike.get(0)));
                if (found.isEmpty()) {
                    return Optional.of("after " + step + ", nothing is said of a way that there is");
                }
                Known known = found.get();
                for (int role = 0; role < plan.cast().parts().size(); role++) {
                    String letter =
                            "after " + step + ", " + plan.cast().part(role).letter() + ": ";
                    if (known.name(role) != ((names >>> role & 1) != 0)) {
                        return Optional.of(letter + (known.name(role) ? "its name is not known" : "its name is known"));
                    }
                    PlaceKnowledge place = place(alike, role, names);
                    if (known.place(role) != place) {
                        return Optional.of(letter + "said " + known.place(role) + " and is " + place);
                    }
                }
                for (Hands hands : alike) {
                    hands.knowsNames(names);
                    told.after(moment - 1, toldOn.get(hands));
                    toldOn.get(hands).knowsNames(names);
                }
            }
            for (int world = 0; world < worlds.size() && moment < plan.steps().size(); world++) {
                perform(moment, worlds.get(world), walks.get(world).values(moment));
                perform(moment, toldOn.get(worlds.get(world)), walks.get(world).values(moment));
            }
        }
        return Optional.empty();
    }

    private void perform(int index, Hands hands, Values numbers) {
        PlannedStep step = plan.steps().get(index);
        hands.showing().atStep(index);
        boolean applies = step.decide(hands);
        Values values = numbers.another();
        if (applies && step.ready(hands, values)) {
            step.perform(hands, values);
        } else if (applies) {
            step.breaks(hands);
        }
    }

    /** Whether two worlds look alike up to a step. */
    boolean alike(int step, World one, World other) {
        return lived(step, one) == lived(step, other);
    }

    private long lived(int step, World world) {
        Walk walk = Tracer.walk(plan, world);
        Hands laid = walk.freshHands();
        Hands hands = laid.living(true);
        hands.copyFrom(laid);
        hands.showing().feel();
        for (int before = 0; before < step; before++) {
            perform(before, hands, walk.values(before));
        }
        return hands.lived();
    }

    private int names(List<Hands> alike) {
        int names = 0;
        for (int role = 0; role < plan.cast().parts().size(); role++) {
            boolean one = false;
            for (int word = 0; word < alike.get(0).wordsOfFaces(); word++) {
                long all = -1;
                for (Hands hands : alike) {
                    all &= hands.cardOf(role) < 0 ? 0 : hands.facesSeen(role, word);
                }
                one |= all != 0;
            }
            names |= one ? 1 << role : 0;
        }
        return names;
    }

    private PlaceKnowledge place(List<Hands> alike, int role, int names) {
        if (!shared(alike, hands -> signs(hands, role)).isEmpty()) {
            return PlaceKnowledge.EXACT;
        }
        boolean looking = (names >>> role & 1) != 0;
        for (int other = 0; other < plan.cast().parts().size(); other++) {
            int from = other;
            boolean known = other != role && (names >>> other & 1) != 0;
            looking |=
                    known && !shared(alike, hands -> apart(hands, role, from)).isEmpty();
        }
        if (looking) {
            return PlaceKnowledge.BY_LOOKING;
        }
        Set<String> piles = shared(
                alike,
                hands -> pileOf(hands, role).stream()
                        .map(pile -> pile.place().text())
                        .collect(Collectors.toSet()));
        if (piles.isEmpty()) {
            return PlaceKnowledge.LOST;
        }
        return Math.min(spread(alike, role, true), spread(alike, role, false)) <= 12
                ? PlaceKnowledge.NEAR
                : PlaceKnowledge.IN_PILE;
    }

    private static int spread(List<Hands> alike, int role, boolean top) {
        int[] numbers = alike.stream()
                .mapToInt(hands -> pileOf(hands, role)
                        .map(pile -> top
                                ? pile.positionOf(hands.cardOf(role))
                                : pile.size() - pile.positionOf(hands.cardOf(role)))
                        .orElseThrow())
                .toArray();
        return IntStream.of(numbers).max().orElseThrow()
                - IntStream.of(numbers).min().orElseThrow();
    }

    private interface Signs {
        Set<String> of(Hands hands);
    }

    private static Set<String> shared(List<Hands> alike, Signs signs) {
        Set<String> shared = new HashSet<>(signs.of(alike.get(0)));
        alike.forEach(hands -> shared.retainAll(signs.of(hands)));
        return shared;
    }

    private static Optional<Pile> pileOf(Hands hands, int role) {
        int card = hands.cardOf(role);
        return hands.layout().piles().stream()
                .filter(pile -> card >= 0 && pile.positionOf(card) > 0)
                .findFirst();
    }

    /** The ways in which a place can be pointed at: from the top, from the bottom, from what is held, among what sticks out. */
    private static Set<String> signs(Hands hands, int role) {
        Optional<Pile> found = pileOf(hands, role);
        if (found.isEmpty()) {
            return Set.of();
        }
        Pile pile = found.get();
        Layout layout = hands.layout();
        String place = pile.place().text();
        int position = pile.positionOf(hands.cardOf(role));
        Set<String> signs = new HashSet<>();
        signs.add(place + " top " + position);
        signs.add(place + " bottom " + (pile.size() - position));
        Set<Hold.Kind> met = new HashSet<>();
        for (Hold hold : layout.holds()) {
            boolean counts = hold.kind() != Hold.Kind.BEND && hold.kind() != Hold.Kind.STEP;
            if (hold.place().equals(pile.place()) && counts && met.add(hold.kind())) {
                signs.add(place + " " + hold.kind() + " " + (position - hold.depth()));
            }
        }
        String like = like(hands, hands.cardOf(role));
        if (!like.isEmpty()) {
            long before = IntStream.range(1, position)
                    .filter(above -> like(hands, pile.card(above)).equals(like))
                    .count();
            signs.add(place + " " + like + " " + before);
        }
        return signs;
    }

    private static String like(Hands hands, int card) {
        if (hands.sticksOut(card)) {
            return hands.outJogged(card) ? "out" : "in";
        }
        return hands.ofUpperPacket(card) ? "upper" : "";
    }

    /** How far a card lies from another one of its pile, in the line and in the circle. */
    private static Set<String> apart(Hands hands, int role, int other) {
        Optional<Pile> pile = pileOf(hands, role);
        int there = pile.isEmpty() || hands.cardOf(other) < 0 ? 0 : pile.get().positionOf(hands.cardOf(other));
        if (there == 0) {
            return Set.of();
        }
        int apart = pile.get().positionOf(hands.cardOf(role)) - there;
        return Set.of(
                "line " + apart, "circle " + Math.floorMod(apart, pile.get().size()));
    }
}
