package craftypocket.app.folder;

import craftypocket.app.http.Problems;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.UncategorizedDataAccessException;
import org.springframework.http.ProblemDetail;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Answers when the database fails: mostly because the disk is full. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class DataFailures {

    private final FolderState folder;

    DataFailures(FolderState folder) {
        this.folder = folder;
    }

    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        UncategorizedDataAccessException.class,
        TransactionException.class
    })
    ProblemDetail failed(Exception failure) {
        return Problems.of(folder.afterFailure(failure));
    }
}
