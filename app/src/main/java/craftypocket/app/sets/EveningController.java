package craftypocket.app.sets;

import craftypocket.app.computing.Computations;
import craftypocket.app.http.AnswersWithProblems;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import org.springframework.http.ResponseEntity;
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
    private final Computations computations;

    EveningController(Evenings evenings, Computations computations) {
        this.evenings = evenings;
        this.computations = computations;
    }

    /** What each routine begins with, what is to be put right in between, and what does not go together. */
    @PostMapping("/plan")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(implementation = EveningDocument.class)))
    ResponseEntity<?> evening(@Valid @RequestBody SetDocument set) {
        return computations.answer(null, effort -> evenings.evening(set, effort));
    }

    /** The order that needs least to be put right, within the time of the venue, and why. */
    @PostMapping("/order")
    @ApiResponse(
            responseCode = "200",
            content = @Content(schema = @Schema(implementation = EveningDocument.BetterOrderDocument.class)))
    ResponseEntity<?> betterOrder(@Valid @RequestBody SetDocument set) {
        evenings.requireFew(set);
        return computations.answer(null, effort -> evenings.better(set));
    }
}
