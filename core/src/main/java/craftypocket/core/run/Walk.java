package craftypocket.core.run;

import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Mishap;
import craftypocket.core.moves.Trait;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Cast;
import craftypocket.core.settings.RoleSetting;
import craftypocket.core.settings.Setting;
import craftypocket.core.settings.Values;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/** The steps of a plan with the numbers of one world, ready to be done again, also with other numbers. */
public final class Walk {

    private final Plan plan;
    private final World world;
    private final List<Values> values;
    /** By step, how much the numbers that follow from something are more than that. */
    private final int[][] beyond;
    /** By step and role, where its card lay before the step. */
    private final int[][] spots;

    Walk(Plan plan, World world, List<Values> values) {
        this.plan = plan;
        this.world = world;
        this.values = List.copyOf(values);
        beyond = new int[values.size()][];
        spots = new int[values.size()][];
        Hands hands = freshHands();
        for (int step = 0; step < values.size(); step++) {
            beyond[step] = plan.steps().get(step).beyond(hands, values.get(step));
            spots[step] =
                    IntStream.range(0, hands.roleCount()).map(hands::spotOf).toArray();
            perform(step, hands);
        }
    }

    public Plan plan() {
        return plan;
    }

    /** A fresh surface with the set-up laid as in this world. */
    public Hands freshHands() {
        return plan.handsIn(world.numbers());
    }

    /** The numbers of a step in this world; not to be changed. */
    public Values values(int step) {
        return values.get(step);
    }

    /** Does a step without a slip. */
    public boolean perform(int step, Hands hands) {
        return perform(step, values.get(step).another(), hands);
    }

    /**
     * Does a step, unless its condition says that it is not needed.
     *
     * @param numbers its numbers; what follows from the cards that are there, and what is the rest of something, is worked out
     *     in them
     * @return whether it could be done; otherwise nothing changed
     */
    public boolean perform(int step, Values numbers, Hands hands) {
        hands.showing().atStep(step);
        PlannedStep planned = plan.steps().get(step);
        if (!planned.applies(hands)) {
            return true;
        }
        planned.follow(hands, numbers, beyond[step]);
        if (planned.move().has(Trait.BY_PLACE) && performByPlace(step, numbers, hands)) {
            return true;
        }
        if (!planned.ready(hands, numbers)) {
            return false;
        }
        planned.perform(hands, numbers);
        return true;
    }

    /**
     * Does a step otherwise than it is meant, in a way that its own conditions may not know.
     *
     * @param change what is otherwise in its numbers, places or words
     * @return whether that could be done
     */
    public boolean performOtherwise(int step, Hands hands, Consumer<Values> change) {
        return otherwise(step, hands, change)
                .map(numbers -> {
                    plan.steps().get(step).perform(hands, numbers);
                    return true;
                })
                .orElse(false);
    }

    /** Does a step whose secret part does not come off, where it could be done as it is meant. */
    public boolean perform(int step, Mishap mishap, Hands hands) {
        return otherwise(step, hands, numbers -> {})
                .map(numbers -> {
                    mishap.done().on(hands, numbers);
                    return true;
                })
                .orElse(false);
    }

    /** The numbers of a step with a change, where it can be done with them. */
    private Optional<Values> otherwise(int step, Hands hands, Consumer<Values> change) {
        PlannedStep planned = plan.steps().get(step);
        hands.showing().atStep(step);
        if (!planned.applies(hands)) {
            return Optional.empty();
        }
        Values numbers = values.get(step).another();
        planned.follow(hands, numbers, beyond[step]);
        change.accept(numbers);
        return planned.readyOtherwise(hands, numbers) ? Optional.of(numbers) : Optional.empty();
    }

    /** The card that lies where the role's should, when it is another one: the step is done to that. */
    private boolean performByPlace(int step, Values numbers, Hands hands) {
        PlannedStep planned = plan.steps().get(step);
        for (Setting setting : planned.move().settings().all()) {
            int role = setting instanceof RoleSetting of ? numbers.of(of) : Cast.NOBODY;
            int spot = role == Cast.NOBODY ? -1 : spots[step][role];
            int place = spot < 0 ? 0 : spot / (hands.spots() / hands.placeCount());
            int position = spot < 0 ? 0 : spot % (hands.spots() / hands.placeCount());
            int theirs = role == Cast.NOBODY ? -1 : hands.cardOf(role);
            if (position < 1 || position > hands.size(place) || hands.card(place, position) == theirs) {
                continue;
            }
            hands.choose(role, hands.card(place, position));
            boolean ready = planned.readyOtherwise(hands, numbers);
            if (ready) {
                planned.perform(hands, numbers);
            }
            hands.choose(role, theirs);
            return ready;
        }
        return false;
    }
}
