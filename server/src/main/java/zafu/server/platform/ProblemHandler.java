package zafu.server.platform;

import static zafu.server.platform.Words.inWords;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.apache.catalina.connector.ClientAbortException;
import org.hibernate.exception.ConstraintViolationException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.exc.StreamConstraintsException;

/** The one place where refusals become HTTP. What a person did wrong and what we did wrong sound different. */
@RestControllerAdvice
class ProblemHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemHandler.class);
    private final Page page;

    ProblemHandler(Page page) {
        this.page = page;
    }

    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        ProblemDetail problem = problem(refusal.status(), refusal.code(), refusal.getMessage());
        if (!refusal.fields().isEmpty()) {
            problem.setProperty("fields", refusal.fields());
        }
        if (!refusal.effort().isEmpty()) {
            problem.setProperty("effort", refusal.effort());
        }
        return problem;
    }

    @ExceptionHandler
    ProblemDetail lostRace(OptimisticLockingFailureException race) {
        return problem(HttpStatus.CONFLICT, "changed-meanwhile", inWords("everyone.somebody-else-changed-this-a"));
    }

    /** Two did the same at the same moment, and the database let one of them. */
    @ExceptionHandler
    ProblemDetail twin(DataIntegrityViolationException refused, HttpServletRequest request) {
        boolean unique = refused.getCause() instanceof ConstraintViolationException why
                && why.getKind() == ConstraintViolationException.ConstraintKind.UNIQUE;
        return unique
                ? problem(HttpStatus.CONFLICT, "changed-meanwhile", inWords("everyone.somebody-else-changed-this-a"))
                : bug(refused, request);
    }

    /** An address with something in it that is no id leads nowhere; a question with such a thing cannot be read. */
    @ExceptionHandler
    ProblemDetail senseless(MethodArgumentTypeMismatchException senseless) {
        return senseless.getParameter().hasParameterAnnotation(PathVariable.class)
                ? problem(HttpStatus.NOT_FOUND, "http-404", inWords("everyone.there-is-nothing-at-this-address"))
                : problem(
                        HttpStatus.BAD_REQUEST,
                        "unreadable",
                        inWords("everyone.is-not-of-the-shape-asked-for", "name", senseless.getName()));
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException invalid) {
        List<Refusal.FieldFault> faults = invalid.getFieldErrors().stream()
                .map(error -> new Refusal.FieldFault(
                        error.getField(),
                        inWords("everyone.field-fault", "field", error.getField(), "fault", error.getDefaultMessage())))
                .toList();
        String sentence = faults.isEmpty()
                ? inWords("everyone.something-in-this-request-is")
                : inWords("everyone.sentence", "said", faults.get(0).sentence());
        ProblemDetail problem = problem(HttpStatus.UNPROCESSABLE_CONTENT, "invalid-field", sentence);
        problem.setProperty("fields", faults);
        return problem;
    }

    @ExceptionHandler
    ProblemDetail invalid(jakarta.validation.ConstraintViolationException invalid) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, "invalid-field", invalid.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        if (unreadable.getMostSpecificCause() instanceof StreamConstraintsException) {
            return problem(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "body-too-large",
                    inWords("everyone.this-is-more-than-zafu-reads-at"));
        }
        return problem(HttpStatus.BAD_REQUEST, "unreadable", inWords("everyone.the-request-could-not-be-read-it"));
    }

    @ExceptionHandler
    ProblemDetail tooLarge(MaxUploadSizeExceededException tooLarge) {
        return problem(
                HttpStatus.CONTENT_TOO_LARGE, "file-too-large", inWords("everyone.the-file-is-over-mb-more-than-zafu"));
    }

    /** Whoever asked has closed the page in the middle of the answer. */
    @ExceptionHandler
    void left(ClientAbortException left) {
        LOG.debug("somebody left in the middle of an answer", left);
    }

    /** A listener closed its window; there is nobody left to answer. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException gone) {
        LOG.debug("a listener is gone", gone);
    }

    /** A person who came to an address where nothing is sees a page, not the words of programs. */
    @ExceptionHandler
    ResponseEntity<?> nothingThere(NoResourceFoundException nothing, HttpServletRequest request) {
        String accepted = request.getHeader(HttpHeaders.ACCEPT);
        boolean byPerson = accepted != null && accepted.contains(MediaType.TEXT_HTML_VALUE);
        if (byPerson && !request.getRequestURI().startsWith("/api/")) {
            return page.as(HttpStatus.NOT_FOUND);
        }
        return ResponseEntity.status(HttpStatus.NOT_FOUND)
                .body(problem(HttpStatus.NOT_FOUND, "http-404", inWords("everyone.there-is-nothing-at-this-address")));
    }

    @ExceptionHandler
    ProblemDetail bug(Exception exception, HttpServletRequest request) {
        if (exception instanceof ErrorResponse known) {
            ProblemDetail body = known.getBody();
            body.setProperty("code", "http-" + known.getStatusCode().value());
            return body;
        }
        LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), exception);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR, "our-mistake", inWords("everyone.something-went-wrong-on-our-side"));
    }

    private static ProblemDetail problem(HttpStatus status, String code, String sentence) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
        problem.setProperty("code", code);
        return problem;
    }
}
