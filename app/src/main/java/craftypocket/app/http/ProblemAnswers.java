package craftypocket.app.http;

import craftypocket.core.settings.Problem;
import craftypocket.core.settings.ProblemsFound;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.FieldError;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns everything that can go wrong into a problem document (RFC 9457), in the performer's words. */
@RestControllerAdvice
class ProblemAnswers extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAnswers.class);

    /** @throws Refusal itself, where the answer has begun already */
    @ExceptionHandler
    ProblemDetail refused(Refusal refusal, HttpServletResponse response) {
        if (response.isCommitted()) {
            throw refusal;
        }
        return Problems.of(refusal);
    }

    @ExceptionHandler
    ProblemDetail unreadableRoutine(ProblemsFound found) {
        return Problems.of(
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
        return Problems.of(
                HttpStatus.PRECONDITION_FAILED,
                "Changed somewhere else",
                "This was changed in another window since you opened it. Load the newer one; your own change is still on the screen until then.",
                List.of());
    }

    /** @throws Exception the failure itself, where the answer has begun already: then the server breaks it off, for a problem inside it would pass for an answer */
    @ExceptionHandler
    ProblemDetail unexpected(Exception failure, HttpServletResponse response) throws Exception {
        if (response.isCommitted()) {
            throw failure;
        }
        LOG.error("A request failed unexpectedly", failure);
        return Problems.of(
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
            return Problems.of(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "Too large",
                    "A routine file has at most a million letters and thirty levels. Send a smaller one.",
                    List.of());
        }
        if (cause instanceof UnrecognizedPropertyException unknown) {
            return Problems.of(
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
            return Problems.of(
                    HttpStatus.BAD_REQUEST,
                    "Wrong kind of value",
                    "A field has a value of the wrong kind.",
                    List.of(new Problem(
                            field(wrong),
                            "not shown",
                            "the value is of another kind than this field takes",
                            "See the schema of the routine file")));
        }
        return Problems.of(
                HttpStatus.BAD_REQUEST, "Not JSON", "This is not valid JSON. Send a whole routine file.", List.of());
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
        return field.toString().isBlank() ? "a field without a name" : field.toString();
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem> problems = invalid.getBindingResult().getFieldErrors().stream()
                .map(ProblemAnswers::fieldProblem)
                .toList();
        return fields(invalid, problems, request);
    }

    private static Problem fieldProblem(FieldError error) {
        return new Problem(
                error.getField(),
                String.valueOf(error.getRejectedValue()),
                String.valueOf(error.getDefaultMessage()),
                cure(error));
    }

    private static String cure(MessageSourceResolvable error) {
        String[] codes = Objects.requireNonNullElse(error.getCodes(), new String[] {""});
        String rule = codes[codes.length - 1];
        boolean bound = rule.equals(Min.class.getSimpleName()) || rule.equals(Max.class.getSimpleName());
        return bound ? "Choose a number within the bounds" : "Change it and send it again";
    }

    /** What stands in the address and is not as it must be. */
    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Problem> problems = invalid.getParameterValidationResults().stream()
                .flatMap(result -> result.getResolvableErrors().stream()
                        .map(error -> new Problem(
                                result.getMethodParameter().getParameterName(),
                                String.valueOf(result.getArgument()),
                                String.valueOf(error.getDefaultMessage()),
                                cure(error))))
                .toList();
        return fields(invalid, problems, request);
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException missing,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        Problem problem = new Problem(missing.getParameterName(), "missing", "it is needed", "Add it to the address");
        return fields(missing, List.of(problem), request);
    }

    /** What stands behind the question mark is no text in UTF-8. */
    @ExceptionHandler
    ProblemDetail noText(InvalidParameterException unreadable) {
        return Problems.of(
                HttpStatus.BAD_REQUEST,
                "Not understood",
                "There is something in this address that is no text in UTF-8. Write it again.",
                List.of());
    }

    @ExceptionHandler
    ResponseEntity<Object> wrongAddress(MethodArgumentTypeMismatchException mismatch, WebRequest request) {
        if (mismatch.getParameter().hasParameterAnnotation(PathVariable.class)) {
            return handleExceptionInternal(
                    mismatch, NotThere.PROBLEM, new HttpHeaders(), HttpStatus.NOT_FOUND, request);
        }
        Class<?> type = mismatch.getRequiredType();
        String rule = type != null && type.isEnum()
                ? "one of "
                        + Stream.of(type.getEnumConstants())
                                .map(String::valueOf)
                                .collect(Collectors.joining(", "))
                : UUID.class.equals(type) ? "a UUID, such as 0f8fad5b-d9cb-469f-a165-70867728950e" : "a number";
        Problem problem = new Problem(
                mismatch.getName(),
                String.valueOf(mismatch.getValue()),
                "it must be " + rule,
                "Change it and send it again");
        return fields(mismatch, List.of(problem), request);
    }

    private ResponseEntity<Object> fields(Exception invalid, List<Problem> problems, WebRequest request) {
        ProblemDetail problem = Problems.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Some fields are not as they must be",
                problems.stream().map(Problem::sentence).collect(Collectors.joining(" ")),
                problems);
        return handleExceptionInternal(invalid, problem, new HttpHeaders(), HttpStatus.UNPROCESSABLE_CONTENT, request);
    }

    /** Whoever asked has left: there is nobody to answer. */
    @Override
    protected ResponseEntity<Object> handleAsyncRequestNotUsableException(
            AsyncRequestNotUsableException gone, WebRequest request) {
        return null;
    }

    /** Refusals by the framework, such as of a method that is not there, in words for people. */
    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception failure, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Object problem = body;
        if (failure instanceof ErrorResponse && (body == null || body == ((ErrorResponse) failure).getBody())) {
            problem = status.value() == HttpStatus.NOT_FOUND.value()
                    ? NotThere.PROBLEM
                    : Problems.of(
                            HttpStatus.valueOf(status.value()),
                            "Not done here",
                            "This cannot be asked in this way at this address. See docs/api.md for what can.",
                            List.of());
        }
        return super.handleExceptionInternal(failure, problem, headers, status, request);
    }
}
