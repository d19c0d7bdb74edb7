package craftypocket.app.performer;

import craftypocket.app.routines.RoutineDocument.OwnMoveDocument;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;

/**
 * What the performer says of themselves.
 *
 * @param hand {@code right} or {@code left}: every text speaks to this hand
 * @param moves by the id of a move, what one calls it and how well one can do it
 * @param ownMoves the moves one composed
 * @param putAside the rules of hints that one does not follow
 * @param forced the cards that were forced on the people of tonight, as codes such as QD
 */
record PerformerDocument(
        @NotNull String hand,
        @NotNull Map<String, MoveNoteDocument> moves,
        @NotNull List<OwnMoveDocument> ownMoves,
        @NotNull List<String> putAside,
        @NotNull List<String> forced) {

    /** The cards, with spaces between; none for new people. */
    record ForcedDocument(
            @NotNull @Size(max = 200, message = "at most 200 letters")
            String cards) {}

    record HandDocument(
            @NotNull @Pattern(regexp = "right|left", message = "must be right or left")
            String hand) {}

    /**
     * A note on a move.
     *
     * @param alias what the performer calls it; may be empty
     * @param skill from 0, cannot do it, to 5, second nature
     */
    record MoveNoteDocument(
            @NotNull @Size(max = 60, message = "at most 60 letters")
            String alias,

            @Min(value = 0, message = "at least 0") @Max(value = 5, message = "at most 5")
            int skill) {}
}
