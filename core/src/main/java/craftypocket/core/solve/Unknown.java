package craftypocket.core.solve;

import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.edit.Edited;
import craftypocket.core.edit.Laying;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.RoutineClaim;
import craftypocket.core.routine.Step;
import craftypocket.core.settings.BeatLists;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Source;
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

    /**
     * The routine with the value that was found for the unknown.
     *
     * @param value as {@link Sweep} numbers it: of beats, which of the ways to count them
     * @throws ProblemsFound when the routine has no such number, or no such way
     */
    public Edited put(Routine routine, int value, Catalogue catalogue) {
        Routine stated = stated(routine, catalogue);
        Routine put = Optional.of(value)
                .filter(number -> number >= 1 && number <= values(stated, number))
                .flatMap(number -> with(stated, number))
                .orElseThrow(() -> new ProblemsFound(List.of(new Problem(
                        setting,
                        String.valueOf(value),
                        "this routine has no such number any more",
                        "Solve for it once more"))));
        boolean laid = kind == Kind.START || kind == Kind.PILE;
        String says = (laid ? setting + " lies at " : "It is ") + (kind == Kind.BEATS ? text(stated, value) : value)
                + " now.";
        return new Edited(put, kind == Kind.STEP || kind == Kind.BEATS ? id : "", says);
    }

    /** The routine with this value for the unknown; empty when the routine has no such number. */
    Optional<Routine> with(Routine routine, int value) {
        return switch (kind) {
            case STEP, BEATS ->
                routine.allSteps().anyMatch(this::isMeant)
                        ? Optional.of(routine.withEachStep(
                                step -> isMeant(step) ? step.with(put(step.settings(), value)) : step))
                        : Optional.empty();
            case CLAIM ->
                routine.claims().stream().anyMatch(this::isMeant)
                        ? Optional.of(routine.withClaims(routine.claims().stream()
                                .map(claim -> isMeant(claim) ? put(claim, value) : claim)
                                .toList()))
                        : Optional.empty();
            case START -> Optional.of(routine.with(Laying.inDeck(routine.setUp(), setting, value)));
            case PILE -> Laying.inPile(routine.setUp(), id, setting, value).map(routine::with);
        };
    }

    private boolean isMeant(Step step) {
        return step.id().equals(id);
    }

    private boolean isMeant(RoutineClaim claim) {
        return claim.id().equals(id);
    }

    /** The routine with what is solved for stated, where it was left as usual: its beats say how many there are. */
    Routine stated(Routine routine, Catalogue catalogue) {
        if (kind != Kind.BEATS) {
            return routine;
        }
        return routine.withEachStep(step -> isMeant(step) ? stated(step, catalogue) : step);
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
        return routine.allSteps()
                .filter(this::isMeant)
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

    private RoutineClaim put(RoutineClaim claim, int value) {
        ClaimSpec spec = claim.claim();
        return new RoutineClaim(
                claim.id(),
                claim.after(),
                new ClaimSpec(spec.kind(), put(spec.settings(), value), spec.not(), spec.or()),
                claim.believed());
    }
}
