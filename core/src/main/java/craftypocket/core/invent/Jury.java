package craftypocket.core.invent;

import craftypocket.core.claims.Check;
import craftypocket.core.claims.ClaimSpec;
import craftypocket.core.layout.Hands;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.Attention;
import craftypocket.core.routine.Look;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Survey;
import craftypocket.core.run.SurveyOptions;
import craftypocket.core.run.Surveyor;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Says which of the procedures that reach the end are worth showing: no step can be left out, each choice matters, and the survey proves
 * it as part of its routine.
 */
final class Jury {

    /** An amount that follows from one of a step on the way. */
    private static final Pattern AS_ACTION = Pattern.compile("as (action\\d+)\\.(\\w+)");

    private static final Pattern TABLE = Pattern.compile("table:\\w+");

    /** A fixed number is tried up to this. */
    private static final int MOST_NUMBER = 52;

    private static final int NOT_REACHED = -2;

    /** What is not proved so is not shown: there is no use in a sample. */
    private static final SurveyOptions PROVED =
            SurveyOptions.withDefaults().withExhaustiveUpTo(200_000).withSample(1, 1);

    private final Question question;
    private final Catalogue catalogue;
    private final Routine beginning;
    /** All ways, and few of them, which tell soon what is not so. */
    private final Paths all;

    private final Paths few;
    private final Check goal;
    private final int[] roles;

    /** @param beginning the routine up to where the procedures begin, with what is asked for as its only claim */
    Jury(Question question, Catalogue catalogue, Routine beginning, Plan plan, Check goal, int[] roles) {
        this.question = question;
        this.catalogue = catalogue;
        this.beginning = beginning;
        all = new Paths(plan, Integer.MAX_VALUE);
        few = new Paths(plan, Inventor.NUMBERS);
        this.goal = goal;
        this.roles = roles;
    }

    /**
     * Procedures of one sort differ in fixed numbers, in how free a free one is, in the order of their steps, and in which pile on the
     * table is which.
     */
    static List<String> sort(List<TriedStep> path) {
        return path.stream()
                .map(act -> {
                    Map<String, String> settings =
                            new HashMap<>(act.step().step().settings());
                    act.number().ifPresent(number -> settings.put(number.name(), act.chooses() ? "any" : "#"));
                    settings.replaceAll((name, text) -> AS_ACTION
                            .matcher(TABLE.matcher(text).replaceAll("table:"))
                            .replaceAll("as $2"));
                    return act.step().move().id() + new TreeMap<>(settings);
                })
                .sorted()
                .toList();
    }

    /** The procedure as it is shown, or nothing if it is not worth it. */
    Optional<Invention> judge(List<TriedStep> path) {
        List<List<Hands>> moments = all.moments(path);
        if (moments.size() <= path.size()
                || !holds(moments.get(path.size()))
                || undoes(moments)
                || stepTooMany(path)
                || !allMatter(path, moments)) {
            return Optional.empty();
        }
        ClaimSpec claim = claim(moments.get(path.size()).get(0));
        List<Step> steps = steps(path);
        Plan plan = PlanReader.read(question.with(steps, claim), catalogue);
        Survey survey = Surveyor.survey(plan, PROVED);
        if (!survey.exhaustive() || !survey.allHold()) {
            return Optional.empty();
        }
        Why why = Why.of(plan, beginning.steps().size(), roles.length == 1 ? roles[0] : -1);
        int last = -1;
        for (int i = 0; i < path.size(); i++) {
            last = path.get(i).chooses() ? i : last;
        }
        return Optional.of(new Invention(
                steps,
                plan.steps().subList(beginning.steps().size(), plan.steps().size()).stream()
                        .map(PlannedStep::sentence)
                        .toList(),
                claim,
                plan.conditions().get(0).sentence(),
                (int) path.stream().filter(TriedStep::chooses).count(),
                survey.ways() > 0 ? survey.ways() : survey.worlds(),
                why.dealt(),
                (int) path.stream()
                        .filter(act -> act.step().move().profile().secret())
                        .count(),
                path.stream()
                        .mapToInt(act -> act.step().move().profile().difficulty())
                        .max()
                        .orElse(1),
                path.size() - 1 - last,
                slacks(path),
                why.lines(),
                why.letters(),
                why.ways()));
    }

    /** What is so in the end; where any place was asked for, the one that it is. */
    private ClaimSpec claim(Hands end) {
        if (!question.anywhere()) {
            return question.goal();
        }
        int place = end.placeOf(end.cardOf(roles[0]));
        String role = question.goal().settings().getOrDefault("role", "A");
        return ClaimSpec.of(
                "position",
                "role",
                role,
                "nth",
                String.valueOf(end.positionOf(place, roles[0])),
                "pile",
                end.places().at(place).text());
    }

    /** The states in the end, if what is asked for is so in all of them. */
    private Optional<List<Hands>> reached(List<TriedStep> path) {
        return few.end(path).filter(this::holds).flatMap(any -> all.end(path)).filter(this::holds);
    }

    /** Whether all piles lie at some moment as they lay before: what came between was for nothing. */
    private boolean undoes(List<List<Hands>> moments) {
        return moments.stream().map(all.ground()::piles).distinct().count() < moments.size();
    }

    private boolean holds(List<Hands> end) {
        return question.anywhere()
                ? end.get(0).spotOf(roles[0]) >= 0
                        && end.stream()
                                        .map(hands -> hands.spotOf(roles[0]))
                                        .distinct()
                                        .count()
                                == 1
                : end.stream().allMatch(goal::holds);
    }

