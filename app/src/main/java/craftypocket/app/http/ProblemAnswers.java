package craftypocket.app.http;

import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns everything that can go wrong into a problem document (RFC 9457), in the performer's words. */
@RestControllerAdvice
class ProblemAnswers extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAnswers.class);

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        return problem(refusal.status(), refusal.title(), refusal.getMessage(), refusal.problems());
    }

    @ExceptionHandler
    ProblemDetail unreadableRoutine(ProblemsFound found) {
        return problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "The routine cannot be read",
                found.problems().stream().map(Problem::sentence).collect(Collectors.joining(" ")),
                found.problems());
    }

    @ExceptionHandler
    ProblemDetail unreadableFile(JacksonException unreadable) {
        return unreadableJson(unreadable);
    }

    @ExceptionHandler
    ProblemDetail changedMeanwhile(OptimisticLockingFailureException conflict) {
        return problem(
                HttpStatus.PRECONDITION_FAILED,
                "Changed somewhere else",
                "This routine was changed in another window since you opened it. Load the newer one; your own change is still on the screen until then.",
                List.of());
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception failure) {
        LOG.error("A request failed unexpectedly", failure);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "That should not have happened",
                "Nothing was changed. Try again; if it happens again, save the routine to a file.",
                List.of());
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        ProblemDetail problem = unreadableJson(unreadable.getCause());
        return handleExceptionInternal(
                unreadable, problem, headers, HttpStatusCode.valueOf(problem.getStatus()), request);
    }

    /** The answer to JSON that could not be read. */
    private static ProblemDetail unreadableJson(Throwable cause) {
        if (cause instanceof StreamConstraintsException) {
            return problem(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too large",
                    "A routine file has at most a million letters and thirty levels. Send a smaller one.",
                    List.of());
        }
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return problem(
                    HttpStatus.BAD_REQUEST,
                    "Unknown field",
                    "There is a field that is not known here.",
                    List.of(new Problem(
                            field(unknown),
                            unknown.getPropertyName(),
                            "there is no field of this name here",
                            "Remove it, or see the schema of the routine file")));
        }
        if (cause instanceof JacksonException wrong && !wrong.getPath().isEmpty()) {
            return problem(
                    HttpStatus.BAD_REQUEST,
                    "Wrong kind of value",
                    "A field has a value of the wrong kind.",
                    List.of(new Problem(
                            field(wrong),
                            "not shown",
                            "the value is of another kind than this field takes",
                            "See the schema of the routine file")));
        }
        return problem(
                HttpStatus.BAD_REQUEST, "Not JSON", "This is no valid JSON. Send a whole routine file.", List.of());
    }

    private static String field(JacksonException wrong) {
        StringBuilder field = new StringBuilder();
        for (JacksonException.Reference step : wrong.getPath()) {
            if (step.getPropertyName() == null) {
                field.append('[').append(step.getIndex()).append(']');
            } else {
                field.append(field.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return field.toString();
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem> problems = invalid.getBindingResult().getFieldErrors().stream()
                .map(ProblemAnswers::fieldProblem)
                .toList();
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Some fields are not as they must be",
                problems.stream().map(Problem::sentence).collect(Collectors.joining(" ")),
                problems);
        return handleExceptionInternal(invalid, problem, headers, HttpStatusCode.valueOf(problem.getStatus()), request);
    }

    private static Problem fieldProblem(FieldError error) {
        boolean bound = Min.class.getSimpleName().equals(error.getCode())
                || Max.class.getSimpleName().equals(error.getCode());
        return new Problem(
                error.getField(),
                String.valueOf(error.getRejectedValue()),
                String.valueOf(error.getDefaultMessage()),
                bound ? "Choose a number within the bounds" : "Change it and send it again");
    }

    @ExceptionHandler
    ProblemDetail wrongAddress(MethodArgumentTypeMismatchException mismatch) {
        return problem(
                HttpStatus.NOT_FOUND,
                "Not there",
                "There is nothing at this address. Go back to the repertoire.",
                List.of());
    }

    private static ProblemDetail problem(HttpStatus status, String title, String detail, List<Problem> problems) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        if (!problems.isEmpty()) {
            problem.setProperty("problems", problems);
        }
        return problem;
    }
}
