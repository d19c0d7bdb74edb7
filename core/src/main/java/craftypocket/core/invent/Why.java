package craftypocket.core.invent;

import craftypocket.core.layout.Place;
import craftypocket.core.read.Plan;
import craftypocket.core.run.EachWay;
import craftypocket.core.run.Trace;
import craftypocket.core.run.Tracer;
import craftypocket.core.run.World;
import craftypocket.core.settings.AmountSetting;
import craftypocket.core.settings.Sentence;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Why a procedure works: where the card lies after each step, as a sum of what was chosen. “a, then 13 − a, then 13” says which numbers
 * cancel.
 *
 * @param lines one for where it begins, and one for each step
 * @param letters what the letters stand for
 * @param dealt how many cards are counted one by one at most
 * @param ways of how many ways that is read
 */
record Why(List<Invention.Line> lines, List<Invention.Letter> letters, int dealt, int ways) {

    /** As many ways are looked at; with more of them, so many that are spread over all. */
    private static final int MOST_WAYS = 2000;

    private static final int SPREAD = 500;

    /** With more piles in which a card can lie nothing is explained by telling of each. */
    private static final int MOST_PILES = 3;

    private static final int LETTERS = 26;

    /** What is less than this is an error of reckoning. */
    private static final double EXACT = 1e-6;

    /** @param role whose card it is; -1 where there is none of which that could be said */
    static Why of(Plan plan, int from, int role) {
        List<Trace> traces = traces(plan);
        int dealt = traces.stream()
                .mapToInt(trace -> IntStream.range(from + 1, trace.moments().size())
                        .map(i -> counted(trace.moments().get(i)))
                        .sum())
                .max()
                .orElse(0);
        if (role < 0) {
            return new Why(List.of(), List.of(), dealt, traces.size());
        }
        List<List<Fit>> fits = IntStream.rangeClosed(from, plan.steps().size())
                .mapToObj(moment -> Fit.of(traces, moment, role))
                .toList();
        Set<String> used = new LinkedHashSet<>();
        plan.choices().forEach(choice -> {
            if (fits.stream().flatMap(List::stream).anyMatch(fit -> fit.times.getOrDefault(choice.key(), 0) != 0)) {
                used.add(choice.key());
            }
        });
        Map<String, String> letters = new LinkedHashMap<>();
        used.forEach(key -> letters.put(key, letter(letters.size())));
        List<Invention.Letter> meanings = plan.choices().stream()
                .filter(choice -> letters.containsKey(choice.key()))
                .map(choice -> new Invention.Letter(
                        letters.get(choice.key()),
                        Sentence.capital(choice.setting().told(choice.chunk(), letters.get(choice.key())))))
                .toList();
        return new Why(fits.stream().map(piles -> line(piles, letters)).toList(), meanings, dealt, traces.size());
    }

    private static String letter(int number) {
        return (char) ('a' + number % LETTERS) + (number < LETTERS ? "" : String.valueOf(number / LETTERS));
    }

    private static Invention.Line line(List<Fit> piles, Map<String, String> letters) {
        List<Invention.Line> lines =
                piles.stream().map(fit -> fit.line(letters)).toList();
        return lines.isEmpty()
                ? new Invention.Line("", "", false, List.of())
                : new Invention.Line(
                        lines.get(0).place(),
                        lines.get(0).position(),
                        lines.get(0).bottom(),
                        lines.subList(1, lines.size()));
    }

    /** What is counted one by one in a step is what whoever watches hears. */
    private static int counted(Trace.Moment moment) {
        if (moment.said().values() == null) {
            return 0;
        }
        return moment.said().step().move().settings().all().stream()
                .filter(setting ->
                        setting instanceof AmountSetting amount && amount.isHeard() != AmountSetting.Heard.NEVER)
                .mapToInt(setting -> moment.said().values().of((AmountSetting) setting))
                .sum();
    }

    private static List<Trace> traces(Plan plan) {
        Function<World, Trace> traced = Tracer.traces(plan);
        List<Trace> all = new ArrayList<>();
        if (EachWay.follow(
                traced, plan.steps().size(), MOST_WAYS, () -> false, (world, trace, part) -> all.add(trace))) {
            return all;
        }
        all.clear();
        for (int way = 0; way < SPREAD; way++) {
            all.add(spread(traced, way));
        }
        return all;
    }

    private static Trace spread(Function<World, Trace> traced, int way) {
        Map<String, Integer> numbers = new HashMap<>();
        Trace trace = traced.apply(new World(numbers));
        for (Trace.Chosen open = open(trace, numbers); open != null; open = open(trace, numbers)) {
            int apart = Math.floorMod((way + 1) * 7919 * (numbers.size() + 1) + way / 7, open.high() - open.low() + 1);
            numbers.put(open.choice().key(), open.low() + apart);
            trace = traced.apply(new World(numbers));
        }
        return trace;
    }

    private static Trace.Chosen open(Trace trace, Map<String, Integer> numbers) {
        return trace.moments().stream()
                .flatMap(moment -> moment.choices().stream())
                .filter(chosen -> !numbers.containsKey(chosen.choice().key()))
                .findFirst()
                .orElse(null);
    }

    /**
     * Where the card lies at a moment if it lies in this pile, as a number and so many times each choice.
     *
     * @param place in words
     * @param sums whether it is such a sum
     */
    private record Fit(String place, boolean sums, int number, Map<String, Integer> times, boolean bottom) {

