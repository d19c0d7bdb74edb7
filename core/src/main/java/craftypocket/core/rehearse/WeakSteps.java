package craftypocket.core.rehearse;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Where runs of a routine slipped most. */
public final class WeakSteps {

    private WeakSteps() {}

    /**
     * A step in one run.
     *
     * @param step its id
     * @param slips how often it slipped
     * @param reasons why, as far as somebody said
     */
    public record Gone(String step, int slips, List<String> reasons) {}

    /**
     * A step over all runs.
     *
     * @param step its id
     * @param slips how often it slipped in all
     * @param reasons why, the most frequent first
     */
    public record Weak(String step, int slips, List<String> reasons) {}

    /** The steps that slipped, the worst first; of the same the one that was gone through first. */
    public static List<Weak> of(List<Gone> all) {
        Map<String, Integer> slips = new LinkedHashMap<>();
        Map<String, Map<String, Integer>> reasons = new LinkedHashMap<>();
        for (Gone gone : all) {
            if (gone.slips() > 0) {
                slips.merge(gone.step(), gone.slips(), Integer::sum);
                Map<String, Integer> here = reasons.computeIfAbsent(gone.step(), step -> new LinkedHashMap<>());
                gone.reasons().forEach(reason -> here.merge(reason, 1, Integer::sum));
            }
        }
        List<Weak> weak = new ArrayList<>();
        slips.forEach((step, times) -> weak.add(new Weak(step, times, most(reasons.get(step)))));
        weak.sort(Comparator.comparingInt((Weak each) -> -each.slips()));
        return weak;
    }

    private static List<String> most(Map<String, Integer> counted) {
        return counted.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
    }
}
