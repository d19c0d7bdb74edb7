package craftypocket.core.routine;

import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One way through a routine from the set-up to an end: the main line, or the line that an out makes of it. An out that
 * begins in another out continues that one's line.
 *
 * @param routine the steps of this line, and the claims that stand on them; no outs
 * @param stepFields where each step is written in the whole routine, such as {@code outs[0].steps[1]}
 * @param claimFields where each claim is written in it
 */
public record Line(Routine routine, List<String> stepFields, List<String> claimFields) {

    private static final Pattern INDEXED = Pattern.compile("(steps|claims)\\[(\\d+)](.*)");

    /** A step with the place where it is written. */
    private record Written(Step step, String field) {}

    /** The line on which nothing comes up. */
    public static Line main(Routine whole) {
        Set<String> inOuts = new HashSet<>();
        whole.outs().forEach(out -> out.steps().forEach(step -> inOuts.add(step.id())));
        // A claim after a step that is nowhere stays, to be complained of.
        return of(whole, written("steps", whole.steps()), after -> !inOuts.contains(after), UnaryOperator.identity());
    }

    /**
     * The line that an out makes.
     *
     * @throws ProblemsFound when it begins or rejoins where it cannot
     */
    public static Line along(Routine whole, Out out) {
        List<Written> steps = steps(whole, out, new HashSet<>());
        Set<String> ids = new HashSet<>();
        steps.forEach(written -> ids.add(written.step().id()));
        Set<String> leftOut = new HashSet<>();
        lineWith(whole, out, "", new HashSet<>())
                .forEach(written -> leftOut.add(written.step().id()));
        leftOut.removeAll(ids);
        return of(whole, steps, ids::contains, claim -> since(claim, leftOut, out.after()));
    }

    /** What counts from a step on that the out leaves out counts from where the out begins. */
    private static ClaimSpec since(ClaimSpec claim, Set<String> leftOut, String begins) {
        Map<String, String> settings = new HashMap<>(claim.settings());
        ClaimKinds.find(claim.kind())
                .ifPresent(kind -> kind.settings().all().stream()
                        .filter(setting -> setting.kind() == Setting.Kind.STEP)
                        .forEach(setting -> settings.computeIfPresent(
                                setting.name(), (name, step) -> leftOut.contains(step) ? begins : step)));
        return new ClaimSpec(
                claim.kind(),
                settings,
                claim.not(),
                claim.or().stream().map(or -> since(or, leftOut, begins)).toList());
    }

    /** A problem of this line, told of the place in the whole routine where it can be mended. */
    public Problem inWhole(Problem problem) {
        Matcher matcher = INDEXED.matcher(problem.field());
        if (!matcher.matches()) {
            return problem;
        }
        List<String> fields = matcher.group(1).equals("steps") ? stepFields : claimFields;
        String field = fields.get(Integer.parseInt(matcher.group(2))) + matcher.group(3);
        return new Problem(field, problem.value(), problem.rule(), problem.cure());
    }

    /** With the claims that stand after a step of the line; claims of the end belong to every line. */
    private static Line of(
            Routine whole, List<Written> steps, Predicate<String> onLine, UnaryOperator<ClaimSpec> said) {
        List<RoutineClaim> claims = new ArrayList<>();
        List<String> claimFields = new ArrayList<>();
        for (int i = 0; i < whole.claims().size(); i++) {
            RoutineClaim claim = whole.claims().get(i);
            if (claim.after().isEmpty() || onLine.test(claim.after())) {
                claims.add(new RoutineClaim(claim.id(), claim.after(), said.apply(claim.claim()), claim.believed()));
                claimFields.add("claims[" + i + "]");
            }
        }
        Routine routine = new Routine(
                whole.setUp(),
                whole.roles(),
                steps.stream().map(written -> said(written.step(), said)).toList(),
                claims,
                whole.ownMoves());
        return new Line(routine, steps.stream().map(Written::field).toList(), List.copyOf(claimFields));
    }

    private static Step said(Step step, UnaryOperator<ClaimSpec> said) {
        return step.onlyIf().map(claim -> step.onlyIf(said.apply(claim))).orElse(step);
    }

    private static List<Written> steps(Routine whole, Out out, Set<String> onTheWay) {
        int index = whole.outs().indexOf(out);
        String field = "outs[" + index + "]";
        if (!onTheWay.add(out.id())) {
            throw refused(
                    field + ".after",
                    out.after(),
                    "outs that begin in each other never begin",
                    "Let it begin elsewhere");
        }
        List<Written> left = lineWith(whole, out, field, onTheWay);
        int from = out.after().isEmpty() ? 0 : indexOf(left, out.after()) + 1;
        int to = out.rejoin().isEmpty() ? left.size() : indexOf(left, out.rejoin());
        if (to < 0) {
            throw refused(
                    field + ".rejoin",
                    out.rejoin(),
                    "the line that it leaves has no step of this name",
                    "Rejoin at a step of that line, or leave it empty to end there");
        }
        if (to < from) {
            throw refused(
                    field + ".rejoin",
                    out.rejoin(),
                    "it would rejoin before it begins, and what was done would be done again",
                    "Rejoin at a later step, or leave it empty to end there");
        }
        List<Written> steps = new ArrayList<>(left.subList(0, from));
        steps.addAll(written(field + ".steps", out.steps()));
        steps.addAll(left.subList(to, left.size()));
        return steps;
    }

    /** The line in which an out begins. */
    private static List<Written> lineWith(Routine whole, Out out, String field, Set<String> onTheWay) {
        List<Written> main = written("steps", whole.steps());
        if (out.after().isEmpty() || indexOf(main, out.after()) >= 0) {
            return main;
        }
        Out parent = whole.outs().stream()
                .filter(other -> other.steps().stream().anyMatch(s -> s.id().equals(out.after())))
                .findFirst()
                .orElseThrow(() -> refused(
                        field + ".after",
                        out.after(),
                        "there is no step of this name",
                        "Name the step after which it begins, or leave it empty"));
        return steps(whole, parent, onTheWay);
    }

    private static List<Written> written(String list, List<Step> steps) {
        List<Written> written = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            written.add(new Written(steps.get(i), list + "[" + i + "]"));
        }
        return written;
    }

    private static int indexOf(List<Written> steps, String id) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).step().id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    private static ProblemsFound refused(String field, String value, String rule, String cure) {
        return new ProblemsFound(List.of(new Problem(field, value, rule, cure)));
    }
}
