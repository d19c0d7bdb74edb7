package craftypocket.app.sets;

import craftypocket.app.http.AnswersWithProblems;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Computes how sets will go; keeps nothing. */
@RestController
@RequestMapping("/api/evening")
@AnswersWithProblems
class EveningController {

    private final Evenings evenings;

    EveningController(Evenings evenings) {
        this.evenings = evenings;
    }

    /** What each routine begins with, what is to be put right in between, and what does not go together. */
    @PostMapping("/plan")
    EveningDocument evening(@Valid @RequestBody SetDocument set) {
        return evenings.evening(set);
    }

    /** The order that needs least to be put right, within the time of the venue, and why. */
    @PostMapping("/order")
    EveningDocument.BetterOrderDocument betterOrder(@Valid @RequestBody SetDocument set) {
        return evenings.better(set);
    }
}
