package craftypocket.app.performer;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import craftypocket.app.http.Refusal;
import craftypocket.app.routines.RoutineDocument.OwnMoveDocument;
import craftypocket.core.advise.Hint;
import craftypocket.core.cards.CardText;
import craftypocket.core.cards.Side;
import craftypocket.core.moves.AllMoves;
import craftypocket.core.read.ComposedMove;
import craftypocket.core.routine.OwnMove;
import craftypocket.core.settings.Problem;
import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the performer says of themselves: the hand, names for moves and how well they go, and moves of their own. */
@RestController
@RequestMapping("/api/performer")
@AnswersWithProblems
@StoresData
class PerformerController {

    private final PerformerNotes notes;

    PerformerController(PerformerNotes notes) {
        this.notes = notes;
    }

    /** Everything the performer says of themselves. */
    @GetMapping
    PerformerDocument performer() {
        return notes.all();
    }

    /** Says for which hand texts are written. */
    @PutMapping("/hand")
    PerformerDocument hand(@Valid @RequestBody PerformerDocument.HandDocument hand) {
        notes.keepHand(hand.hand());
        return notes.all();
    }

    /** Says what a move is called and how well it can be done. */
    @PutMapping("/moves/{id}")
    PerformerDocument move(@PathVariable String id, @Valid @RequestBody PerformerDocument.MoveNoteDocument note) {
        boolean own = notes.ownMoves().stream().anyMatch(move -> move.id().equals(id));
        if (!own && AllMoves.CATALOGUE.find(id).isEmpty()) {
            throw notThere();
        }
        notes.keepMove(id, note);
        return notes.all();
    }

    /** Keeps an own move; one of the same id is replaced. Routines keep the copy they have. */
    @PutMapping("/own-moves/{id}")
    PerformerDocument ownMove(@PathVariable String id, @Valid @RequestBody OwnMoveDocument move) {
        if (!move.id().equals(id)) {
            Problem problem = new Problem(
                    "id", move.id(), "the address says it is “" + id + "”", "Use one name for the move in both places");
            throw Refusal.of("Two names for one move", problem);
        }
        boolean known = notes.ownMoves().stream().anyMatch(each -> each.id().equals(id));
        if (!known && notes.ownMoves().size() >= OwnMove.MOST_OWN_MOVES) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    "Too many own moves",
                    "There are " + OwnMove.MOST_OWN_MOVES + " own moves already. Remove one first.");
        }
        ComposedMove.check(move.toCore(), AllMoves.CATALOGUE);
        notes.keepOwnMove(move);
        return notes.all();
    }

    /** Hints of this rule are not for this performer. */
    @PutMapping("/put-aside/{rule}")
    PerformerDocument putAside(@PathVariable String rule) {
        requireRule(rule);
        notes.putAside(rule);
        return notes.all();
    }

    /** Hints of this rule are wanted again. */
    @DeleteMapping("/put-aside/{rule}")
    PerformerDocument takeUp(@PathVariable String rule) {
        requireRule(rule);
        notes.takeUp(rule);
        return notes.all();
    }

    /** Says which cards were forced on the people of tonight; none for new people. */
    @PutMapping("/forced")
    PerformerDocument forced(@Valid @RequestBody PerformerDocument.ForcedDocument forced) {
        Set<Side> cards = new LinkedHashSet<>();
        for (String text : CardText.split(forced.cards())) {
            cards.add(CardText.read(text).orElseThrow(() -> {
                Problem problem = new Problem(
                        "cards", text, "it must be a card", "Write codes such as QC or 10H, with spaces between");
                return Refusal.of("No such card", problem);
            }));
        }
        notes.keepForced(cards);
        return notes.all();
    }

    private static void requireRule(String rule) {
        boolean known = Arrays.stream(Hint.Rule.values())
                .anyMatch(each -> Constants.word(each).equals(rule));
        if (!known) {
            throw new Refusal(HttpStatus.NOT_FOUND, "No such rule", "There is no rule “" + rule + "” to put aside.");
        }
    }

    /** Drops an own move; routines keep the copy they have. */
    @DeleteMapping("/own-moves/{id}")
    PerformerDocument drop(@PathVariable String id) {
        if (notes.ownMoves().stream().noneMatch(each -> each.id().equals(id))) {
            throw notThere();
        }
        notes.dropOwnMove(id);
        return notes.all();
    }

    private static Refusal notThere() {
        return new Refusal(HttpStatus.NOT_FOUND, "No such move", "Neither the catalogue nor your own moves have it.");
    }
}
