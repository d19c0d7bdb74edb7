package craftypocket.core.seem;

import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.ProblemsFound;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What an effect rests on in one way: the secret steps without which it would not be there. Each is left out in turn, and the routine
 * followed again.
 *
 * @param step the step in which it comes
 * @param effect what comes
 * @param rests the secret steps, by their ids
 * @param away how many steps lie between the last of them and the effect; 0 where it is the same step, or there is none
 */
public record RestsOn(String step, Wonder effect, List<String> rests, int away) {

    public RestsOn {
        rests = List.copyOf(rests);
    }

    /** For each effect of a way what it rests on. */
    public static List<RestsOn> of(Plan plan, World world, Seeming seeming, Catalogue catalogue) {
        List<Step> steps = plan.routine().steps();
        // By secret step, what becomes of the routine without it.
        Map<Integer, List<Seen>> without = new TreeMap<>();
        for (int left = 0; left < steps.size(); left++) {
            if (plan.steps().get(left).move().profile().secret()) {
                without.put(left, seen(without(plan.routine(), left), world, catalogue));
            }
        }
        List<RestsOn> methods = new ArrayList<>();
        for (int at = 0; at < steps.size(); at++) {
            for (Wonder effect : seeming.moments().get(at + 1).effects()) {
                int step = at;
                List<Integer> rests = without.keySet().stream()
                        .filter(left -> left == step || left < step && !comes(without.get(left), step, effect))
                        .toList();
                int away = rests.isEmpty() ? 0 : at - rests.get(rests.size() - 1);
                methods.add(new RestsOn(
                        steps.get(at).id(),
                        effect,
                        rests.stream().map(left -> steps.get(left).id()).toList(),
                        away));
            }
        }
        return methods;
    }

    /** Whether an effect comes in the same step of a routine that has one step fewer before it. */
    private static boolean comes(List<Seen> moments, int step, Wonder effect) {
        return !moments.isEmpty() && moments.get(step).effects().stream().anyMatch(effect::equals);
    }

    private static Routine without(Routine routine, int left) {
        List<Step> steps = new ArrayList<>(routine.steps());
        steps.remove(left);
        return new Routine(routine.setUp(), routine.roles(), steps, List.of(), routine.ownMoves());
    }

    /** What people see of a routine; nothing where it cannot be read. */
    private static List<Seen> seen(Routine routine, World world, Catalogue catalogue) {
        try {
            Plan plan = PlanReader.read(routine, catalogue);
            return Seeming.of(plan, Tracer.trace(plan, world)).moments();
        } catch (ProblemsFound cannotBeRead) {
            return List.of();
        }
    }
}
