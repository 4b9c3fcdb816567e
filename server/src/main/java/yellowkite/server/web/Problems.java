package yellowkite.server.web;

import java.io.IOException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ClassPathResource;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import yellowkite.core.archive.FormatException;

/** Turns whatever goes wrong into problem details (RFC 9457) whose {@code detail} is a sentence. */
@RestControllerAdvice
final class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private static final ClassPathResource PAGE = new ClassPathResource("static/index.html");
    /** Class of SQLSTATE for what is wrong with a connection. */
    private static final String CONNECTION = "08";
    /** Ids are plain letters; what is asked for by others cannot even be compared with them. Source: MariaDB, error 1267. */
    private static final int OTHER_LETTERS = 1267;
    private static final String BUSY = "Many are working at once just now. Nothing that was accepted is lost; it is tried again by itself.";
    private static final String NO_DATABASE = "The database does not answer just now. Nothing that was accepted is lost; it is tried again by itself.";

    /** Whoever asked has gone: there is nobody to tell. */
    @ExceptionHandler(ClientAbortException.class)
    void gone() {}

    @ExceptionHandler
    ProblemDetail refusal(Refusal refusal) {
        var problem = ProblemDetail.forStatusAndDetail(refusal.status(), refusal.getMessage());
        refusal.facts().forEach(problem::setProperty);
        return problem;
    }

    /** A body that broke off, or whose parts cannot be told apart. */
    @ExceptionHandler(MultipartException.class)
    ProblemDetail broken(MultipartException cut) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The files did not arrive whole; send them again.");
    }

    @ExceptionHandler
    ProblemDetail format(FormatException refused) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, refused.sentence("The file"));
    }

    @ExceptionHandler({CannotGetJdbcConnectionException.class, DataAccessResourceFailureException.class,
            RecoverableDataAccessException.class, TransactionException.class})
    ProblemDetail noDatabase(Exception gone) {
        for (Throwable cause = gone; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLTransientConnectionException waited && waited.getCause() == null) { // all connections were in use
                return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, BUSY);
            }
        }
        return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, NO_DATABASE);
    }

    @ExceptionHandler
    ProblemDetail database(DataAccessException failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLNonTransientConnectionException || cause instanceof SQLTransientConnectionException
                    || cause instanceof IOException || isClosed(cause)) {
                return noDatabase(failed);
            }
        }
        return unexpected(failed);
    }

    /** A connection that ended under a request is told by the driver as if the request were wrong. */
    private static boolean isClosed(Throwable cause) {
        return cause instanceof SQLException failed && (failed.getSQLState() != null && failed.getSQLState().startsWith(CONNECTION)
                || String.valueOf(failed.getMessage()).contains("closed connection"));
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException other && other.getErrorCode() == OTHER_LETTERS) {
                return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND,
                        "No id holds such letters, so there is nothing by that name.");
            }
        }
        LOG.error("Request {} failed", RequestLog.number(), failed);
        return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong in Yellow Kite itself; nothing was changed. The server's log says more, under " + RequestLog.number()
                        + ".");
    }

    /** A page that was left while it was answered is nobody's mistake. */
    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotWritable(HttpMessageNotWritableException unwritten, HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        for (Throwable cause = unwritten; cause != null; cause = cause.getCause()) {
            if (cause instanceof IOException) {
                return null;
            }
        }
        return super.handleHttpMessageNotWritable(unwritten, headers, status, request);
    }

    /** Whoever opens an address that leads nowhere gets the page, which says so; a program gets a problem. */
    @Override
    protected @Nullable ResponseEntity<Object> handleNoResourceFoundException(NoResourceFoundException nowhere, HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        var accepted = request.getHeader(HttpHeaders.ACCEPT);
        boolean isRead = accepted != null && accepted.contains(MediaType.TEXT_HTML_VALUE) && nowhere.getHttpMethod() == HttpMethod.GET;
        return isRead && !nowhere.getResourcePath().startsWith("api/") && PAGE.exists()
                ? ResponseEntity.status(status).contentType(MediaType.TEXT_HTML).body(PAGE)
                : super.handleNoResourceFoundException(nowhere, headers, status, request);
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(Exception exception, @Nullable Object body, HttpHeaders headers,
            HttpStatusCode status, WebRequest request) {
        for (Throwable cause = exception; cause != null; cause = cause.getCause()) {
            if (cause instanceof Doorkeeper.TooLong) {
                return super.handleExceptionInternal(exception,
                        ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, "That is more than can be imported at once."),
                        headers, HttpStatus.CONTENT_TOO_LARGE, request);
            }
        }
        var sentence = switch (status.value()) {
            case 404 -> "There is nothing at this address.";
            case 405 -> "This address cannot be used in that way.";
            case 413 -> "That is more than can be imported at once; send the files in smaller groups.";
            case 415 -> "The request is not in a form that this address reads.";
            case 503 -> NO_DATABASE;
            default -> status.is4xxClientError()
                    ? "The request is not complete or holds a value of the wrong kind."
                    : "Something went wrong in Yellow Kite itself; nothing was changed.";
        };
        return super.handleExceptionInternal(exception, ProblemDetail.forStatusAndDetail(status, sentence), headers, status, request);
    }
}
