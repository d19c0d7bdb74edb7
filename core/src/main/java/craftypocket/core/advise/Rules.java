package craftypocket.core.advise;

import craftypocket.core.cards.CardText;
import craftypocket.core.layout.Pile;
import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Trace;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Rules of the trade that are looked up in one world of a routine. */
abstract class Rules {

    private static final Set<Place.Kind> HIDDEN =
            Set.of(Place.Kind.PALM, Place.Kind.POCKET, Place.Kind.WALLET, Place.Kind.CASE, Place.Kind.UNDER);

    private final Plan plan;
    private final List<Trace.Moment> moments;
    private final List<Hint> hints = new ArrayList<>();

    Rules(Plan plan, Trace trace) {
        this.plan = plan;
        moments = trace.moments();
    }

    /** Looks at the whole routine and adds what is to be said. */
    abstract void look();

    final List<Hint> hints() {
        look();
        return hints;
    }

    final void add(Hint.Rule rule, int step, String text, String reason) {
        hints.add(new Hint(rule, step, text, reason));
    }

    final Plan plan() {
        return plan;
    }

    final int steps() {
        return plan.steps().size();
    }

    final PlannedStep step(int index) {
        return plan.steps().get(index);
    }

    /** The moment before a step. */
    final Trace.Moment before(int index) {
        return moments.get(index);
    }

    /** The moment after a step. */
    final Trace.Moment after(int index) {
        return moments.get(index + 1);
    }

    final boolean done(int index) {
        return !after(index).skipped() && after(index).broken().isEmpty();
    }

    /** A side of a card as a sentence begins with it; which card it is only where somebody said so. */
    final String named(int card, boolean front) {
        return plan.arrangement().anyCard(card) && front
                ? "The face of some card"
                : "The " + CardText.name(plan.pack().card(card).side(front));
    }

    /** What a step shows to everybody. */
    final List<Trace.Shown> seenByAll(int index) {
        return after(index).shown().stream().filter(Trace.Shown::toEverybody).toList();
    }

    final Trace.Moment setUp() {
        return moments.get(0);
    }

    final RoleKind kind(int role) {
        return plan.routine().roles().get(role).kind();
    }

    /** Whether more than one card came into a hand that held none or a single one. */
    final boolean cameToSpectator(int index) {
        return after(index).layout().piles().stream()
                .anyMatch(p -> p.place().kind() == Place.Kind.SPECTATOR
                        && p.size() > 1
                        && before(index).layout().at(p.place()).size() <= 1);
    }

    /** Cards that went where nobody may look; what lay there from the start was never on the table. */
    final int away(Trace.Moment moment) {
        return Math.max(0, hidden(moment) - hidden(setUp()));
    }

    private static int hidden(Trace.Moment moment) {
        return moment.layout().piles().stream()
                .filter(p -> HIDDEN.contains(p.place().kind()))
                .mapToInt(Pile::size)
                .sum();
    }
}
