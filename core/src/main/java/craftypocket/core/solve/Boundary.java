package craftypocket.core.solve;

import craftypocket.core.layout.Place;
import craftypocket.core.moves.Catalogue;
import craftypocket.core.read.Plan;
import craftypocket.core.read.PlanReader;
import craftypocket.core.read.PlannedStep;
import craftypocket.core.routine.Routine;
import craftypocket.core.routine.Step;
import craftypocket.core.run.Ribbon;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.Amount;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.ChunksSetting;
import craftypocket.core.settings.ProblemsFound;
import craftypocket.core.settings.Setting;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Where a step parts a pile, together with the number that puts it elsewhere: the depth of a cut, the end of a chunk.
 *
 * @param place the pile before the step
 * @param depth below so many of its cards
 * @param choice the key of the choice whose number it is; empty when it is a setting
 * @param setting the setting of the step that states it; empty when it is a choice
 * @param label what the number is called
 * @param least the least depth that is possible
 * @param texts what to choose or to write for that depth and for each that follows
 */
public record Boundary(
        Place place, int depth, String choice, String setting, String label, int least, List<String> texts) {

    /*
     * No move says which of its numbers parts what. It shows when the number is one more: the boundary that went one card
     * further is its own. So this holds for every move, those that performers put together themselves among them.
     */

    /** More chunks than these run too close together to be taken hold of. */
    private static final int MOST_CHUNKS = 12;

    public Boundary {
        texts = List.copyOf(texts);
    }

    /** A number of the step, and the step with another number in its place. */
    private record Number(
            String choice, String setting, String label, int value, int least, int most, IntFunction<String> text) {}

    /** Where a block ends in a pile before a step. */
    private record Edge(Place place, int depth) {}

    /**
     * The boundaries of a step that can be put elsewhere, in the order of their numbers.
     *
     * @param step the id of the step; without such a step, and where it cannot be done, there are none
     */
    public static List<Boundary> of(Plan plan, World world, String step, Catalogue catalogue) {
        int index = IntStream.range(0, plan.steps().size())
                .filter(i -> plan.steps().get(i).step().id().equals(step))
                .findFirst()
                .orElse(-1);
        if (index < 0) {
            return List.of();
        }
        Trace.Moment moment = Tracer.trace(plan, world).moments().get(index + 1);
        if (moment.skipped() || moment.broken().isPresent()) {
            return List.of();
        }
        List<Edge> edges = edges(moment.ribbons());
        List<Boundary> found = new ArrayList<>();
        for (Number number : numbers(plan.steps().get(index), moment)) {
            IntFunction<List<Edge>> with = value -> value < number.least() || value > number.most()
                    ? List.of()
                    : edges(variant(plan, world, index, number, value, catalogue));
            for (int by : new int[] {1, -1}) {
                Optional<Edge[]> went = first(edges, with.apply(number.value() + by));
                if (went.isPresent()) {
                    Edge edge = went.get()[0];
                    int direction = (went.get()[1].depth() - edge.depth()) * by;
                    boundary(number, edge, direction, with).ifPresent(found::add);
                    break;
                }
            }
        }
        return distinct(found);
    }

    /** The numbers of a step that are chosen or stated. */
    private static List<Number> numbers(PlannedStep step, Trace.Moment moment) {
        List<Number> numbers = new ArrayList<>();
        for (Trace.Chosen chosen : moment.choices()) {
            if (!chosen.choice().isChance() && numbers.size() < MOST_CHUNKS) {
                numbers.add(new Number(
                        chosen.choice().key(),
                        "",
                        chosen.choice().setting().label(),
                        chosen.number(),
                        chosen.low(),
                        chosen.high(),
                        String::valueOf));
            }
        }
        for (Setting setting : step.move().settings().all()) {
            if (setting instanceof AmountSetting
                    && step.values().amount(setting).kind() == Amount.Kind.EXACT) {
                int value = step.values().amount(setting).low();
                numbers.add(new Number("", setting.name(), setting.label(), value, 0, Amount.MOST, String::valueOf));
            } else if (setting instanceof ChunksSetting) {
                chunks(step, setting, numbers);
            }
        }
        return numbers;
    }

    private static void chunks(PlannedStep step, Setting setting, List<Number> numbers) {
        String[] words = step.step()
                .settings()
                .getOrDefault(setting.name(), setting.usual())
                .strip()
                .split("\\s+");
        for (int chunk = 0; chunk < Math.min(words.length, MOST_CHUNKS); chunk++) {
            if (words[chunk].matches("\\d{1,3}")) {
                int at = chunk;
                numbers.add(new Number(
                        "", setting.name(), setting.label(), Integer.parseInt(words[chunk]), 1, Amount.MOST, number -> {
                            String[] changed = words.clone();
                            changed[at] = String.valueOf(number);
                            return String.join(" ", changed);
                        }));
            }
        }
    }

    /** The blocks of the step with another number; none when it cannot be done or read with it. */
    private static List<Ribbon> variant(
            Plan plan, World world, int index, Number number, int value, Catalogue catalogue) {
        Trace.Moment moment;
        if (number.choice().isEmpty()) {
            try {
                Plan other = PlanReader.read(until(plan.routine(), index, number, value), catalogue);
                moment = Tracer.trace(other, world).moments().get(index + 1);
            } catch (ProblemsFound impossible) {
                return List.of();
            }
        } else {
            Map<String, Integer> numbers = new LinkedHashMap<>(world.numbers());
            numbers.put(number.choice(), value);
            moment = Tracer.trace(plan, new World(numbers)).moments().get(index + 1);
        }
        return moment.skipped() || moment.broken().isPresent() ? List.of() : moment.ribbons();
    }

    /** As far as the step: what follows does not matter to it. */
    private static Routine until(Routine routine, int index, Number number, int value) {
        Step step = routine.steps().get(index);
        Map<String, String> settings = new LinkedHashMap<>(step.settings());
        settings.put(number.setting(), number.text().apply(value));
        return new Routine(
                routine.setUp(),
                routine.roles(),
                Stream.concat(routine.steps().stream().limit(index), Stream.of(step.with(settings)))
                        .toList(),
                List.of(),
                routine.ownMoves());
    }

    private static List<Edge> edges(List<Ribbon> ribbons) {
        return ribbons.stream()
                .filter(ribbon -> ribbon.fromPosition() > 1)
                .map(ribbon -> new Edge(ribbon.from(), ribbon.fromPosition() - 1))
                .toList();
    }

    /** The first edge that lies one card elsewhere, before and after; chunks that follow go with it. */
    private static Optional<Edge[]> first(List<Edge> before, List<Edge> after) {
        if (before.size() != after.size()) {
            return Optional.empty();
        }
        for (int i = 0; i < before.size(); i++) {
            Edge was = before.get(i);
            Edge is = after.get(i);
            if (!was.equals(is)) {
                return was.place().equals(is.place()) && Math.abs(was.depth() - is.depth()) == 1
                        ? Optional.of(new Edge[] {was, is})
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** All depths about the edge to which the number really puts it. */
    private static Optional<Boundary> boundary(Number number, Edge edge, int direction, IntFunction<List<Edge>> with) {
        LinkedList<String> texts = new LinkedList<>();
        texts.add(number.text().apply(number.value()));
        int least = edge.depth();
        for (int by : new int[] {-1, 1}) {
            int depth = edge.depth() + by;
            int value = number.value() + direction * by;
            while (with.apply(value).contains(new Edge(edge.place(), depth))) {
                least = Math.min(least, depth);
                texts.add(by < 0 ? 0 : texts.size(), number.text().apply(value));
                depth += by;
                value += direction * by;
            }
        }
        return texts.size() < 2
                ? Optional.empty()
                : Optional.of(new Boundary(
                        edge.place(), edge.depth(), number.choice(), number.setting(), number.label(), least, texts));
    }

    /** Two numbers can part a pile at one depth: the first one is taken hold of. */
    private static List<Boundary> distinct(List<Boundary> found) {
        TreeSet<Boundary> distinct = new TreeSet<>(
                Comparator.comparing((Boundary b) -> b.place().text()).thenComparingInt(Boundary::depth));
        return found.stream().filter(distinct::add).toList();
    }
}