        /** One for each pile in which it can lie; nothing where there are too many, or it can lie nowhere. */
        static List<Fit> of(List<Trace> traces, int moment, int role) {
            Map<Optional<Place>, List<Trace>> byPlace = traces.stream()
                    .collect(Collectors.groupingBy(
                            trace -> Optional.ofNullable(
                                    state(trace, moment, role).place()),
                            LinkedHashMap::new,
                            Collectors.toList()));
            if (byPlace.size() > MOST_PILES || byPlace.containsKey(Optional.empty())) {
                return List.of();
            }
            return byPlace.entrySet().stream()
                    .map(there -> in(there.getKey().orElseThrow().label(), there.getValue(), moment, role))
                    .toList();
        }

        private static Trace.RoleState state(Trace trace, int moment, int role) {
            return trace.moments().get(moment).roles().get(role);
        }

        private static Fit in(String place, List<Trace> traces, int moment, int role) {
            List<Trace.RoleState> states =
                    traces.stream().map(trace -> state(trace, moment, role)).toList();
            Fit top = sum(traces, states, Trace.RoleState::position, place, false);
            Fit bottom = sum(traces, states, Trace.RoleState::fromBottom, place, true);
            boolean plainer = bottom.sums && (!top.sums || bottom.times.size() < top.times.size());
            return plainer ? bottom : top;
        }

        private static Fit sum(
                List<Trace> traces,
                List<Trace.RoleState> states,
                ToIntFunction<Trace.RoleState> position,
                String place,
                boolean bottom) {
            List<String> keys = traces.get(0).moments().stream()
                    .flatMap(m -> m.choices().stream())
                    .map(chosen -> chosen.choice().key())
                    .distinct()
                    .toList();
            double[][] rows = new double[traces.size()][];
            for (int i = 0; i < rows.length; i++) {
                rows[i] = new double[keys.size() + 2];
                for (Trace.Moment moment : traces.get(i).moments()) {
                    for (Trace.Chosen chosen : moment.choices()) {
                        int key = keys.indexOf(chosen.choice().key());
                        if (key >= 0) {
                            rows[i][key] = chosen.number();
                        }
                    }
                }
                rows[i][keys.size()] = 1;
                rows[i][keys.size() + 1] = position.applyAsInt(states.get(i));
            }
            double[] solved = solved(rows);
            Map<String, Integer> times = new LinkedHashMap<>();
            boolean sums = true;
            for (int key = 0; key <= keys.size(); key++) {
                long whole = Math.round(solved[key]);
                sums &= Math.abs(solved[key] - whole) < EXACT;
                if (key < keys.size() && whole != 0) {
                    times.put(keys.get(key), (int) whole);
                }
            }
            for (double[] row : rows) {
                double sum = 0;
                for (int key = 0; key <= keys.size(); key++) {
                    sum += solved[key] * row[key];
                }
                sums &= Math.abs(sum - row[keys.size() + 1]) < EXACT;
            }
            return sums
                    ? new Fit(place, true, (int) Math.round(solved[keys.size()]), times, bottom)
                    : new Fit(place, false, 0, Map.of(), false);
        }

        /** By elimination: how many times each column makes the last one, if they do; 0 for those that say nothing new. */
        private static double[] solved(double[][] given) {
            int columns = given[0].length - 1;
            double[][] squares = new double[columns][columns + 1];
            for (double[] row : given) {
                for (int i = 0; i < columns; i++) {
                    for (int k = 0; k <= columns; k++) {
                        squares[i][k] += row[i] * row[k];
                    }
                }
            }
            // The constant first: what is the same in all ways is a number, and not a choice.
            int[] order = IntStream.concat(IntStream.of(columns - 1), IntStream.range(0, columns - 1))
                    .toArray();
            boolean[] says = new boolean[columns];
            for (int pivot : order) {
                if (Math.abs(squares[pivot][pivot]) > EXACT) {
                    says[pivot] = true;
                    for (int row = 0; row < columns; row++) {
                        double part = row == pivot ? 0 : squares[row][pivot] / squares[pivot][pivot];
                        for (int k = 0; k <= columns && part != 0; k++) {
                            squares[row][k] -= part * squares[pivot][k];
                        }
                    }
                }
            }
            double[] solved = new double[columns];
            for (int i = 0; i < columns; i++) {
                solved[i] = says[i] ? squares[i][columns] / squares[i][i] : 0;
            }
            return solved;
        }

        Invention.Line line(Map<String, String> letters) {
            return new Invention.Line(place, sums ? text(letters) : "", bottom, List.of());
        }

        private String text(Map<String, String> letters) {
            List<String> plus = new ArrayList<>();
            List<String> minus = new ArrayList<>();
            letters.forEach((key, letter) -> {
                int factor = times.getOrDefault(key, 0);
                String term = (Math.abs(factor) == 1 ? "" : String.valueOf(Math.abs(factor))) + letter;
                (factor > 0 ? plus : minus).addAll(factor == 0 ? List.of() : List.of(term));
            });
            if (number > 0 || (plus.isEmpty() && minus.isEmpty())) {
                boolean first = plus.isEmpty();
                plus.add(first ? 0 : plus.size(), String.valueOf(number));
            } else if (number < 0) {
                minus.add(String.valueOf(-number));
            }
            String sum = String.join(" + ", plus);
            return minus.isEmpty() ? sum : (sum + " − " + String.join(" − ", minus)).strip();
        }
    }
}
