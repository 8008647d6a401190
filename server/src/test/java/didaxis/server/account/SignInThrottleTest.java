package didaxis.server.account;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SignInThrottleTest {
    private final Clock clock = mock(Clock.class);
    private final SignInThrottle throttle = new SignInThrottle(clock);
    private Instant now = Instant.parse("2026-01-01T08:00:00Z");

    @BeforeEach
    void tick() {
        when(clock.instant()).thenAnswer(call -> now);
    }

    @Test
    void theWaitDoublesUpToAQuarterOfAnHour() {
        List<Long> waits = new ArrayList<>();
        for (int wrong = 1; wrong <= 14; wrong++) {
            throttle.failed("Alder");
            waits.add(throttle.wait("alder").toSeconds());
        }
        assertEquals(List.of(0L, 0L, 0L, 0L, 5L, 10L, 20L, 40L, 80L, 160L, 320L, 640L, 900L, 900L), waits);
    }

    @Test
    void waitingOpensItAndSuccessForgets() {
        for (int wrong = 0; wrong < 5; wrong++) throttle.failed("birch");
        now = now.plusSeconds(5);
        assertEquals(Duration.ZERO, throttle.wait("birch"));
        throttle.failed("birch");
        assertEquals(10, throttle.wait("birch").toSeconds());
        throttle.succeeded("birch");
        throttle.failed("birch");
        assertEquals(Duration.ZERO, throttle.wait("birch"));
    }
}
