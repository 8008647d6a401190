package didaxis.server.config;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/** How long what was removed can be found and brought back. */
public final class Removed {
    public static final Duration KEPT = Duration.ofDays(30);

    private Removed() {}

    /** What was removed since then can be brought back now. */
    public static Instant since(Clock clock) {
        return clock.instant().minus(KEPT);
    }
}
