package didaxis.server.account;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and the first visit to an empty school. */
@RestController
class SessionController {
    record Credentials(String username, String password) {}

    record FirstTeacher(String code, String username, String displayName, String password) {}

    /** The password there is now, and the next. */
    record NewPassword(String now, String next) {}

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

    private final SessionService sessions;

    SessionController(SessionService sessions) {
        this.sessions = sessions;
    }

    @GetMapping("/api/session")
    SessionView session(@AuthenticationPrincipal SignedIn me) {
        return me == null ? new SessionView(null, null, null, sessions.emptySchool()) : SessionView.of(me);
    }

    @PostMapping("/api/session")
    SessionView signIn(@RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        return SessionView.of(sessions.signIn(credentials, request, response));
    }

    @PostMapping("/api/first-teacher")
    SessionView firstTeacher(
            @RequestBody FirstTeacher teacher, HttpServletRequest request, HttpServletResponse response) {
        return SessionView.of(sessions.firstTeacher(teacher, request, response));
    }

    /** Changes the own password. */
    @PutMapping("/api/session/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @RequestBody NewPassword password,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            HttpServletResponse response) {
        sessions.changePassword(me, password, request, response);
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        sessions.signOut(request);
    }
}
