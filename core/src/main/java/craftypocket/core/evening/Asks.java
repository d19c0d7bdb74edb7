package craftypocket.core.evening;

import craftypocket.core.cards.Card;
import craftypocket.core.cards.Side;
import craftypocket.core.layout.Layout;
import craftypocket.core.layout.Place;
import craftypocket.core.moves.Family;
import craftypocket.core.moves.Profile;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.Role;
import craftypocket.core.routine.RoleKind;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a routine asks of the place, the people and the pockets.
 *
 * @param method what it mainly works by
 * @param ending the move that shows at the end what has happened; empty when none does
 * @param table whether cards or things lie on a table
 * @param angles the secret moves that can be seen from somewhere, with from where
 * @param light whether something small must be seen: a face glimpsed, a mark that is not felt
 * @param forced the codes of the cards that it forces
 * @param people the names of the people who take part
 * @param givesAway whether other hands hold the deck
 * @param special whether cards are used that are no cards of a plain pack
 * @param fills by pocket, what lies in it at some moment
 */
public record Asks(
        Method method,
        String ending,
        boolean table,
        List<String> angles,
        boolean light,
        List<String> forced,
        Set<String> people,
        boolean givesAway,
        boolean special,
        List<Filled> fills) {

    /**
     * Something in a pocket.
     *
     * @param place the pocket
     * @param what in words
     */
    public record Filled(Place place, String what) {}

    static Asks of(Plan plan) {
        List<Trace.Moment> moments = Tracer.trace(plan, World.USUAL).moments();
        List<Layout> layouts = moments.stream().map(Trace.Moment::layout).toList();
        boolean tabled = layouts.stream()
                .anyMatch(layout -> layout.piles().stream().anyMatch(pile -> onTable(pile.place()))
                        || layout.things().stream().anyMatch(thing -> onTable(thing.place())));
        return new Asks(
                Method.of(plan),
                plan.steps().stream()
                        .filter(step -> step.move().family() == Family.REVEALS)
                        .reduce((first, second) -> second)
                        .map(step -> step.move().name())
                        .orElse(""),
                tabled
                        || plan.steps().stream()
                                .anyMatch(step -> step.move().profile().table()),
                plan.steps().stream()
                        .filter(step -> step.move().profile().secret()
                                && !step.move().profile().angles().isEmpty())
                        .map(step -> step.move().name() + ", "
                                + step.move().profile().angles())
                        .distinct()
                        .toList(),
                plan.steps().stream().anyMatch(step -> step.move().family() == Family.GLIMPSES)
                        || !plan.routine().setUp().markings().isEmpty()
                                && plan.routine().setUp().markings().stream()
                                        .anyMatch(each -> each.mark().equals("dotted")),
                plan.routine().roles().stream()
                        .filter(role ->
                                role.kind() == RoleKind.FORCE && !role.card().isEmpty())
                        .map(Role::card)
                        .toList(),
                plan.routine().roles().stream()
                        .map(Role::owner)
                        .filter(owner -> !owner.isEmpty())
                        .collect(Collectors.toCollection(TreeSet::new)),
                plan.steps().stream().anyMatch(Asks::byThem),
                special(plan),
                fills(plan, layouts));
    }

    /** Whether somebody who looks the cards over finds one that is no card of a plain pack, or one that is there twice. */
    private static boolean special(Plan plan) {
        List<Card> cards = plan.pack().cards();
        return !plan.routine().setUp().markings().isEmpty()
                || cards.stream().anyMatch(card -> !card.examinable())
                || faces(cards).distinct().count() < faces(cards).count();
    }

    /** Faces alone: of plain blanks there may be several. */
    private static Stream<Side> faces(List<Card> cards) {
        return cards.stream().map(Card::front).filter(side -> side.kind() == Side.Kind.FACE);
    }

    private static boolean byThem(PlannedStep step) {
        boolean theyShuffle =
                step.move().family() == Family.SHUFFLES || step.move().family() == Family.CUTS;
        return step.move().profile().actor() == Profile.Actor.SPECTATOR && theyShuffle;
    }

    private static boolean onTable(Place place) {
        return place.kind() == Place.Kind.TABLE || place.kind() == Place.Kind.UNDER;
    }

    private static List<Filled> fills(Plan plan, List<Layout> layouts) {
        List<Filled> fills = new ArrayList<>();
        for (Layout layout : layouts) {
            layout.piles().stream()
                    .map(pile -> pile.place())
                    .filter(place -> place.kind() == Place.Kind.POCKET)
                    .forEach(place -> fills.add(new Filled(place, "cards")));
            layout.things().stream()
                    .filter(thing -> thing.place().kind() == Place.Kind.POCKET)
                    .forEach(thing -> fills.add(new Filled(
                            thing.place(),
                            plan.props().things().get(thing.thing()).label())));
        }
        return fills.stream().distinct().toList();
    }
}
