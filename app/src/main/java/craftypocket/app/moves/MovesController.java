package craftypocket.app.moves;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Refusal;
import craftypocket.app.performer.PerformerNotes;
import craftypocket.app.routines.RoutineDocument;
import craftypocket.app.routines.RoutineDocument.OwnMoveDocument;
import craftypocket.core.claims.ClaimKinds;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.moves.Handedness;
import craftypocket.core.moves.Move;
import craftypocket.core.read.ComposedMove;
import craftypocket.core.run.Playground;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The moves and sorts of claims that can be used. */
@RestController
@RequestMapping("/api/catalogue")
@AnswersWithProblems
class MovesController {

    private final PerformerNotes notes;

    MovesController(PerformerNotes notes) {
        this.notes = notes;
    }

    /** All moves, the performer's own last, and all sorts of claims, in the words for the performer's hand. */
    @GetMapping
    CatalogueDocument catalogue() {
        Handedness hand = notes.hand();
        List<Move> own = notes.ownMoves().stream()
                .map(OwnMoveDocument::toCore)
                .map(move -> ComposedMove.listed(move, AllMoves.CATALOGUE))
                .toList();
        List<Move> all =
                Stream.concat(AllMoves.CATALOGUE.moves().stream(), own.stream()).toList();
        return CatalogueDocument.of(all, own.size(), ClaimKinds.ALL, hand::say);
    }

    /** A routine whose last step is the move, on a small deck where it can be done. */
    @GetMapping("/{id}/playground")
    RoutineDocument playground(@PathVariable String id) {
        return AllMoves.CATALOGUE
                .find(id)
                .map(move -> RoutineDocument.of(move.name(), Playground.of(move)))
                .or(() -> notes.ownMoves().stream()
                        .filter(own -> own.id().equals(id))
                        .findFirst()
                        .map(own -> RoutineDocument.of(own.name(), Playground.of(own.toCore(), AllMoves.CATALOGUE))))
                .orElseThrow(() -> new Refusal(
                        HttpStatus.NOT_FOUND, "No such move", "Neither the catalogue nor your own moves have it."));
    }
}
