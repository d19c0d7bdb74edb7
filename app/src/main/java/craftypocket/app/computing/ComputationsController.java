package craftypocket.app.computing;

import craftypocket.app.http.AnswersWithProblems;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Looks after long computations: how far they are, and that they stop when nobody waits for them. */
@RestController
@RequestMapping("/api/computations")
@AnswersWithProblems
class ComputationsController {

    record ComputationsDocument(int running) {}

    /** {@code share} is from 0 to 1, where it is over. */
    record ProgressDocument(double share) {}

    private final Computations computations;

    ComputationsController(Computations computations) {
        this.computations = computations;
    }

    /** How many computations are under way. */
    @GetMapping
    ComputationsDocument running() {
        return new ComputationsDocument(computations.count());
    }

    /** How far one is. */
    @GetMapping("/{name}")
    ProgressDocument progress(@PathVariable String name) {
        return new ProgressDocument(computations.share(name));
    }

    /** Stops one; what it found by then is still its answer. */
    @DeleteMapping("/{name}")
    ComputationsDocument stop(@PathVariable String name) {
        computations.stop(name);
        return new ComputationsDocument(computations.count());
    }
}
