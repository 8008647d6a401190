package didaxis.server.account;

import java.io.Serializable;
import org.springframework.security.core.AuthenticatedPrincipal;

/** The person behind a request; kept in the session. */
public record SignedIn(long id, String username, String displayName, Role role)
        implements AuthenticatedPrincipal, Serializable {
    @Override
    public String getName() {
        return username;
    }
}
