package morphotera.app.api;

import java.io.IOException;
import java.util.List;
import morphotera.ground.Figure;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.HttpMediaTypeException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;

/** Every fault as a problem with words; a stack trace never leaves the house. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ResponseEntity<Problem> refused(Refused refused) {
        return answer(
                Problem.refused(422, "Nothing was saved. Each finding says where and what to do.", refused.refusals()));
    }

    /** A figure that cannot be read, or can be read two ways. */
    @ExceptionHandler
    ResponseEntity<Problem> unread(Figure.Unread fault) {
        return answer(new Problem(
                "about:blank",
                "Not a figure",
                422,
                "refused",
                fault.getMessage(),
                List.of(fault.refusal()),
                null,
                fault.offers().isEmpty() ? null : fault.offers()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> notFound(NotFound fault) {
        return answer(Problem.of(404, "not-here", "Not here", fault.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> noSuchPath(NoResourceFoundException fault) {
        return answer(Problem.of(404, "not-here", "Not here", "There is nothing at this address."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> stale(Stale fault) {
        return answer(new Problem(
                "about:blank",
                "Changed meanwhile",
                409,
                "stale",
                fault.getMessage(),
                List.of(),
                fault.current(),
                null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> wait(Wait fault) {
        return later(429, fault.seconds(), "wait", "Too many tries", fault.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<Problem> notTaken(NotTaken fault) {
        return answer(new Problem(
                "about:blank",
                "This file cannot be taken",
                fault.status(),
                fault.code(),
                fault.getMessage(),
                List.of(new Refusal("", fault.code(), fault.getMessage())),
                null,
                null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> forbidden(Forbidden fault) {
        return answer(Problem.of(403, "forbidden", "Not allowed", fault.getMessage()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> notJson(HttpMessageNotReadableException fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof TooLarge large) {
                return answer(Problem.of(413, "too-large", "Too large", large.getMessage()));
            }
        }
        return answer(Problem.of(
                400,
                "not-readable",
                "Not readable",
                "The body is not JSON that can be read here, or is nested more than 30 deep."));
    }

    /** Thrown while a body is looked at, before it is bound. */
    @ExceptionHandler
    ResponseEntity<Problem> notJson(JacksonException fault) {
        return notJson(new HttpMessageNotReadableException("not JSON", fault, null));
    }

    @ExceptionHandler
    ResponseEntity<Problem> wrongParameter(MethodArgumentTypeMismatchException fault) {
        return answer(Problem.refused(
                fault.getName().equals("id") ? 404 : 422,
                "'" + fault.getValue() + "' is not a " + fault.getName() + ".",
                List.of(new Refusal(
                        "/" + fault.getName(), "wrong-type", "This is not read as a " + fault.getName() + "."))));
    }

    @ExceptionHandler
    ResponseEntity<Problem> missingParameter(MissingServletRequestParameterException fault) {
        return answer(Problem.refused(
                422,
                "'" + fault.getParameterName() + "' is needed in the address.",
                List.of(new Refusal("/" + fault.getParameterName(), "missing", "This is needed."))));
    }

    @ExceptionHandler
    ResponseEntity<Problem> wrongVerb(HttpRequestMethodNotSupportedException fault) {
        return answer(
                Problem.of(405, "not-done-here", "Not done here", fault.getMethod() + " is not done at this address."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> wrongMedia(HttpMediaTypeException fault) {
        return answer(Problem.of(415, "not-readable", "Not readable", "Send and ask for application/json."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> twice(DuplicateKeyException fault) {
        return answer(Problem.of(
                409, "already-there", "Already there", "Somebody saved the same thing at this moment. Load again."));
    }

    /** What only the database can refuse will be refused again: it is said, and not tried for ever. */
    @ExceptionHandler
    ResponseEntity<Problem> notStorable(DataIntegrityViolationException fault) {
        LOG.error("the database refused what was checked", fault);
        return answer(Problem.refused(
                422, "The data file cannot hold this. What you typed is kept on this device.", List.of()));
    }

    /** Others save at this moment; the next try comes after them. */
    @ExceptionHandler
    ResponseEntity<Problem> busy(ConcurrencyFailureException fault) {
        return later(429, 1, "wait", "Others are saving", "Others save the same visit just now; it is tried again.");
    }

    /** A full disk, a lost or locked file: not the fault of what was sent, and worth trying again. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<Problem> noStorage(RuntimeException fault) {
        LOG.error("storage failed", fault);
        return later(
                503,
                5,
                "no-storage",
                "Cannot save just now",
                "The data file cannot be reached: the disk may be full or gone. What you typed is kept on this device; try again.");
    }

    /** Who asked went away before the answer was out, a phone out of reach: nobody's fault, and nobody left to tell. */
    @ExceptionHandler
    @Nullable
    ResponseEntity<Problem> unheard(HttpMessageNotWritableException fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof IOException && !(cause instanceof JacksonException)) {
                LOG.debug("the answer was not waited for", fault);
                return null;
            }
        }
        return ourFault(fault);
    }

    /** The same of somebody who listened to a stream. */
    @ExceptionHandler
    @Nullable
    ResponseEntity<Problem> unheard(AsyncRequestNotUsableException fault) {
        LOG.debug("the stream was not listened to any more", fault);
        return null;
    }

    /** And of somebody who had a picture sent. */
    @ExceptionHandler
    @Nullable
    ResponseEntity<Problem> unheard(ClientAbortException fault) {
        LOG.debug("the picture was not waited for", fault);
        return null;
    }

    @ExceptionHandler
    ResponseEntity<Problem> ourFault(Exception fault) {
        LOG.error("unexpected", fault);
        return answer(Problem.of(
                500, "our-fault", "Our fault", "Something went wrong here. What you typed is kept on this device."));
    }

    private static ResponseEntity<Problem> later(int status, long seconds, String code, String title, String detail) {
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
                .body(Problem.of(status, code, title, detail));
    }

    private static ResponseEntity<Problem> answer(Problem problem) {
        return ResponseEntity.status(problem.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
