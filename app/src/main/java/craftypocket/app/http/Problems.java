package craftypocket.app.http;

import craftypocket.core.settings.Problem;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** Problem documents (RFC 9457): a title, what is wrong and what to do, and the fields that are not as they must be. */
public final class Problems {

    private Problems() {}

    /** What a refusal says. */
    public static ProblemDetail of(Refusal refusal) {
        ProblemDetail problem = of(refusal.status(), refusal.title(), refusal.getMessage(), refusal.problems());
        problem.setType(refusal.kind().type());
        return problem;
    }

    static ProblemDetail of(HttpStatus status, String title, String detail, List<Problem> problems) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(Kind.of(status).type());
        problem.setTitle(title);
        if (!problems.isEmpty()) {
            problem.setProperty("problems", problems);
        }
        return problem;
    }
}
