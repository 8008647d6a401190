package didaxis.server.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing of passwords: after five tries for a name from one place the next must wait, each time twice as
 * long, up to a quarter of an hour. Who guesses elsewhere keeps nobody else out. A try counts before its password is
 * looked at, so that a hundred at once are no more than one after the other.
 */
@Component
class SignInThrottle {
    private static final int FREE = 5;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(5);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);
    private static final int MOST_PLACES = 10_000;

    private record Place(String username, String client) {}

    private record Tries(int count, Instant openAgain) {}

    /** Those that tried longest ago stand first and go first, since names could be made up without end. */
    private final Map<Place, Tries> tries = new LinkedHashMap<>();

    private final Clock clock;

    SignInThrottle(Clock clock) {
        this.clock = clock;
    }

    /**
     * Counts a try, unless it must wait.
     *
     * @param client the address it comes from
     * @return how long it must still wait; zero if it may be made
     */
    synchronized Duration enter(String username, String client) {
        Place place = place(username, client);
        Tries known = tries.getOrDefault(place, new Tries(0, Instant.MIN));
        Instant now = clock.instant();
        if (now.isBefore(known.openAgain())) return Duration.between(now, known.openAgain());
        int count = known.count() + 1;
        tries.remove(place);
        tries.put(place, new Tries(count, count < FREE ? Instant.MIN : now.plus(wait(count))));
        Iterator<Place> oldest = tries.keySet().iterator();
        if (tries.size() > MOST_PLACES) {
            oldest.next();
            oldest.remove();
        }
        return Duration.ZERO;
    }

    private static Duration wait(int count) {
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(count - FREE, 20));
        return wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
    }

    /** The try was right: nothing is held against this name from this place any more. */
    synchronized void succeeded(String username, String client) {
        tries.remove(place(username, client));
    }

    /** A new password was given: nothing is held against this name, wherever it was tried. */
    synchronized void renewed(String username) {
        tries.keySet()
                .removeIf(place -> place.username().equals(place(username, "").username()));
    }

    private static Place place(String username, String client) {
        return new Place(username.toLowerCase(Locale.ROOT), client);
    }
}
