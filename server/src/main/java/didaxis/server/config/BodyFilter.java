package didaxis.server.config;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses bodies that do not say they are JSON before anybody tries to read them as a form or as anything; those longer
 * than any honest request, whatever length they announce; and those that take longer to come than any line needs.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class BodyFilter extends OncePerRequestFilter {
    private static final int MOST_BYTES = 128 * 1024;
    /** A school's questions and papers in one file. */
    private static final int MOST_BYTES_A_PACKAGE = 4 * 1024 * 1024;

    private static final String PACKAGES = "/api/packages";
    private static final int MOST_SECONDS = 20;

    /** The body is not taken, and this is what is said. */
    static final class Refused extends IOException {
        private final transient HttpStatus status;

        private Refused(HttpStatus status, String sentence) {
            super(sentence);
            this.status = status;
        }

        private static Refused tooLong(long most) {
            return new Refused(HttpStatus.CONTENT_TOO_LARGE, "The request is longer than " + most / 1024 + " kB.");
        }

        Problem problem() {
            return Problem.of(status, getMessage());
        }
    }

    private final Problems problems;

    BodyFilter(Problems problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean hasBody = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
        if (hasBody && !isJson(request.getContentType())) {
            problems.write(
                    response,
                    Problem.of(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The request must be JSON (application/json)."));
            return;
        }
        long most = request.getRequestURI().equals(PACKAGES) ? MOST_BYTES_A_PACKAGE : MOST_BYTES;
        if (request.getContentLengthLong() > most) {
            problems.write(response, Refused.tooLong(most).problem());
            return;
        }
        chain.doFilter(new Limited(request, most), response);
    }

    private static boolean isJson(String contentType) {
        if (contentType == null) return false;
        try {
            MediaType type = MediaType.parseMediaType(contentType);
            return type.isConcrete() && MediaType.APPLICATION_JSON.isCompatibleWith(type);
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final long most;

        Limited(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream stream = super.getInputStream();
            return new ServletInputStream() {
                private long read;
                private final long begun = System.nanoTime();

                @Override
                public int read() throws IOException {
                    int next = stream.read();
                    if (next >= 0) count(1);
                    return next;
                }

                @Override
                public int read(byte[] into, int from, int length) throws IOException {
                    int some = stream.read(into, from, length);
                    if (some > 0) count(some);
                    return some;
                }

                private void count(int bytes) throws Refused {
                    read += bytes;
                    if (read > most) throw Refused.tooLong(most);
                    // Each read has its own time-out; a byte now and then would never meet it.
                    if (System.nanoTime() - begun > TimeUnit.SECONDS.toNanos(MOST_SECONDS))
                        throw new Refused(
                                HttpStatus.REQUEST_TIMEOUT,
                                "The request took longer than " + MOST_SECONDS + " seconds to arrive.");
                }

                @Override
                public boolean isFinished() {
                    return stream.isFinished();
                }

                @Override
                public boolean isReady() {
                    return stream.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    stream.setReadListener(listener);
                }
            };
        }
    }
}
