package craftypocket.core.evening;

import craftypocket.core.layout.Place;
import craftypocket.core.layout.Spoilt;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.SetUp;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Finds what in a set does not go together. */
final class Conflicts {

    private static final int SECONDS_A_MINUTE = 60;

    private final Venue venue;
    private final List<Act> acts;
    private final List<Evening.Stage> stages;
    private final List<SeenBefore> seen;
    private final int seconds;
    private final List<Conflict> all = new ArrayList<>();

    Conflicts(Venue venue, List<Act> acts, List<Evening.Stage> stages, List<SeenBefore> seen, int seconds) {
        this.venue = venue;
        this.acts = acts;
        this.stages = stages;
        this.seen = seen;
        this.seconds = seconds;
    }

    List<Conflict> all() {
        for (int act = 0; act < acts.size(); act++) {
            ofPlace(act);
            handedOut(act);
            lostOrder(act);
            signed(act);
            seenBefore(act);
        }
        pockets();
        props();
        forces();
        neighbours();
        if (venue.minutes() > 0 && seconds > venue.minutes() * SECONDS_A_MINUTE) {
            add(
                    Conflict.Kind.TOO_LONG,
                    List.of(),
                    "It takes about " + Math.round((double) seconds / SECONDS_A_MINUTE) + " minutes, and there are "
                            + venue.minutes() + ". Leave one out.");
        }
        return all;
    }

    private void add(Conflict.Kind kind, List<Integer> concerned, String sentence) {
        all.add(new Conflict(kind, concerned, sentence));
    }

    private String title(int act) {
        return "“" + acts.get(act).title() + "”";
    }

    private void ofPlace(int act) {
        Asks asks = stages.get(act).asks();
        if (asks.table() && !venue.table()) {
            add(Conflict.Kind.NO_TABLE, List.of(act), title(act) + " needs a table, and there is none.");
        }
        if (venue.allRound() && !asks.angles().isEmpty()) {
            add(
                    Conflict.Kind.ANGLES,
                    List.of(act),
                    title(act) + " can be seen through with people all round: " + String.join("; ", asks.angles())
                            + ".");
        }
        if (venue.dim() && asks.light()) {
            add(
                    Conflict.Kind.LIGHT,
                    List.of(act),
                    "In " + title(act) + " you must see a face or a mark at a glance, and there is little light.");
        }
        if (asks.people().size() > venue.people()) {
            add(
                    Conflict.Kind.TOO_FEW_PEOPLE,
                    List.of(act),
                    title(act) + " needs " + asks.people().size() + " people to take part, and there are "
                            + venue.people() + ".");
        }
    }

    /** The deck goes round in this one: nothing special may be in it, nor come into it from the ones before. */
    private void handedOut(int act) {
        boolean deck = Handover.usesDeck(setUp(act));
        if (!deck || !stages.get(act).asks().givesAway()) {
            return;
        }
        for (int other = 0; other < acts.size(); other++) {
            boolean same = Handover.usesDeck(setUp(other));
            if (same && stages.get(other).asks().special()) {
                add(
                        Conflict.Kind.SPECIAL_HANDED_OUT,
                        other == act ? List.of(act) : List.of(Math.min(act, other), Math.max(act, other)),
                        "In " + title(act) + " people hold the deck, and the special or marked cards of "
                                + (other == act
                                        ? "it are there. Take them out first, or let nobody look the deck over."
                                        : title(other) + " are in it. Use a second deck for one of them."));
            }
        }
    }

    private SetUp setUp(int act) {
        return acts.get(act).plan().routine().setUp();
    }

    private void lostOrder(int act) {
        stages.get(act).resets().list().stream()
                .filter(reset -> reset.kind() == Reset.Kind.STACK)
                .findFirst()
                .ifPresent(stack -> add(
                        Conflict.Kind.ORDER_LOST,
                        List.of(act - 1, act),
                        title(act) + " needs " + stack.cards().size()
                                + " cards in order, and that order " + (stack.always() ? "is" : "may be")
                                + " lost by then. Begin with it, or carry a second deck."));
    }

