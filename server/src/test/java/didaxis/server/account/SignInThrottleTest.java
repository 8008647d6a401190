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

    private long tryFrom(String client) {
        return throttle.enter("Alder", client).toSeconds();
    }

    @Test
    void theWaitDoublesUpToAQuarterOfAnHour() {
        List<Long> waits = new ArrayList<>();
        for (int wrong = 1; wrong <= 14; wrong++) {
            assertEquals(0, tryFrom("hut"));
            long wait = throttle.enter("alder", "hut").toSeconds();
            if (wait == 0) wrong++;
            waits.add(wait);
            now = now.plusSeconds(wait);
        }
        assertEquals(List.of(0L, 0L, 5L, 10L, 20L, 40L, 80L, 160L, 320L, 640L, 900L, 900L), waits);
    }

    @Test
    void whoGuessesElsewhereKeepsNobodyOut() {
        for (int wrong = 0; wrong < 5; wrong++) tryFrom("valley");
        assertEquals(5, tryFrom("valley"));
        assertEquals(0, tryFrom("hut"));
    }

    @Test
    void successAndANewPasswordForget() {
        for (int wrong = 0; wrong < 5; wrong++) tryFrom("hut");
        throttle.renewed("alder");
        assertEquals(0, tryFrom("hut"));
        for (int wrong = 0; wrong < 3; wrong++) tryFrom("hut");
        throttle.succeeded("alder", "hut");
        for (int wrong = 0; wrong < 5; wrong++) assertEquals(0, tryFrom("hut"));
        assertEquals(Duration.ofSeconds(5), throttle.enter("alder", "hut"));
    }
}