    /** Whether some steps in which nobody chooses can be left out together, and the end is reached all the same. */
    private boolean stepTooMany(List<TriedStep> path) {
        return someLeftOut(path, act -> !act.chooses())
                .anyMatch(some -> reached(some).isPresent());
    }

    /** A path without some of these steps, in each way. */
    static Stream<List<TriedStep>> someLeftOut(List<TriedStep> path, Predicate<TriedStep> these) {
        int may = IntStream.range(0, path.size())
                .filter(i -> these.test(path.get(i)))
                .map(i -> 1 << i)
                .sum();
        return IntStream.range(1, 1 << path.size())
                .filter(left -> (left & ~may) == 0)
                .mapToObj(left -> IntStream.range(0, path.size())
                        .filter(i -> (left >>> i & 1) == 0)
                        .mapToObj(path::get)
                        .toList());
    }

    /** Whether with another number of each choice the cards that are asked for lie elsewhere for a while, or a later step is another. */
    private boolean allMatter(List<TriedStep> path, List<List<Hands>> moments) {
        for (int i = 0; i < path.size(); i++) {
            if (path.get(i).chooses()
                    && !spokenOfLater(path, i)
                    && !all.ground().moves(moments.get(i), path.get(i), roles)) {
                return false;
            }
        }
        return true;
    }

    private static boolean spokenOfLater(List<TriedStep> path, int choice) {
        String amount = "as " + path.get(choice).step().step().id() + ".";
        return path.subList(choice + 1, path.size()).stream()
                .anyMatch(act ->
                        act.step().step().settings().values().stream().anyMatch(text -> text.startsWith(amount)));
    }

    private List<Invention.Slack> slacks(List<TriedStep> path) {
        List<Invention.Slack> slacks = new ArrayList<>();
        for (int i = 0; i < path.size(); i++) {
            AmountSetting fixed = path.get(i).fixed().orElse(null);
            if (fixed != null) {
                int number = path.get(i).world().of(fixed);
                int low = number;
                int high = number;
                Set<Integer> spots = new HashSet<>(List.of(spotWith(path, i, fixed, number)));
                while (low > 1 && spotWith(path, i, fixed, low - 1) != NOT_REACHED) {
                    low--;
                    spots.add(spotWith(path, i, fixed, low));
                }
                while (high < MOST_NUMBER && spotWith(path, i, fixed, high + 1) != NOT_REACHED) {
                    high++;
                    spots.add(spotWith(path, i, fixed, high));
                }
                if (low < high) {
                    slacks.add(new Invention.Slack(i, low, high, !question.anywhere() || spots.size() == 1));
                }
            }
        }
        return slacks;
    }

    /** Where the first card lies in the end with another number; {@link #NOT_REACHED} if what is asked for is not so then. */
    private int spotWith(List<TriedStep> path, int step, AmountSetting fixed, int number) {
        List<TriedStep> other = new ArrayList<>(path);
        other.set(step, path.get(step).with(fixed, number));
        return reached(other)
                .map(end -> roles.length == 0 ? 0 : end.get(0).spotOf(roles[0]))
                .orElse(NOT_REACHED);
    }

    /** The steps as a routine has them: what follows from a step on the way speaks of it by its new name. */
    private List<Step> steps(List<TriedStep> path) {
        List<Step> steps = new ArrayList<>();
        Map<String, String> names = new HashMap<>();
        for (TriedStep act : path) {
            Step step = act.step().step();
            Map<String, String> settings = new HashMap<>(step.settings());
            settings.replaceAll((name, text) -> {
                Matcher as = AS_ACTION.matcher(text);
                return as.matches() ? "as " + names.get(as.group(1)) + "." + as.group(2) : text;
            });
            String id = free(steps.size() + 1);
            names.put(step.id(), id);
            steps.add(new Step(id, step.move(), settings, Optional.empty(), attention(act)));
        }
        return steps;
    }

    private String free(int number) {
        String id = "found" + number;
        return beginning.steps().stream().anyMatch(step -> step.id().equals(id)) ? id + "-" : id;
    }

    /** A number that the performer does not know is dealt or lifted by whoever knows it, while he looks away. */
    private Attention attention(TriedStep act) {
        boolean theirs = act.step().step().settings().entrySet().stream()
                .filter(setting -> setting.getValue().startsWith("as "))
                .anyMatch(setting -> !hears(setting.getValue().substring(3)));
        return theirs ? new Attention(Look.AWAY, Look.AS_TAUGHT, "") : Attention.AS_TAUGHT;
    }

    /** Whether the performer hears an amount of an earlier step, such as {@code s1.at}. */
    private boolean hears(String amount) {
        int dot = amount.indexOf('.');
        return beginning.steps().stream()
                .filter(step -> step.id().equals(amount.substring(0, dot)))
                .findFirst()
                .flatMap(step -> catalogue.find(step.move()))
                .map(move -> move.settings().all().stream()
                        .filter(setting -> setting.name().equals(amount.substring(dot + 1)))
                        .anyMatch(Jury::heard))
                .orElse(true);
    }

    private static boolean heard(Setting setting) {
        return setting instanceof AmountSetting amount && amount.isHeard() == AmountSetting.Heard.UNLESS_AWAY;
    }
}
