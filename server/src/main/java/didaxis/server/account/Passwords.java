package didaxis.server.account;

import didaxis.server.config.Problem;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Passwords: what may be one, new ones, their hashes. Hashing is slow on purpose, so few are hashed at a time. */
@Component
public class Passwords {
    private static final int SHORTEST = 8;
    /** What bcrypt looks at, in bytes. */
    private static final int MOST_BYTES = 72;

    private static final int AT_A_TIME = 2;
    private static final int LONGEST_WAIT_S = 10;
    /** Letters and digits that are not taken for each other. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final int QUICK = 5;
    private static final String QUICK_HASH = "$2a$05$";

    private final PasswordEncoder encoder;
    private final PasswordEncoder quick = new BCryptPasswordEncoder(QUICK);
    private final String slowHash;
    private final SecureRandom random = new SecureRandom();
    private final Semaphore hashing = new Semaphore(AT_A_TIME, true);

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
        this.slowHash = encoder.encode("nobody");
    }

    /** A new one to be passed on: twelve letters in threes of four, as one reads them out. */
    public String made() {
        String letters = random.ints(12, 0, LETTERS.length())
                .mapToObj(i -> String.valueOf(LETTERS.charAt(i)))
                .collect(Collectors.joining());
        return letters.substring(0, 4) + "-" + letters.substring(4, 8) + "-" + letters.substring(8);
    }

    /**
     * What is kept of a made one. Nobody guesses one of 31^12 letters, however quickly each is tried, so it need not be
     * slow: a class of sixty comes in at once.
     */
    public String hashOfMade(String password) {
        return quick.encode(password);
    }

    /**
     * @throws Problem if it is too short or too long
     */
    void check(String password) {
        if (password == null || password.length() < SHORTEST)
            throw Problem.badRequest("A password is at least " + SHORTEST + " characters long.");
        if (password.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES)
            throw Problem.badRequest("The password is too long: " + MOST_BYTES
                    + " bytes are looked at, and letters beyond a to z may take several each.");
    }

    /** What is kept of a password. */
    public String hash(String password) {
        return inTurn(() -> encoder.encode(password));
    }

    boolean matches(String password, String hash) {
        boolean possible = password.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES;
        // A made one is quick to check; it takes as long as others do, so that the time does not tell who has one.
        if (hash.startsWith(QUICK_HASH)) inTurn(() -> encoder.matches("", slowHash));
        return inTurn(() -> encoder.matches(possible ? password : "", hash)) && possible;
    }

    private <T> T inTurn(java.util.function.Supplier<T> hashed) {
        boolean entered = false;
        try {
            entered = hashing.tryAcquire(LONGEST_WAIT_S, TimeUnit.SECONDS);
            if (!entered)
                throw Problem.of(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "Too many people are signing in at once. Try again in a moment.");
            return hashed.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } finally {
            if (entered) hashing.release();
        }
    }
}
