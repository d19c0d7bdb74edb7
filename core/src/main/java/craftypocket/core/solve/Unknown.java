package craftypocket.core.solve;

import craftypocket.core.cards.CardText;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.Placement;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.SetUp;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.BeatLists;
import craftypocket.core.settings.Source;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A number of a routine to be solved for.
 *
 * @param kind where it stands
 * @param id the step or claim it belongs to; the place of a laid pile
 * @param setting the name of the setting; the code of the card of a pile
 */
public record Unknown(Kind kind, String id, String setting) {

    private static final String FACE_UP = "↑";

    /** Where an unknown stands. */
    public enum Kind {
        /** An amount of a step: a count, a depth, an announced number, a number of shuffles. */
        STEP,
        /** The beats of a count, among all {@linkplain BeatLists ways} of as many beats as it has. */
        BEATS,
        /** A number in a claim. */
        CLAIM,
        /** At which place of the deck a card starts, from the top; {@link #setting} is its code. */
        START,
        /** At which place of a laid pile a card starts. */
        PILE
    }

    /** The routine with this value for the unknown; empty when the routine has no such number. */
    Optional<Routine> with(Routine routine, int value) {
        return switch (kind) {
            case STEP, BEATS ->
                routine.steps().stream().anyMatch(s -> s.id().equals(id))
                        ? Optional.of(new Routine(
                                routine.setUp(),
                                routine.roles(),
                                routine.steps().stream()
                                        .map(s -> s.id().equals(id) ? s.with(put(s.settings(), value)) : s)
                                        .toList(),
                                routine.claims(),
                                routine.ownMoves()))
                        : Optional.empty();
            case CLAIM ->
                routine.claims().stream().anyMatch(c -> c.id().equals(id))
                        ? Optional.of(new Routine(
                                routine.setUp(),
                                routine.roles(),
                                routine.steps(),
                                routine.claims().stream()
                                        .map(c -> c.id().equals(id)
                                                ? new RoutineClaim(
                                                        c.id(),
                                                        c.after(),
                                                        new ClaimSpec(
                                                                c.claim().kind(),
                                                                put(c.claim().settings(), value),
                                                                c.claim().not(),
                                                                c.claim().or()))
                                                : c)
                                        .toList(),
                                routine.ownMoves()))
                        : Optional.empty();
            case START ->
                Optional.of(new Routine(
                        started(routine.setUp(), value),
                        routine.roles(),
                        routine.steps(),
                        routine.claims(),
                        routine.ownMoves()));
            case PILE ->
                moved(routine.setUp(), value)
                        .map(setUp -> new Routine(
                                setUp, routine.roles(), routine.steps(), routine.claims(), routine.ownMoves()));
        };
    }

    /** The routine with what is solved for stated, where it was left as usual: its beats say how many there are. */
    Routine stated(Routine routine, Catalogue catalogue) {
        if (kind != Kind.BEATS) {
            return routine;
        }
        List<Step> steps = routine.steps().stream()
                .map(step -> step.id().equals(id) ? stated(step, catalogue) : step)
                .toList();
        return new Routine(routine.setUp(), routine.roles(), steps, routine.claims(), routine.ownMoves());
    }

    private Step stated(Step step, Catalogue catalogue) {
        Map<String, String> settings = new HashMap<>(step.settings());
        catalogue
                .find(step.move())
                .flatMap(move -> move.settings().named(setting))
                .ifPresent(beats -> settings.putIfAbsent(setting, beats.usual()));
        return step.with(settings);
    }

    /** How many values there are; of a number, as many as are asked for. */
    int values(Routine routine, int asked) {
        return kind == Kind.BEATS ? ways(routine).size() : asked;
    }

    /** A value in words; empty for a number. */
    String text(Routine routine, int value) {
        return kind == Kind.BEATS ? ways(routine).get(value - 1) : "";
    }

    private List<String> ways(Routine routine) {
        return routine.steps().stream()
                .filter(step -> step.id().equals(id))
                .map(step -> ways(step.settings()))
                .findFirst()
                .orElse(List.of());
    }

    private List<String> ways(Map<String, String> settings) {
        return BeatLists.of(settings.getOrDefault(setting, "").strip().split("\\s+").length);
    }

    private Map<String, String> put(Map<String, String> settings, int value) {
        Map<String, String> changed = new HashMap<>(settings);
        if (kind == Kind.BEATS) {
            changed.put(setting, ways(settings).get(value - 1));
            return changed;
        }
        changed.put(setting, Source.withAddition(settings.getOrDefault(setting, ""), value));
        return changed;
    }

    private SetUp started(SetUp setUp, int value) {
        List<Placement> placements = new ArrayList<>(setUp.placements());
        placements.removeIf(p -> p.card().equals(setting));
        List<String> order = new ArrayList<>(CardText.split(setUp.order()));
        int written = order.indexOf(setting + FACE_UP);
        if (written >= 0 && value <= order.size()) {
            // Only the order says that it lies face up, so there it stays, at another place.
            order.add(value - 1, order.remove(written));
        } else {
            order.remove(setting);
            order.remove(setting + FACE_UP);
            placements.add(new Placement(setting, value, false));
        }
        return setUp.laid(String.join(" ", order), placements);
    }

    private Optional<SetUp> moved(SetUp setUp, int value) {
        List<SetUp.LaidPile> piles = new ArrayList<>(setUp.piles());
        for (int i = 0; i < piles.size(); i++) {
            List<String> cards = new ArrayList<>(CardText.split(piles.get(i).cards()));
            int at = cards.indexOf(setting) >= 0 ? cards.indexOf(setting) : cards.indexOf(setting + FACE_UP);
            if (piles.get(i).place().equals(id) && at >= 0 && value <= cards.size()) {
                String card = cards.remove(at);
                cards.add(value - 1, card);
                piles.set(i, new SetUp.LaidPile(id, String.join(" ", cards)));
                return Optional.of(setUp.withPiles(piles));
            }
        }
        return Optional.empty();
    }
}
