package craftypocket.app.folder;

import craftypocket.app.http.AnswersWithProblems;
import craftypocket.app.http.Constants;
import jakarta.validation.constraints.NotNull;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says how the data folder is. */
@RestController
@RequestMapping("/api/folder")
@AnswersWithProblems
class FolderController {

    /** {@code state} is well, full or read-only; {@code sentence} what that means and what to do, empty when all is well. */
    record FolderDocument(@NotNull String state, @NotNull String sentence) {}

    private final FolderState folder;

    FolderController(FolderState folder) {
        this.folder = folder;
    }

    /** Whether anything can be saved at the moment. */
    @GetMapping
    FolderDocument folder() {
        return new FolderDocument(Constants.word(folder.state()), folder.sentence());
    }
}
