package didaxis.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The code that whoever started an empty school passes on to its first teacher: told at the terminal only, so that who
 * reaches the address first does not own the school.
 */
@Component
public class SetUpCode {
    private final String code;
    private final Accounts accounts;

    /**
     * @param chosen a code set beforehand; empty for one made up at every start
     */
    SetUpCode(@Value("${didaxis.setup-code:}") String chosen, Passwords passwords, Accounts accounts) {
        this.code = chosen.isBlank() ? passwords.made() : chosen.strip();
        this.accounts = accounts;
    }

    /** The code, as long as nobody has an account. */
    public Optional<String> needed() {
        return accounts.none() ? Optional.of(code) : Optional.empty();
    }

    boolean is(String typed) {
        return typed != null
                && MessageDigest.isEqual(
                        typed.strip().getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
    }
}
