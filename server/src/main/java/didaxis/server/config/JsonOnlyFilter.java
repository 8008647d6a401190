package didaxis.server.config;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies that do not say they are JSON before anybody tries to read them as a form or as anything. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class JsonOnlyFilter extends OncePerRequestFilter {
    private final Problems problems;

    JsonOnlyFilter(Problems problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean hasBody = request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
        if (hasBody && !isJson(request.getContentType())) {
            problems.write(response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The request must be JSON (application/json).");
            return;
        }
        chain.doFilter(request, response);
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
}
