package craftypocket.core.settings;

import java.util.List;
import java.util.stream.Collectors;

/** A routine cannot be read. All problems are listed at once. */
public final class ProblemsFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    public ProblemsFound(List<Problem> problems) {
        super(problems.stream().map(Problem::sentence).collect(Collectors.joining("\n")));
        this.problems = List.copyOf(problems);
    }

    /** Ends a reading in which there were problems. */
    public static void throwIfAny(List<Problem> problems) {
        if (!problems.isEmpty()) {
            throw new ProblemsFound(problems);
        }
    }

    public List<Problem> problems() {
        return problems;
    }
}
