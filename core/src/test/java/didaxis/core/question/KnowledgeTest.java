package didaxis.core.question;

import static didaxis.core.question.Asking.drawn;
import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.change.Act;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class KnowledgeTest {
    @Test
    void aVoltmeterOnTheOpenCircuitTellsTheEmfAndAfterClosingTheInternalResistance() {
        State open = drawn(Notation.circuit("12 V r=0.5 : V1[S1=open + A1 + R1=7.5]"))
                .orElseThrow();
        Cell reading = Cell.voltage(Subject.voltmeter("V1"));
        Cell current = Cell.current(Subject.part("A1"));
        State told = new State(open.relations(), Optional.empty(), Set.of(reading), true);
        State closed = told.after(new Act.Turned("S1", Setting.Position.CLOSED), Set.of(reading, current))
                .orElseThrow();
        Amounts emf = new Amounts("1.1", 0, Amounts.Command.WRITE_DOWN, Map.of(Cell.voltage(Subject.TOTAL), 1));
        Amounts r = new Amounts("1.2", 1, Amounts.Command.CALCULATE, Map.of(Cell.resistance(Subject.INTERNAL), 3));
        assertEquals(List.of(), new Question("", List.of(told, closed), List.of(emf, r)).flaws());
        State silent = told.after(new Act.Turned("S1", Setting.Position.CLOSED), Set.of(reading))
                .orElseThrow();
        assertEquals(
                List.of(new TaskFlaw.NotEnoughGiven("1.2", List.of(Cell.resistance(Subject.INTERNAL)))),
                new Question("", List.of(told, silent), List.of(emf, r)).flaws());
    }
}
