package didaxis.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing of passwords: after five wrong ones for a name the next must wait, each time twice as
 * long, up to a quarter of an hour.
 */
@Component
class SignInThrottle {
    private static final int FREE = 5;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final int MOST_NAMES = 10_000;

    private record Failures(int count, Instant openAgain) {}

    private final Map<String, Failures> failures = new ConcurrentHashMap<>();
    private final Clock clock;

    SignInThrottle(Clock clock) {
        this.clock = clock;
    }

    /** How long this name must still wait; zero if not at all. */
    Duration wait(String username) {
        Failures known = failures.get(key(username));
        if (known == null) return Duration.ZERO;
        Duration left = Duration.between(clock.instant(), known.openAgain());
        return left.isNegative() ? Duration.ZERO : left;
    }

    void failed(String username) {
        // Names nobody has could be made up without end.
        if (failures.size() > MOST_NAMES) failures.clear();
        failures.compute(key(username), (name, known) -> {
            int count = known == null ? 1 : known.count() + 1;
            if (count < FREE) return new Failures(count, clock.instant());
            Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(count - FREE, 20));
            return new Failures(count, clock.instant().plus(wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait));
        });
    }

    void succeeded(String username) {
        failures.remove(key(username));
    }

    private static String key(String username) {
        return username.toLowerCase(Locale.ROOT);
    }
}
