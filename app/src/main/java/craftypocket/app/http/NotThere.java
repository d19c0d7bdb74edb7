package craftypocket.app.http;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** The answer at an address at which there is nothing. */
final class NotThere {

    static final ProblemDetail PROBLEM = Problems.of(
            HttpStatus.NOT_FOUND,
            "Not there",
            "There is nothing at this address. Go back to the repertoire.",
            List.of());

    private NotThere() {}
}
