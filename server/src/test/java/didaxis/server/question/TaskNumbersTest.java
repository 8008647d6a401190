package didaxis.server.question;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class TaskNumbersTest {
    @Test
    void aPartOfATaskIsNumberedBelowItAndTheFirstIsPartOfNone() {
        assertEquals(
                List.of("2.1", "2.1.1", "2.2", "2.2.1", "2.2.2", "2.3"),
                TaskNumbers.of(1, 6, List.of(true, true, false, true, true)));
    }
}
