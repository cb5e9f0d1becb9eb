package wovenset.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.sql.SQLException;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** What nothing else explains: still said in words, after the framework's own advice. */
@RestControllerAdvice
@Order(Ordered.LOWEST_PRECEDENCE)
public class UnforeseenProblems {
    private static final Logger LOG = LoggerFactory.getLogger(UnforeseenProblems.class);
    /** MariaDB's ER_DISK_FULL and ER_RECORD_FILE_FULL. */
    private static final Set<Integer> FULL = Set.of(1021, 1114);

    @ExceptionHandler
    ProblemDetail unforeseen(RuntimeException e, HttpServletResponse response) {
        if (response.isCommitted()) {
            // The listener at the other end of a stream has gone; there is nobody to tell.
            throw e;
        }
        LOG.error("A request failed", e);
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql) {
                return FULL.contains(sql.getErrorCode())
                        ? Problems.problem(
                                HttpStatus.INSUFFICIENT_STORAGE,
                                "The disk is full, so this was not saved. Make room and do it again.",
                                null)
                        : Problems.problem(
                                HttpStatus.SERVICE_UNAVAILABLE,
                                "The database did not take this. Nothing was changed; try again.",
                                null);
            }
        }
        return Problems.problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "The application could not do this; its log says why. What was saved is safe.",
                null);
    }
}
