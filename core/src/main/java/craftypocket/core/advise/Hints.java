package craftypocket.core.advise;

import craftypocket.core.layout.Hold;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Remark;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Plan;
import craftypocket.core.run.PlannedStep;
import craftypocket.core.run.Trace;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What the rules of the trade say of a routine, looked up in one world. */
public final class Hints {

    /** After three repeats of one packet effect the method starts to show. */
    private static final int REPEATS = 3;

    /** An order of cards survives two real riffles, hardly a third. */
    private static final int RIFFLES = 2;

    /** A key and its neighbour survive a few overhand shuffles, not many. */
    private static final int OVERHANDS = 4;

    /** A break that is held over more steps than this is felt in the wrist, and seen. */
    private static final int STEPS_WITH_BREAK = 3;

    private final Plan plan;
    private final List<Trace.Moment> moments;
    private final List<Hint> hints = new ArrayList<>();

    private Hints(Plan plan, Trace trace) {
        this.plan = plan;
        moments = trace.moments();
    }

    /** The hints on a plan as it goes in a trace of it, in the order of the steps. */
    public static List<Hint> of(Plan plan, Trace trace) {
        Hints hints = new Hints(plan, trace);
        hints.repeats();
        hints.shuffles(
                "spectator-riffle",
                RIFFLES,
                Hint.Rule.THIRD_RIFFLE,
                hints.follows(RoleKind.SLUG),
                "This is riffle number %d over your order of cards. Let them riffle twice at most.",
                "A third riffle mixes the order itself.");
        hints.shuffles(
                "spectator-overhand",
                OVERHANDS,
                Hint.Rule.OVERHANDS_OVER_KEY,
                hints.follows(RoleKind.KEY),
                "This is overhand shuffle number %d over your key and its neighbour. Stop them after a few.",
                "Each shuffle parts two neighbours with a chance of about one in nine.");
        hints.margins();
        hints.breaks();
        hints.handedOut();
        hints.keyShown();
        hints.ending();
        return hints.hints.stream().sorted(Comparator.comparingInt(Hint::step)).toList();
    }

    private void add(Hint.Rule rule, int step, String text, String reason) {
        hints.add(new Hint(rule, step, text, reason));
    }

    private PlannedStep step(int index) {
        return plan.steps().get(index);
    }

    /** The moment after a step. */
    private Trace.Moment after(int index) {
        return moments.get(index + 1);
    }

    private boolean done(int index) {
        return !after(index).skipped() && after(index).broken().isEmpty();
    }

    private boolean follows(RoleKind kind) {
        return plan.routine().roles().stream().anyMatch(role -> role.kind() == kind);
    }

    private void repeats() {
        Map<Place, Integer> counts = new HashMap<>();
        for (int i = 0; i < plan.steps().size(); i++) {
            boolean counted = step(i).move().family() == Family.COUNTS
                    && after(i).passed().isPresent()
                    && after(i).passed().get().seeming() > 1;
            if (done(i) && counted) {
                int times = counts.merge(after(i).passed().get().place(), 1, Integer::sum);
                if (times == REPEATS + 1) {
                    add(
                            Hint.Rule.FOURTH_REPEAT,
                            i,
                            "This packet is counted for the fourth time. End after the third, or change what is seen.",
                            "After three repeats the method starts to show.");
                }
            }
        }
    }

    private void shuffles(String move, int most, Hint.Rule rule, boolean matters, String text, String reason) {
        int before = 0;
        for (int i = 0; i < plan.steps().size(); i++) {
            Setting times = step(i).move().settings().named("times").orElse(null);
            if (step(i).move().id().equals(move) && times != null) {
                Amount stated = step(i).values().amount(times);
                int all = before + (stated.kind() == Amount.Kind.ANY ? most + 1 : stated.high());
                if (matters && before <= most && all > most) {
                    add(rule, i, String.format(text, all), reason);
                }
                before = all;
            }
        }
    }

    private void margins() {
        for (int i = 0; i < plan.steps().size(); i++) {
            for (Remark remark : step(i).remarks()) {
                if (remark.warning() && step(i).move().id().equals("announce-past")) {
                    add(
                            Hint.Rule.NO_MARGIN,
                            i,
                            remark.text(),
                            "Two cards past the key at least, and what your estimate may be off.");
                }
            }
        }
    }

    private static boolean holdsBreak(Trace.Moment moment) {
        return moment.layout().holds().stream().anyMatch(h -> h.kind() == Hold.Kind.BREAK);
    }

