package craftypocket.core.run;

import craftypocket.core.chance.Chance;
import craftypocket.core.layout.Hands;
import craftypocket.core.read.Arrangement;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Values;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;

/** Does the steps of a plan and judges their conditions: the one place that says when a step is skipped, blocked or done. */
final class StepJudge {

    private final Arrangement arrangement;
    private final PlannedStep[] steps;
    /** By moment, the set-up first. */
    private final Values[] values;

    private final Choice[][] choices;
    private final Condition[][][] conditions;
    private final int[][][] indices;
    private final boolean[] holds;
    /** Whether a condition ever asked what the performer knows. */
    private final boolean[] asks;
    /** Whether anything asked what he knows where nobody could say it. */
    private boolean unanswered;
    /** The steps of which it is told for sure whether they are to be done. */
    private Set<Integer> told = Set.of();
    /** From where the order of what the set-up leaves open is drawn; null for the order of the pack. */
    private Chance order;

    /** @param only of one choice just this number is looked at; null for all numbers */
    StepJudge(Plan plan, SurveyOptions.Only only) {
        this(plan, only, any -> true);
    }

    /** @param judged which conditions of the plan */
    StepJudge(Plan plan, SurveyOptions.Only only, IntPredicate judged) {
        steps = plan.steps().toArray(PlannedStep[]::new);
        arrangement = plan.arrangement();
        values = new Values[steps.length + 1];
        choices = new Choice[steps.length + 1][];
        conditions = new Condition[steps.length + 1][][];
        indices = new int[steps.length + 1][][];
        for (int step = -1; step < steps.length; step++) {
            List<Choice> here = step < 0 ? arrangement.choices() : steps[step].choices();
            values[step + 1] = (step < 0 ? arrangement.values() : steps[step].values()).another();
            choices[step + 1] = here.stream()
                    .map(choice ->
                            only != null && choice.key().equals(only.key()) ? choice.only(only.number()) : choice)
                    .toArray(Choice[]::new);
            sort(plan, step, judged);
        }
        holds = new boolean[plan.conditions().size()];
        asks = new boolean[holds.length];
    }

    private void sort(Plan plan, int step, IntPredicate judged) {
        Condition.Kind[] kinds = Condition.Kind.values();
        conditions[step + 1] = new Condition[kinds.length][];
        indices[step + 1] = new int[kinds.length][];
        for (Condition.Kind kind : kinds) {
            int[] found =
                    Arrays.stream(plan.conditionsAt(step, kind)).filter(judged).toArray();
            indices[step + 1][kind.ordinal()] = found;
            conditions[step + 1][kind.ordinal()] =
                    Arrays.stream(found).mapToObj(plan.conditions()::get).toArray(Condition[]::new);
        }
    }

    /** From here on what the set-up leaves open lies in an order that is drawn. */
    void shuffledBy(Chance draws) {
        order = draws;
    }

    /** Of these steps it is told for sure whether they are to be done. */
    void tells(Set<Integer> steps) {
        told = steps;
    }

    int steps() {
        return steps.length;
    }

    /** The choices of a step, in the order in which they are made; of the set-up with -1. */
    Choice[] choices(int step) {
        return choices[step + 1];
    }

    /** The numbers with which a step is done next. */
    Values values(int step) {
        return values[step + 1];
    }

    /** Whether each condition held when it was last judged. */
    boolean[] holds() {
        return holds;
    }

    /** Whether a condition asks what the performer knows. */
    boolean asks(int condition) {
        return asks[condition];
    }

    /** Whether anything asked what the performer knows where nobody could say it. */
    boolean unanswered() {
        return unanswered;
    }

    /** Whether a step waits for choices here: whether it has some, and is done. */
    boolean waits(int step, Hands hands) {
        return choices[step + 1].length > 0 && (step < 0 || steps[step].applies(hands));
    }

    /** Works out what is the same whatever is chosen. Call before the choices of a step that {@linkplain #waits waits}. */
    void begin(int step, Hands hands) {
        if (step >= 0) {
            steps[step].begin(hands, values(step));
        }
    }

    /** Lays the set-up as its numbers say, and judges what is claimed of it. */
    private void setUp(Hands hands) {
        if (choices(-1).length > 0 || order != null) {
            arrangement.lay(hands, values(-1), order);
            hands.showing().lookAround();
        }
        hands.showing().feel();
        judge(-1, Condition.Kind.CLAIM, hands);
    }

    /** Does a step as its numbers say, if it can be done, and judges all that belongs to it; -1 is to lay the set-up. */
    void perform(int step, Hands hands) {
        if (step < 0) {
            setUp(hands);
            return;
        }
        hands.showing().atStep(step);
        PlannedStep planned = steps[step];
        hands.forgetAsked();
        boolean applies = planned.decide(hands);
        boolean known = !planned.isConditional() || told.contains(step) || hands.tells();
        boolean done = applies;
        Arrays.stream(indices[step + 1][Condition.Kind.CAN_BE_DONE.ordinal()]).forEach(i -> asked(i, hands));
        set(step, Condition.Kind.EXPECTED_BEFORE, !applies);
        set(step, Condition.Kind.EXPECTED_AFTER, !applies);
        if (applies) {
            if (choices(step).length == 0) {
                planned.begin(hands, values(step));
            }
            done = planned.ready(hands, values(step));
            known = known && planned.missing(hands).isEmpty();
            Arrays.stream(indices[step + 1][Condition.Kind.CAN_BE_DONE.ordinal()])
                    .forEach(i -> asked(i, hands));
            judge(step, Condition.Kind.EXPECTED_BEFORE, hands);
            hands.knownBy(null);
            if (done) {
                planned.perform(hands, values(step));
                judge(step, Condition.Kind.EXPECTED_AFTER, hands);
            } else {
                planned.breaks(hands);
            }
        }
        hands.knownBy(null);
        set(step, Condition.Kind.CAN_BE_DONE, known && (done || !applies));
        judge(step, Condition.Kind.CLAIM, hands);
    }

    private void judge(int step, Condition.Kind kind, Hands hands) {
        Condition[] here = conditions[step + 1][kind.ordinal()];
        int[] at = indices[step + 1][kind.ordinal()];
        for (int i = 0; i < here.length; i++) {
            hands.forgetAsked();
            holds[at[i]] =
                    step < 0 ? here[i].check().holds(hands) : here[i].check().holds(hands, values(step));
            asked(at[i], hands);
        }
    }

    private void asked(int condition, Hands hands) {
        asks[condition] |= hands.knowledgeAsked();
        unanswered |= hands.knowledgeAsked();
    }

    private void set(int step, Condition.Kind kind, boolean outcome) {
        for (int index : indices[step + 1][kind.ordinal()]) {
            holds[index] = outcome;
        }
    }
}
