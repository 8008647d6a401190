package didaxis.core.question;

import static didaxis.core.question.Asking.asking;
import static didaxis.core.question.Asking.drawn;
import static didaxis.core.question.Asking.judged;
import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.answer.Verdict.Code;
import didaxis.core.notation.Notation;
import didaxis.core.style.MarkingStyle;
import java.util.List;
import org.junit.jupiter.api.Test;

class SafeSupplyTest {
    /** Three parts for 0.3 W each: 15.8 mA are the most for 1.2 kΩ, and 2.2 kΩ in all make 34.8 V (P = I²·R, by hand). */
    @Test
    void theHighestSafeSupplyNamesThePartThatSetsIt() {
        State state = drawn(Notation.circuit("12 V : R1=1.2k{0.3 W} + (R2=3k{0.3 W} || R3=1.5k{0.3 W})"))
                .orElseThrow();
        Question question = asking(new SafeSupply("1", 0, 3), state);
        assertEquals(List.of(), question.flaws());
        assertEquals(3, judged(question, "34.8 V").points());
        assertEquals(0, judged(question, "30 V").points());
        Task task = question.tasks().get(0);
        Box which = task.boxes().get(1);
        assertEquals(
                Code.RIGHT,
                task.judge(which, "R1", question, MarkingStyle.STANDARD).code());
        assertEquals(
                Code.WRONG,
                task.judge(which, "R1, R2", question, MarkingStyle.STANDARD).code());
        assertEquals(
                List.of(new TaskFlaw.TooFew("1", List.of())),
                asking(
                                new SafeSupply("1", 0, 3),
                                drawn(Notation.circuit("12 V : R1=3")).orElseThrow())
                        .flaws());
    }
}
