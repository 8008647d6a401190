package didaxis.server.config;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpStatus;

/** An answer that is not the one hoped for: a status, a sentence for a person, and details for a program (RFC 9457). */
public final class Problem extends RuntimeException {
    private final HttpStatus status;
    private final transient Map<String, Object> details = new LinkedHashMap<>();

    private Problem(HttpStatus status, String sentence) {
        super(sentence, null, false, false);
        this.status = status;
    }

    public static Problem of(HttpStatus status, String sentence) {
        return new Problem(status, sentence);
    }

    /** The request cannot be understood. */
    public static Problem badRequest(String sentence) {
        return of(HttpStatus.BAD_REQUEST, sentence);
    }

    /** There is no such thing, or it is not theirs: from outside the two look alike. */
    public static Problem notFound(String thing) {
        return of(HttpStatus.NOT_FOUND, "There is no such " + thing + ".");
    }

    /** Adds a detail for a program. */
    public Problem with(String name, Object value) {
        details.put(name, value);
        return this;
    }

    HttpStatus status() {
        return status;
    }

    Map<String, Object> details() {
        return details;
    }
}
