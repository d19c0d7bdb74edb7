package craftypocket.app.http;

import java.net.URI;
import org.springframework.http.HttpStatus;

/** What kind of problem it is: scripts tell problems apart by it. {@code docs/api.md} says of each what to do. */
public enum Kind {
    /** The version that was edited is not the current one any more. */
    CHANGED_ELSEWHERE,
    /** The version that was edited never was one of this folder. */
    OTHER_FOLDER,
    /** What is asked for is not there. */
    NOT_THERE,
    /** Something that was sent is not as it must be; {@code problems} names each field. */
    NOT_AS_IT_MUST_BE,
    /** What was sent cannot be read at all. */
    UNREADABLE,
    /** More was sent than is read. */
    TOO_LARGE,
    /** There is no room for another one, or nothing to undo. */
    NOT_NOW,
    /** Nothing can be saved: the disk is full or the folder read-only. */
    NOTHING_IS_SAVED,
    /** Too much is being worked out, or the folder does not answer: ask again. */
    BUSY,
    /** The request is not from this page. */
    NOT_FROM_HERE,
    /** A header is missing, or it cannot be asked in this way here. */
    NOT_ASKED_SO,
    /** A fault of the program. */
    FAULT;

    /** Its address in a problem document. */
    public URI type() {
        return URI.create("urn:crafty-pocket:problem:" + Constants.word(this));
    }

    /** What a status means where nothing more is said. */
    static Kind of(HttpStatus status) {
        return switch (status) {
            case PRECONDITION_FAILED -> CHANGED_ELSEWHERE;
            case NOT_FOUND -> NOT_THERE;
            case UNPROCESSABLE_CONTENT -> NOT_AS_IT_MUST_BE;
            case BAD_REQUEST -> UNREADABLE;
            case CONTENT_TOO_LARGE -> TOO_LARGE;
            case CONFLICT -> NOT_NOW;
            case INSUFFICIENT_STORAGE -> NOTHING_IS_SAVED;
            case SERVICE_UNAVAILABLE -> BUSY;
            case FORBIDDEN -> NOT_FROM_HERE;
            default -> status.is5xxServerError() ? FAULT : NOT_ASKED_SO;
        };
    }
}
