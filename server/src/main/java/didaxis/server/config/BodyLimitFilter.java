package didaxis.server.config;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies longer than any honest request, whatever length they announce. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyLimitFilter extends OncePerRequestFilter {
    static final int MOST_BYTES = 128 * 1024;

    /** The body went on beyond the limit. */
    static final class TooLong extends IOException {
        TooLong() {
            super("The request is longer than " + MOST_BYTES / 1024 + " kB.");
        }
    }

    private final Problems problems;

    BodyLimitFilter(Problems problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            problems.write(response, HttpStatus.CONTENT_TOO_LARGE, new TooLong().getMessage());
            return;
        }
        chain.doFilter(new Limited(request), response);
    }

    private static final class Limited extends HttpServletRequestWrapper {
        Limited(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream stream = super.getInputStream();
            return new ServletInputStream() {
                private long read;

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

                private void count(int bytes) throws TooLong {
                    read += bytes;
                    if (read > MOST_BYTES) throw new TooLong();
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
