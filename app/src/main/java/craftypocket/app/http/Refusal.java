package craftypocket.app.http;

import craftypocket.core.settings.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;

/** A request that cannot be done, with the answer for whoever asked. */
public final class Refusal extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final Kind kind;
    private final HttpStatus status;
    private final String title;
    private final transient List<Problem> problems;

    /**
     * @param title what is wrong, in a few words
     * @param detail what is wrong and what to do, in a sentence or two
     */
    public Refusal(HttpStatus status, String title, String detail) {
        this(status, title, detail, List.of());
    }

    /** The same of a kind that its status does not tell. */
    public Refusal(Kind kind, HttpStatus status, String title, String detail) {
        this(kind, status, title, detail, List.of());
    }

    /** The same, with a list of fields. */
    public Refusal(HttpStatus status, String title, String detail, List<Problem> problems) {
        this(Kind.of(status), status, title, detail, problems);
    }

    private Refusal(Kind kind, HttpStatus status, String title, String detail, List<Problem> problems) {
        super(detail);
        this.kind = kind;
        this.status = status;
        this.title = title;
        this.problems = List.copyOf(problems);
    }

    /** Something in the request cannot be read as it stands: one field says it all. */
    public static Refusal of(String title, Problem problem) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, title, problem.sentence(), List.of(problem));
    }

    Kind kind() {
        return kind;
    }

    HttpStatus status() {
        return status;
    }

    String title() {
        return title;
    }

    List<Problem> problems() {
        return problems;
    }
}
