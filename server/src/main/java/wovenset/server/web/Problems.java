package wovenset.server.web;

import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import tools.jackson.databind.DatabindException;
import wovenset.core.edit.EditRefusedException;
import wovenset.core.measure.LengthSumException;
import wovenset.core.output.MakeRefusedException;
import wovenset.core.paint.PhotoRasters;
import wovenset.core.said.UnfitValueException;
import wovenset.server.said.Words;

/** The one place where exceptions become problem documents: what happened in words, and which field it is about. Before the framework's own advice. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
public class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail refused(EditRefusedException e) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, Words.of(e.said()), e.field());
        problem.setProperty("code", e.said().code());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail unfit(UnfitValueException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, Words.of(e.said()), null);
    }

    @ExceptionHandler
    ProblemDetail refused(MakeRefusedException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, Words.of(e.said()), null);
    }

    @ExceptionHandler
    ProblemDetail missing(PhotoRasters.MissingPhotoException e) {
        LOG.warn("A photo's file is missing or damaged", e);
        return problem(HttpStatus.NOT_FOUND, Words.of(e.said()), null);
    }

    @ExceptionHandler
    ProblemDetail noLength(LengthSumException e) {
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, Words.of(e.said()), "text");
        problem.setProperty("position", e.position());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail missing(RequiredFields.MissingFieldException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage(), e.field());
    }

    @ExceptionHandler
    ProblemDetail unfit(UnfitRequestException e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, String.valueOf(e.getMessage()), null);
    }

    @ExceptionHandler
    ProblemDetail notFound(NotFoundException e) {
        return problem(HttpStatus.NOT_FOUND, e.getMessage(), null);
    }

    @ExceptionHandler
    ProblemDetail mistyped(MethodArgumentTypeMismatchException e) {
        return problem(HttpStatus.BAD_REQUEST, "“" + e.getName() + "” does not have the right form.", e.getName());
    }

    @ExceptionHandler
    ProblemDetail tooLarge(MaxUploadSizeExceededException e) {
        return problem(
                HttpStatus.CONTENT_TOO_LARGE, "One upload can have at most 1 GB; bring the photos in parts.", null);
    }

    @ExceptionHandler
    ProblemDetail uploadCut(MultipartException e) {
        LOG.warn("An upload was not read", e);
        return problem(
                HttpStatus.BAD_REQUEST,
                "The upload could not be read to its end: it was cut off, or the disk is full. Nothing of it was taken.",
                null);
    }

    /** A record's own check speaks plainly; anything else in a body is only said to be unreadable. */
    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException e) {
        if (e.getCause() instanceof DatabindException databind) {
            String field = databind.getPath().isEmpty()
                    ? null
                    : databind.getPath().get(databind.getPath().size() - 1).getPropertyName();
            if (unfit(databind) instanceof UnfitValueException own) {
                return problem(HttpStatus.UNPROCESSABLE_CONTENT, Words.of(own.said()), field);
            }
            if (databind.getCause() instanceof UnfitRequestException own) {
                return problem(HttpStatus.UNPROCESSABLE_CONTENT, own.getMessage(), field);
            }
            LOG.debug("A body was not read", e);
            return problem(
                    HttpStatus.BAD_REQUEST,
                    field == null
                            ? "The request's body is not readable."
                            : "“" + field + "” does not have the right form.",
                    field);
        }
        return problem(HttpStatus.BAD_REQUEST, "The request's body is not readable JSON.", null);
    }

    private static @Nullable Throwable unfit(Throwable thrown) {
        Throwable cause = thrown;
        while (cause != null && !(cause instanceof UnfitValueException)) {
            cause = cause.getCause();
        }
        return cause;
    }

    public static ProblemDetail problem(HttpStatus status, @Nullable String detail, @Nullable String field) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        if (field != null) {
            problem.setProperty("field", field);
        }
        return problem;
    }
}
