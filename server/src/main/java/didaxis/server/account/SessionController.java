package didaxis.server.account;

import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and the first visit to an empty school. */
@RestController
class SessionController {
    private static final String NAME = "[A-Za-z0-9._-]{2,40}";
    private static final int SHORTEST_PASSWORD = 8;
    /** What bcrypt looks at. */
    private static final int LONGEST_PASSWORD = 72;

    record Credentials(String username, String password) {}

    record FirstTeacher(String username, String displayName, String password) {}

    /** Who is signed in; all three are null when nobody is, and {@code empty} tells that there is no account at all yet. */
    record SessionView(
            @Schema(types = {"string", "null"}) String username,
            @Schema(types = {"string", "null"}) String displayName,

            @Schema(
                    types = {"string", "null"},
                    allowableValues = {"teacher", "learner"})
            String role,

            boolean empty) {
        static SessionView of(SignedIn person) {
            return new SessionView(
                    person.username(), person.displayName(), person.role().word(), false);
        }
    }

    private final Accounts accounts;
    private final SignInThrottle throttle;
    private final SecurityContextRepository contexts;

    SessionController(Accounts accounts, SignInThrottle throttle, SecurityContextRepository contexts) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.contexts = contexts;
    }

    @GetMapping("/api/session")
    SessionView session(@AuthenticationPrincipal SignedIn me) {
        return me == null ? new SessionView(null, null, null, accounts.none()) : SessionView.of(me);
    }

    @PostMapping("/api/session")
    SessionView signIn(@RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        if (credentials.username() == null || credentials.password() == null) {
            throw Problem.badRequest("A sign-in name and a password are needed.");
        }
        String username = credentials.username().strip();
        Duration wait = throttle.wait(username);
        if (!wait.isZero()) {
            long seconds = wait.toSeconds() + 1;
            response.setHeader("Retry-After", String.valueOf(seconds));
            throw Problem.of(
                    HttpStatus.TOO_MANY_REQUESTS, "Too many wrong passwords. Try again in " + seconds + " seconds.");
        }
        SignedIn person = accounts.withPassword(username, credentials.password())
                .orElseThrow(() -> {
                    throttle.failed(username);
                    return Problem.of(
                            HttpStatus.UNAUTHORIZED, "This sign-in name and password do not belong together.");
                });
        throttle.succeeded(username);
        return begin(person, request, response);
    }

    @PostMapping("/api/first-teacher")
    SessionView firstTeacher(
            @RequestBody FirstTeacher teacher, HttpServletRequest request, HttpServletResponse response) {
        if (!accounts.none())
            throw Problem.of(HttpStatus.CONFLICT, "This school has its first teacher already: sign in.");
        if (teacher.username() == null || !teacher.username().matches(NAME)) {
            throw Problem.badRequest("A sign-in name is 2 to 40 letters, digits, dots, dashes or underscores.");
        }
        if (teacher.displayName() == null
                || teacher.displayName().isBlank()
                || teacher.displayName().length() > 80) {
            throw Problem.badRequest("A name to show is needed, of at most 80 characters.");
        }
        int length = teacher.password() == null ? 0 : teacher.password().length();
        if (length < SHORTEST_PASSWORD || length > LONGEST_PASSWORD) {
            throw Problem.badRequest(
                    "A password is " + SHORTEST_PASSWORD + " to " + LONGEST_PASSWORD + " characters long.");
        }
        return begin(
                accounts.create(teacher.username(), teacher.displayName().strip(), Role.TEACHER, teacher.password()),
                request,
                response);
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) session.invalidate();
        SecurityContextHolder.clearContext();
    }

    private SessionView begin(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        Authentication authentication = UsernamePasswordAuthenticationToken.authenticated(
                person,
                null,
                List.of(new SimpleGrantedAuthority("ROLE_" + person.role().name())));
        request.getSession(true);
        new ChangeSessionIdAuthenticationStrategy().onAuthentication(authentication, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return SessionView.of(person);
    }
}
