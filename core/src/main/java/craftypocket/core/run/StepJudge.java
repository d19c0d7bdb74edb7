package craftypocket.core.run;

import craftypocket.core.layout.Hands;
import craftypocket.core.read.Choice;
import craftypocket.core.read.Condition;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.settings.Values;
import java.util.ArrayList;
import java.util.List;

/** Does the steps of a plan and judges their conditions: the one place that says when a step is skipped, blocked or done. */
final class StepJudge {

    private final PlannedStep[] steps;
    private final Values[] values;
    private final Choice[][] choices;
    private final Condition[][][] conditions;
    private final int[][][] indices;
    private final boolean[] holds;

    /** @param only of one choice just this number is looked at; null for all numbers */
    StepJudge(Plan plan, SurveyOptions.Only only) {
        steps = plan.steps().toArray(PlannedStep[]::new);
        values = new Values[steps.length];
        choices = new Choice[steps.length][];
        for (int step = 0; step < steps.length; step++) {
            values[step] = steps[step].values().another();
            choices[step] = steps[step].choices().stream()
                    .map(choice ->
                            only != null && choice.key().equals(only.key()) ? choice.only(only.number()) : choice)
                    .toArray(Choice[]::new);
        }
        conditions = new Condition[steps.length + 1][][];
        indices = new int[steps.length + 1][][];
        for (int step = -1; step < steps.length; step++) {
            sort(plan, step);
        }
        holds = new boolean[plan.conditions().size()];
    }

    private void sort(Plan plan, int step) {
        Condition.Kind[] kinds = Condition.Kind.values();
        conditions[step + 1] = new Condition[kinds.length][];
        indices[step + 1] = new int[kinds.length][];
        for (Condition.Kind kind : kinds) {
            List<Integer> found = new ArrayList<>();
            for (int i = 0; i < plan.conditions().size(); i++) {
                if (plan.conditions().get(i).step() == step
                        && plan.conditions().get(i).kind() == kind) {
                    found.add(i);
                }
            }
            indices[step + 1][kind.ordinal()] = found.stream().mapToInt(i -> i).toArray();
            conditions[step + 1][kind.ordinal()] =
                    found.stream().map(plan.conditions()::get).toArray(Condition[]::new);
        }
    }

    int steps() {
        return steps.length;
    }

    /** The choices of a step, in the order in which they are made. */
    Choice[] choices(int step) {
        return choices[step];
    }

    /** The numbers with which a step is done next. */
    Values values(int step) {
        return values[step];
    }

    /** Whether each condition held when it was last judged. */
    boolean[] holds() {
        return holds;
    }

    /** Judges what is claimed of the set-up. */
    void setUp(Hands hands) {
        judge(-1, Condition.Kind.CLAIM, hands);
    }

    /** Whether a step waits for choices here: whether it has some, and is done. */
    boolean waits(int step, Hands hands) {
        return choices[step].length > 0 && steps[step].applies(hands) && !steps[step].unnoticed(hands);
    }

    /** Works out what is the same whatever is chosen. Call before the choices of a step that {@linkplain #waits waits}. */
    void begin(int step, Hands hands) {
        steps[step].begin(hands, values[step]);
    }

    /** Does a step as its numbers say, if it can be done, and judges all that belongs to it. */
    void perform(int step, Hands hands) {
        hands.atStep(step);
        PlannedStep planned = steps[step];
        boolean told = !planned.unnoticed(hands);
        boolean applies = told && planned.applies(hands);
        boolean done = applies;
        set(step, Condition.Kind.EXPECTED_BEFORE, told && !applies);
        set(step, Condition.Kind.EXPECTED_AFTER, told && !applies);
        if (applies) {
            if (choices[step].length == 0) {
                planned.begin(hands, values[step]);
            }
            done = planned.ready(hands, values[step]);
            judge(step, Condition.Kind.EXPECTED_BEFORE, hands);
            if (done) {
                planned.perform(hands, values[step]);
                judge(step, Condition.Kind.EXPECTED_AFTER, hands);
            }
        }
        set(step, Condition.Kind.CAN_BE_DONE, told && (done || !applies));
        judge(step, Condition.Kind.CLAIM, hands);
    }

    private void judge(int step, Condition.Kind kind, Hands hands) {
        Condition[] here = conditions[step + 1][kind.ordinal()];
        int[] at = indices[step + 1][kind.ordinal()];
        for (int i = 0; i < here.length; i++) {
            holds[at[i]] =
                    step < 0 ? here[i].check().holds(hands) : here[i].check().holds(hands, values[step]);
        }
    }

    private void set(int step, Condition.Kind kind, boolean outcome) {
        for (int index : indices[step + 1][kind.ordinal()]) {
            holds[index] = outcome;
        }
    }
}