    private void breaks() {
        int since = 0;
        for (int i = 0; i < plan.steps().size(); i++) {
            since = holdsBreak(after(i)) ? since + 1 : 0;
            if (since == STEPS_WITH_BREAK + 1) {
                add(
                        Hint.Rule.LONG_BREAK,
                        i,
                        "The break has been held over " + STEPS_WITH_BREAK
                                + " steps. Use it sooner, or turn it into a step.",
                        "A hand that cannot move is noticed.");
            }
        }
    }

    private void handedOut() {
        for (int i = 0; i < plan.steps().size(); i++) {
            boolean toSpectator = cameToSpectator(moments.get(i), after(i));
            if (!toSpectator || !done(i)) {
                continue;
            }
            if (after(i).lost().stream().anyMatch(h -> h.kind() == Hold.Kind.BREAK)) {
                add(
                        Hint.Rule.HANDED_OUT_WITH_BREAK,
                        i,
                        "The deck leaves your hand with a break in it: the break is gone. Use it before you hand the deck over.",
                        "A break cannot survive the deck leaving the hands.");
            }
            int away = away(after(i));
            if (away > 0) {
                add(
                        Hint.Rule.HANDED_OUT_SHORT,
                        i,
                        "The deck is handed out " + (away == 1 ? "one card" : away + " cards")
                                + " short. Put them back first, or do not let it be counted.",
                        "Somebody who holds the deck may count it.");
            }
        }
    }

    /** Whether more than one card came into a hand that held none or a single one. */
    private static boolean cameToSpectator(Trace.Moment before, Trace.Moment now) {
        return now.layout().piles().stream()
                .anyMatch(p -> p.place().kind() == Place.Kind.SPECTATOR
                        && p.size() > 1
                        && before.layout().at(p.place()).size() <= 1);
    }

    /** Cards that lie where nobody may look. */
    private static int away(Trace.Moment moment) {
        return moment.layout().piles().stream()
                .filter(p -> Set.of(
                                Place.Kind.PALM,
                                Place.Kind.POCKET,
                                Place.Kind.WALLET,
                                Place.Kind.CASE,
                                Place.Kind.UNDER)
                        .contains(p.place().kind()))
                .mapToInt(Pile::size)
                .sum();
    }

    private void keyShown() {
        for (int i = 0; i < plan.steps().size(); i++) {
            boolean deal = step(i).move().family() == Family.REVEALS
                    || step(i).move().id().equals("deal-past-key");
            for (int role = 0; role < plan.cast().parts().size() && !deal; role++) {
                boolean key = plan.routine().roles().get(role).kind() == RoleKind.KEY;
                int card = after(i).roles().get(role).card();
                if (key
                        && after(i).shown().stream()
                                .anyMatch(s -> !s.onlyPerformer() && s.front() && s.card() == card)) {
                    add(
                            Hint.Rule.KEY_SHOWN,
                            i,
                            "Your key is seen by everybody here. Keep the face tipped down, or show another card.",
                            "A card that is seen beside the selection is remembered.");
                }
            }
        }
    }

    private void ending() {
        int last = plan.steps().size() - 1;
        if (last < 0) {
            return;
        }
        Trace.Moment end = after(last);
        boolean bare = last == 0 || step(last - 1).move().family() != Family.REVEALS;
        if (Set.of("turn-it-over", "top-card-turn").contains(step(last).move().id()) && bare) {
            add(
                    Hint.Rule.NO_DRAMA,
                    last,
                    "It ends with “just there it is”. Let them name the card first, spell to it, or find it somewhere else.",
                    "A reveal needs a moment in which everybody knows what would be impossible.");
        }
        long special =
                plan.pack().cards().stream().filter(card -> !card.regular()).count();
        if (special > 0) {
            add(
                    Hint.Rule.NOT_EXAMINABLE,
                    last,
                    "At the end there are " + (special == 1 ? "one special card" : special + " special cards")
                            + " on the table. Have a way to get rid of them, or put them away at once.",
                    "What was impossible will be picked up and looked at.");
        }
        int away = away(end);
        if (away > 0) {
            add(
                    Hint.Rule.CARDS_AWAY,
                    last,
                    (away == 1 ? "One card is" : away + " cards are")
                            + " still away from the deck at the end. Put it on the reset list.",
                    "The next table starts with what this one left.");
        }
    }
}
