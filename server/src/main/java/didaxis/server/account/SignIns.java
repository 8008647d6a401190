package didaxis.server.account;

import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Who is signed in where, as far as others have a say in it. */
@Component
public class SignIns {
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final SignInThrottle throttle;

    SignIns(FindByIndexNameSessionRepository<? extends Session> sessions, SignInThrottle throttle) {
        this.sessions = sessions;
        this.throttle = throttle;
    }

    /** Signs a person out everywhere and lets them sign in anew at once, however often it was tried before. */
    public void beginAgain(String username) {
        sessions.findByPrincipalName(username).keySet().forEach(sessions::deleteById);
        throttle.renewed(username);
    }
}
