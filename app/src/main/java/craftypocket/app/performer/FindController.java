package craftypocket.app.performer;

import craftypocket.app.folder.StoresData;
import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Refusal;
import craftypocket.core.settings.Problem;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The shelf of procedures that were found and are kept. */
@RestController
@RequestMapping("/api/finds")
@AnswersWithProblems
@StoresData
class FindController {

    /** More of them nobody looks through. */
    private static final int MOST_FINDS = 100;

    private final PerformerNotes notes;

    FindController(PerformerNotes notes) {
        this.notes = notes;
    }

    /** All that are kept. */
    @GetMapping
    List<FindDocument> finds() {
        return notes.finds();
    }

    /** Keeps one, or another note of one. */
    @PutMapping("/{id}")
    List<FindDocument> keepFind(@PathVariable String id, @Valid @RequestBody FindDocument find) {
        if (!find.id().equals(id)) {
            Problem problem = new Problem(
                    "id", find.id(), "the address says it is “" + id + "”", "Use one name for it in both places");
            throw Refusal.of("Two names for one find", problem);
        }
        boolean known = notes.finds().stream().anyMatch(each -> each.id().equals(id));
        if (!known && notes.finds().size() >= MOST_FINDS) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    "Too many finds",
                    "There are " + MOST_FINDS + " finds on the shelf already. Take one off first.");
        }
        notes.keepFind(find);
        return notes.finds();
    }

    /** Takes one off the shelf. */
    @DeleteMapping("/{id}")
    List<FindDocument> dropFind(@PathVariable String id) {
        if (notes.finds().stream().noneMatch(each -> each.id().equals(id))) {
            throw new Refusal(HttpStatus.NOT_FOUND, "No such find", "It is not on the shelf any more.");
        }
        notes.dropFind(id);
        return notes.finds();
    }
}