    private void signed(int act) {
        for (int before = 0; before < act; before++) {
            Map<String, Set<Spoilt>> spoilt = stages.get(before).end().spoilt();
            for (Role role : acts.get(act).plan().routine().roles()) {
                if (spoilt.getOrDefault(role.card(), Set.of()).contains(Spoilt.SIGNED)) {
                    add(
                            Conflict.Kind.SIGNED_GONE,
                            List.of(before, act),
                            title(act) + " needs " + LyingCard.sign(role.card()) + ", which was signed in "
                                    + title(before) + ". Have a second one ready.");
                }
            }
        }
    }

    private void pockets() {
        Map<Place, Map<String, Integer>> fills = new LinkedHashMap<>();
        for (int act = 0; act < acts.size(); act++) {
            for (Asks.Filled filled : stages.get(act).asks().fills()) {
                Map<String, Integer> here = fills.computeIfAbsent(filled.place(), place -> new LinkedHashMap<>());
                for (Map.Entry<String, Integer> other : here.entrySet()) {
                    if (!other.getKey().equals(filled.what()) && other.getValue() != act) {
                        add(
                                Conflict.Kind.POCKET,
                                List.of(other.getValue(), act),
                                Sentence.capital(filled.place().label()) + " is for two things: " + other.getKey()
                                        + " of " + title(other.getValue()) + " and " + filled.what() + " of "
                                        + title(act) + ". Use another pocket for one of them.");
                    }
                }
                here.putIfAbsent(filled.what(), act);
            }
        }
    }

    private void props() {
        Map<String, Integer> first = new HashMap<>();
        for (int act = 0; act < acts.size(); act++) {
            for (SetUp.LaidThing thing : setUp(act).things()) {
                Integer before = first.putIfAbsent(thing.name(), act);
                if (before == null) {
                    continue;
                }
                boolean asLeft = stages.get(before).end().things().contains(thing);
                if (!asLeft) {
                    add(
                            Conflict.Kind.PROP_TWICE,
                            List.of(before, act),
                            "“" + thing.name() + "” is used in " + title(before) + " and again in " + title(act)
                                    + ", where it must be otherwise. Put it right in between, or carry two.");
                }
            }
        }
    }

    private void forces() {
        Map<String, Integer> forced = new HashMap<>();
        for (int act = 0; act < acts.size(); act++) {
            for (String card : stages.get(act).asks().forced()) {
                Integer before = forced.putIfAbsent(card, act);
                if (before != null) {
                    add(
                            Conflict.Kind.SAME_FORCE,
                            List.of(before, act),
                            LyingCard.sign(card) + " is forced in " + title(before) + " and again in " + title(act)
                                    + ". Force another card in one of them.");
                }
            }
        }
    }

    private void seenBefore(int act) {
        Asks asks = stages.get(act).asks();
        Optional<SeenBefore> itself = seen.stream()
                .filter(each -> each.title().equals(acts.get(act).title()))
                .findFirst();
        if (itself.isPresent()) {
            add(
                    Conflict.Kind.SEEN,
                    List.of(act),
                    "They have seen " + title(act) + ", on " + itself.get().when() + ".");
            return;
        }
        for (String card : asks.forced()) {
            seen.stream()
                    .filter(each -> each.forced().contains(card))
                    .findFirst()
                    .ifPresent(each -> add(
                            Conflict.Kind.SEEN,
                            List.of(act),
                            LyingCard.sign(card) + " was forced on them on " + each.when() + ". Force another card in "
                                    + title(act) + "."));
        }
        seen.stream()
                .filter(each -> each.method() == asks.method())
                .findFirst()
                .ifPresent(each -> add(
                        Conflict.Kind.SEEN,
                        List.of(act),
                        "They have seen something that works by "
                                + asks.method().label() + ", as " + title(act) + " does: “" + each.title() + "”, on "
                                + each.when() + "."));
    }

    private void neighbours() {
        for (int act = 1; act < acts.size(); act++) {
            Asks before = stages.get(act - 1).asks();
            Asks here = stages.get(act).asks();
            if (before.method() == here.method()) {
                add(
                        Conflict.Kind.SAME_METHOD,
                        List.of(act - 1, act),
                        title(act - 1) + " and " + title(act) + " both work by "
                                + here.method().label() + ", one right after the other.");
            }
            if (!here.ending().isEmpty() && before.ending().equals(here.ending())) {
                add(
                        Conflict.Kind.SAME_ENDING,
                        List.of(act - 1, act),
                        title(act - 1) + " and " + title(act) + " end in the same way: " + here.ending() + ".");
            }
        }
    }
}
