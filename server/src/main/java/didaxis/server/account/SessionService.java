package didaxis.server.account;

import didaxis.server.account.SessionController.Credentials;
import didaxis.server.account.SessionController.FirstTeacher;
import didaxis.server.account.SessionController.NewPassword;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Service;

/** Signs people in and out, and lets the first teacher into an empty school. */
@Service
class SessionService {
    private final Accounts accounts;
    private final SignInThrottle throttle;
    private final SecurityContextRepository contexts;
    private final CsrfTokenRepository tokens;
    private final Passwords passwords;
    private final SetUpCode setUpCode;
    private final SignIns signIns;
    private final Transactions transactions;

    SessionService(
            Accounts accounts,
            SignInThrottle throttle,
            SecurityContextRepository contexts,
            CsrfTokenRepository tokens,
            Passwords passwords,
            SetUpCode setUpCode,
            SignIns signIns,
            Transactions transactions) {
        this.accounts = accounts;
        this.throttle = throttle;
        this.contexts = contexts;
        this.tokens = tokens;
        this.passwords = passwords;
        this.setUpCode = setUpCode;
        this.signIns = signIns;
        this.transactions = transactions;
    }

    /** Whether nobody has an account yet. */
    boolean emptySchool() {
        return accounts.none();
    }

    SignedIn signIn(Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        if (credentials.username() == null || credentials.password() == null) {
            throw Problem.badRequest("A sign-in name and a password are needed.");
        }
        String username = credentials.username().strip();
        enter(username, "Too many wrong passwords.", request, response);
        SignedIn person = accounts.withPassword(username, credentials.password())
                .orElseThrow(() ->
                        Problem.of(HttpStatus.UNAUTHORIZED, "This sign-in name and password do not belong together."));
        throttle.succeeded(username, request.getRemoteAddr());
        return begin(person, request, response);
    }

    /** Counts a try for a name; refused while it must wait. */
    private void enter(String name, String why, HttpServletRequest request, HttpServletResponse response) {
        Duration wait = throttle.enter(name, request.getRemoteAddr());
        if (wait.isZero()) return;
        long seconds = wait.toSeconds() + 1;
        response.setHeader("Retry-After", String.valueOf(seconds));
        throw Problem.of(HttpStatus.TOO_MANY_REQUESTS, why + " Try again in " + seconds + " seconds.");
    }

    SignedIn firstTeacher(FirstTeacher teacher, HttpServletRequest request, HttpServletResponse response) {
        if (!accounts.none()) throw firstThere();
        Accounts.checkUsername(teacher.username());
        String name = Accounts.checkedDisplayName(teacher.displayName());
        passwords.check(teacher.password());
        // No sign-in name has a space in it.
        enter("set-up code", "Too many wrong codes.", request, response);
        if (!setUpCode.is(teacher.code())) {
            throw Problem.of(
                            HttpStatus.FORBIDDEN,
                            "This is not the set-up code. It stands in the terminal where Didaxis was started.")
                    .with("field", "code");
        }
        SignedIn first = accounts.createFirst(teacher.username(), name, passwords.hash(teacher.password()))
                .orElseThrow(SessionService::firstThere);
        return begin(first, request, response);
    }

    private static Problem firstThere() {
        return Problem.of(HttpStatus.CONFLICT, "This school has its first teacher already: sign in.");
    }

    /** Changes the own password; every other place where the person is signed in is signed out. */
    void changePassword(
            SignedIn me, NewPassword passwordsTyped, HttpServletRequest request, HttpServletResponse response) {
        passwords.check(passwordsTyped.next());
        enter(me.username(), "Too many wrong passwords.", request, response);
        String now = passwordsTyped.now() == null ? "" : passwordsTyped.now();
        if (accounts.withPassword(me.username(), now).isEmpty()) {
            throw Problem.of(HttpStatus.FORBIDDEN, "The password you have now is another one.")
                    .with("field", "now");
        }
        String hash = passwords.hash(passwordsTyped.next());
        transactions.write(() -> accounts.setPassword(me.id(), hash));
        signIns.beginAgain(me.username());
        // This place goes on, in a session of its own.
        signOut(request);
        begin(me, request, response);
    }

    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) session.invalidate();
        SecurityContextHolder.clearContext();
    }

    private SignedIn begin(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
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
        // A token that was planted before signing in is of no use after it.
        tokens.saveToken(tokens.generateToken(request), request, response);
        return person;
    }
}
