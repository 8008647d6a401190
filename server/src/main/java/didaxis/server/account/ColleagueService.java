package didaxis.server.account;

import didaxis.server.account.Invitations.Invitation;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** How a school gets its second teacher, and all that follow: one invites another by a code that works once. */
@Service
class ColleagueService {
    private static final Duration LASTS = Duration.ofDays(7);

    /** A code to be passed on, shown this once. */
    record NewInvitation(long id, String code, Instant endsAt) {}

    record Acceptance(String code, String username, String displayName, String password) {}

    private final Invitations invitations;
    private final Accounts accounts;
    private final Passwords passwords;
    private final SignInThrottle throttle;
    private final Transactions transactions;

    ColleagueService(
            Invitations invitations,
            Accounts accounts,
            Passwords passwords,
            SignInThrottle throttle,
            Transactions transactions) {
        this.invitations = invitations;
        this.accounts = accounts;
        this.passwords = passwords;
        this.throttle = throttle;
        this.transactions = transactions;
    }

    NewInvitation invite(long teacher) {
        String code = passwords.made();
        Invitation made = transactions.write(() -> invitations.add(teacher, digest(code), LASTS));
        return new NewInvitation(made.id(), code, made.endsAt());
    }

    List<Invitation> open(long teacher) {
        return transactions.read(() -> invitations.open(teacher));
    }

    void revoke(long id, long teacher) {
        transactions.write(() -> invitations.revoke(id, teacher));
    }

    /**
     * Makes a teacher's account from an invitation.
     *
     * @throws Problem if the code is none, or was used, or its time is over; guessing is slowed down
     */
    void accept(Acceptance acceptance, HttpServletRequest request) {
        Accounts.checkUsername(acceptance.username());
        String name = Accounts.checkedDisplayName(acceptance.displayName());
        passwords.check(acceptance.password());
        // No sign-in name has a space in it.
        Duration wait = throttle.enter("an invitation", request.getRemoteAddr());
        if (!wait.isZero()) {
            throw Problem.of(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many wrong codes. Try again in " + (wait.toSeconds() + 1) + " seconds.");
        }
        String digest = digest(acceptance.code() == null ? "" : acceptance.code());
        if (transactions.read(() -> invitations.usable(digest)).isEmpty()) throw noSuchCode();
        String hash = passwords.hash(acceptance.password());
        transactions.write(() -> {
            long invitation = invitations.usable(digest).orElseThrow(ColleagueService::noSuchCode);
            SignedIn account = accounts.create(acceptance.username(), name, Role.TEACHER, hash);
            if (!invitations.use(invitation, account.id())) throw noSuchCode();
        });
        throttle.succeeded("an invitation", request.getRemoteAddr());
    }

    private static Problem noSuchCode() {
        return Problem.of(
                        HttpStatus.FORBIDDEN,
                        "This code cannot be used: it was mistyped, used before, or is older than a week. Ask your"
                                + " colleague for another.")
                .with("field", "code");
    }

    /** As it is typed matters not: in capitals, with or without dashes. */
    private static String digest(String code) {
        String plain = code.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(plain.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
