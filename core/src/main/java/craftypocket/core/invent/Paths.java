package craftypocket.core.invent;

import craftypocket.core.layout.Hands;
import craftypocket.core.read.Plan;
import java.util.List;
import java.util.Optional;

/** Where paths lead to from where a question begins. What is found on the way to be worth telling apart is kept apart from then on. */
final class Paths {

    private final Ground ground;
    private List<Hands> start;

    /** @param numbers of each choice so many are taken at most */
    Paths(Plan plan, int numbers) {
        ground = new Ground(plan, numbers);
        start = ground.start();
    }

    Ground ground() {
        return ground;
    }

    /** The states at each moment; as many as there are until a step cannot be done in all ways. */
    List<List<Hands>> moments(List<TriedStep> path) {
        List<List<Hands>> moments = ground.moments(start, path);
        while (ground.keepsMore()) {
            start = ground.start();
            moments = ground.moments(start, path);
        }
        return moments;
    }

    /** The states at the end, if each step can be done. */
    Optional<List<Hands>> end(List<TriedStep> path) {
        List<List<Hands>> moments = moments(path);
        return moments.size() > path.size() ? Optional.of(moments.get(path.size())) : Optional.empty();
    }
}
