package craftypocket.core.claims;

import craftypocket.core.settings.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A claim as a routine file states it.
 *
 * @param kind the id of a {@link ClaimKind}
 * @param settings its settings; what is missing is as usual
 * @param not whether the opposite is claimed
 * @param or claims of which one is enough if the first is not true
 */
public record ClaimSpec(String kind, Map<String, String> settings, boolean not, List<ClaimSpec> or) {

    /** More alternatives than this are no claim that anybody can keep in mind. */
    public static final int MOST_ALTERNATIVES = 5;

    public ClaimSpec {
        settings = Map.copyOf(settings);
        or = List.copyOf(or);
    }

    /** A plain claim from pairs of setting names and values. */
    public static ClaimSpec of(String kind, String... pairs) {
        Map<String, String> settings = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            settings.put(pairs[i], pairs[i + 1]);
        }
        return new ClaimSpec(kind, settings, false, List.of());
    }

    /** Whether what people have seen decides it, or an alternative of it. */
    public boolean bySight() {
        return ClaimKinds.find(kind).filter(ClaimKind::bySight).isPresent()
                || or.stream().anyMatch(ClaimSpec::bySight);
    }

    /** What is wrong with it where a layout has to be asked whether it is so. */
    public List<Problem> unasked(String where) {
        boolean only = ClaimKinds.find(kind).filter(ClaimKind::onlyJudged).isPresent();
        return Stream.concat(
                        only
                                ? Stream.of(new Problem(
                                        where + ".kind",
                                        kind,
                                        "this is judged of a whole routine, not asked of a layout",
                                        "Put it among the checks, and say something else here"))
                                : Stream.empty(),
                        IntStream.range(0, or.size())
                                .boxed()
                                .flatMap(i -> or.get(i).unasked(where + ".or[" + i + "]").stream()))
                .toList();
    }

    /** The opposite. */
    public ClaimSpec denied() {
        return new ClaimSpec(kind, settings, !not, or);
    }

    /** The same, with another claim that is enough instead. */
    public ClaimSpec or(ClaimSpec other) {
        List<ClaimSpec> all = new ArrayList<>(or);
        all.add(other);
        return new ClaimSpec(kind, settings, not, all);
    }
}
