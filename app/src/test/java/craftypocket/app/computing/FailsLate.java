package craftypocket.app.computing;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter;

/** A computation that fails, for tests: at once, or when its answer has begun. */
@Hidden
@RestController
class FailsLate {

    private final Computations computations;

    FailsLate(Computations computations) {
        this.computations = computations;
    }

    @GetMapping("/test/fails-after/{millis}")
    ResponseEntity<ResponseBodyEmitter> failsAfter(@PathVariable int millis) {
        return computations.answer(null, effort -> {
            try {
                Thread.sleep(millis);
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
            throw new IllegalStateException("a computation that fails, for a test");
        });
    }
}
