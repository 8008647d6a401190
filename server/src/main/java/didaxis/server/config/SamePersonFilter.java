package didaxis.server.config;

import didaxis.server.account.SignedIn;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A page says for whom it speaks. All tabs of a browser share one session: where somebody else has signed in in another
 * tab, what this page still has to keep must not become theirs.
 */
final class SamePersonFilter extends OncePerRequestFilter {
    static final String HEADER = "X-Didaxis-Person";

    private final Problems problems;

    SamePersonFilter(Problems problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String meant = request.getHeader(HEADER);
        Authentication now = SecurityContextHolder.getContext().getAuthentication();
        boolean other = meant != null
                && now != null
                && now.getPrincipal() instanceof SignedIn person
                && !person.username().equalsIgnoreCase(meant);
        if (other) {
            problems.write(
                    response,
                    Problem.of(HttpStatus.UNAUTHORIZED, "Somebody else has signed in in this browser.")
                            .with("reason", "someone-else"));
        } else {
            chain.doFilter(request, response);
        }
    }
}
