package didaxis.server.config;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.databind.json.JsonMapper;

/** Turns whatever goes wrong into a problem with a human sentence. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private static final Map<HttpStatus, String> SENTENCES = Map.of(
            HttpStatus.BAD_REQUEST,
                    "The request could not be read: a JSON object with the fields of this address is expected.",
            HttpStatus.NOT_FOUND, "There is nothing at this address.",
            HttpStatus.METHOD_NOT_ALLOWED, "This address does not do that.",
            HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The request must be JSON (application/json).",
            HttpStatus.NOT_ACCEPTABLE, "The answer would be JSON (application/json).",
            HttpStatus.CONTENT_TOO_LARGE, "The request is too long.");

    private final JsonMapper json;

    Problems(JsonMapper json) {
        this.json = json;
    }

    @ExceptionHandler(Problem.class)
    ResponseEntity<ProblemDetail> problem(Problem problem) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
        problem.details().forEach(detail::setProperty);
        return ResponseEntity.status(problem.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }

    @ExceptionHandler(BodyFilter.Refused.class)
    ResponseEntity<ProblemDetail> refused(BodyFilter.Refused e) {
        return problem(e.problem());
    }

    @ExceptionHandler(Exception.class)
    ResponseEntity<ProblemDetail> unexpected(Exception e) {
        if (SqliteErrors.isDiskFull(e)) {
            LOG.error("nothing can be written: {}", e.getMessage());
            return problem(Problem.of(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "There is no room left to keep this: the disk of this school is full. What was kept before is safe;"
                            + " please tell who looks after the machine."));
        }
        LOG.error("unexpected", e);
        return problem(Problem.of(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong on our side; nothing that was kept is lost. Please try again."));
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception e, Object body, HttpHeaders headers, HttpStatusCode code, WebRequest request) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyFilter.Refused refused) return retold(refused);
        }
        HttpStatus status = HttpStatus.valueOf(code.value());
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, sentence(status));
        return ResponseEntity.status(status)
                .headers(headers)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }

    private ResponseEntity<Object> retold(BodyFilter.Refused refused) {
        Problem problem = refused.problem();
        return ResponseEntity.status(problem.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage()));
    }

    /** What is said where nothing more is known than the status. */
    static String sentence(HttpStatus status) {
        return SENTENCES.getOrDefault(status, status.getReasonPhrase() + ".");
    }

    /** Writes a problem where no controller is reached. */
    void write(HttpServletResponse response, Problem problem) throws IOException {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("type", "about:blank");
        body.put("title", problem.status().getReasonPhrase());
        body.put("status", problem.status().value());
        body.put("detail", problem.getMessage());
        body.putAll(problem.details());
        response.setStatus(problem.status().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter().write(json.writeValueAsString(body));
    }
}
