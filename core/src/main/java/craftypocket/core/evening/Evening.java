package craftypocket.core.evening;

import craftypocket.core.layout.Place;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.read.Plan;
import craftypocket.core.routine.SetUp;
import craftypocket.core.run.World;
import craftypocket.core.solve.Effort;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A set as it will go: what each routine begins with, what must be put right before it, and what does not go together.
 *
 * <p>Routines with the whole deck share one deck, so that what one leaves is what the next begins with; a routine with a
 * packet has that packet to itself. What people choose differs from night to night: what is to be put right is worked out
 * for the usual run, and for {@link #OTHER_ENDS} others which are drawn with a fixed seed.
 *
 * @param stages one for each act, in order
 * @param conflicts what does not go together
 * @param forNextTable what is to be put right before it can begin again
 * @param whereabouts where everything is at the beginning, and after each act
 * @param packList what goes into the bag
 * @param seconds how long it takes, with what is to be done in between
 * @param spread how much that varies, as a standard deviation in seconds
 */
public record Evening(
        List<Stage> stages,
        List<Conflict> conflicts,
        List<Reset> forNextTable,
        List<Whereabouts> whereabouts,
        List<String> packList,
        int seconds,
        double spread) {

    /** More routines than this nobody performs in one go. */
    public static final int MOST_ACTS = 20;

    /**
     * One routine of the set.
     *
     * @param deckFrom the index of the routine that used the deck before, or -1
     * @param asks what it asks of place, people and pockets
     * @param resets what is to be put right before it; of the first one nothing
     * @param carried the set-up that it would begin with if nothing was put right
     * @param start how everything lies as it begins
     * @param end how everything lies when it is over, in the usual run
     */
    public record Stage(int deckFrom, Asks asks, Resets resets, SetUp carried, Handover start, Handover end) {}

    public Evening {
        stages = List.copyOf(stages);
        conflicts = List.copyOf(conflicts);
        forNextTable = List.copyOf(forNextTable);
    }

    /**
     * Works out how a set will go.
     *
     * @param acts in their order
     * @param seen what these people have seen before
     */
    public static Evening of(Venue venue, List<Act> acts, List<SeenBefore> seen) {
        return of(venue, acts, seen, () -> false);
    }

    /** The same; what is to be put right is told of fewer ends, and without numbers, when the effort is to stop. */
    public static Evening of(Venue venue, List<Act> acts, List<SeenBefore> seen, Effort effort) {
        List<Stage> stages = new ArrayList<>();
        int lastWithDeck = -1;
        int firstWithDeck = -1;
        Map<String, SetUp.LaidThing> things = new LinkedHashMap<>();
        for (int index = 0; index < acts.size(); index++) {
            Plan plan = acts.get(index).plan();
            Handover own = Handover.before(plan);
            Handover end = Handover.after(plan, World.USUAL);
            boolean deck = Handover.usesDeck(plan.routine().setUp());
            Resets resets = new Resets(List.of(), plan.routine().setUp());
            SetUp carried = plan.routine().setUp();
            if (deck && lastWithDeck >= 0) {
                Handover now = stages.get(lastWithDeck).end().with(things.values());
                resets = Resets.before(
                        Ends.of(acts.get(lastWithDeck).plan(), effort).with(things.values()), plan);
                carried = now.begins(plan.routine().setUp(), own);
            }
            stages.add(new Stage(deck ? lastWithDeck : -1, Asks.of(plan), resets, carried, own, end));
            end.things().forEach(thing -> things.put(thing.name(), thing));
            if (deck) {
                firstWithDeck = firstWithDeck < 0 ? index : firstWithDeck;
                lastWithDeck = index;
            }
        }
        List<Reset> again = again(acts, stages, firstWithDeck, lastWithDeck, things, effort);
        int seconds = acts.stream().mapToInt(Act::seconds).sum()
                + stages.stream().mapToInt(stage -> stage.resets().seconds()).sum();
        double spread = Math.sqrt(
                acts.stream().mapToDouble(act -> act.spread() * act.spread()).sum());
        return new Evening(
                stages,
                new Conflicts(venue, acts, stages, seen, seconds).all(),
                again,
                Whereabouts.of(acts, stages),
                PackList.of(acts, stages, venue.tables()),
                seconds,
                spread);
    }

    /** What is put right between two tables: the deck for its first routine, and every thing that any of them has moved. */
    private static List<Reset> again(
            List<Act> acts,
            List<Stage> stages,
            int firstWithDeck,
            int lastWithDeck,
            Map<String, SetUp.LaidThing> things,
            Effort effort) {
        List<Reset> all = new ArrayList<>();
        if (firstWithDeck >= 0) {
            all.addAll(Resets.before(
                            Ends.of(acts.get(lastWithDeck).plan(), effort).with(things.values()),
                            acts.get(firstWithDeck).plan())
                    .list());
        }
        for (int index = 0; index < acts.size(); index++) {
            Plan plan = acts.get(index).plan();
            if (!Handover.usesDeck(plan.routine().setUp())) {
                // Of a packet in any order only some cards have a place.
                all.addAll(
                        plan.arrangement().any()
                                ? Resets.before(Ends.of(plan, effort), plan).list()
                                : packet(acts.get(index).title(), stages.get(index)));
            }
            if (index != firstWithDeck) {
                all.addAll(thingsBack(stages.get(index)));
            }
        }
        return all.stream().distinct().toList();
    }

    /** A packet lies as it did only when a routine leaves it so. */
    private static List<Reset> packet(String title, Stage stage) {
        Map<Place, List<LyingCard>> before = stage.start().cards();
        if (before.equals(stage.end().cards())) {
            return List.of();
        }
        List<String> codes = Handover.codes(before);
        return List.of(Reset.of(
                Reset.Kind.STACK, "Lay the packet of “" + title + "” in order: " + Resets.named(codes) + ".", codes));
    }

    private static List<Reset> thingsBack(Stage stage) {
        List<Reset> back = new ArrayList<>();
        for (SetUp.LaidThing thing : stage.start().things()) {
            Optional<SetUp.LaidThing> now = stage.end().things().stream()
                    .filter(each -> each.name().equals(thing.name()))
                    .findFirst();
            now.flatMap(lies -> Resets.back(lies, thing)).ifPresent(back::add);
        }
        stage.end().spoilt().entrySet().stream()
                .filter(each -> each.getValue().contains(Spoilt.FOLDED))
                .forEach(each -> back.add(Resets.another(each.getKey(), each.getValue())));
        return back;
    }
}
