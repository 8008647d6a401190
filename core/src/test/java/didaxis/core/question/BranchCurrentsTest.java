package didaxis.core.question;

import static didaxis.core.question.Asking.drawn;
import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Setting;
import didaxis.core.notation.Notation;
import didaxis.core.solving.NodalAnalysis;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.MatrixFeatures_DDRM;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names of currents and how they are related, against currents of circuits that are joined alike. */
class BranchCurrentsTest {
    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.plain(9);
    }

    private static Verdict judge(Circuit circuit, String typed) {
        State state = drawn(circuit).orElseThrow();
        BranchCurrents task = new BranchCurrents("1", 0, BranchCurrents.usualMarks(state));
        return task.judge(
                task.boxes().get(0), typed, new Question("", List.of(state), List.of(task)), MarkingStyle.STANDARD);
    }

    /** The currents that nodal analysis finds for other resistances: a row a circuit, the source's own first. */
    private static double[][] nodal(Circuit circuit, int rows, Random random) {
        double[][] currents = new double[rows][];
        for (int k = 0; k < rows; k++) {
            Circuit now = circuit;
            for (Part part : circuit.parts()) now = now.with(part.with(new Setting.Ohms(1 + 9 * random.nextDouble())));
            NodalAnalysis nodal = NodalAnalysis.of(now);
            currents[k] = new double[circuit.parts().size() + 1];
            currents[k][0] = nodal.totalCurrent();
            for (int part = 0; part < circuit.parts().size(); part++) currents[k][part + 1] = nodal.current(part);
        }
        return currents;
    }

    @Property(tries = 100)
    void theModelNamesWhatIsEqualWhateverTheResistancesAndRelatesAllThatIsNotFree(
            @ForAll("circuits") Circuit circuit, @ForAll long seed) {
        Assume.that(circuit.parts().size() > 1 && drawn(circuit).isPresent());
        State state = drawn(circuit).orElseThrow();
        BranchCurrents task = new BranchCurrents("1", 0, 1);
        Assume.that(task.flaws(new Question("", List.of(state), List.of(task)), Knowledge.of(List.of(state)))
                .isEmpty());
        String model = judge(circuit, "").model();
        Verdict own = judge(circuit, model);
        assertEquals(Verdict.Code.RIGHT, own.code(), () -> Notation.print(circuit) + " " + model);
        double[][] nodal = nodal(circuit, circuit.parts().size() + 3, new Random(seed));
        Map<String, Integer> columns = new HashMap<>();
        List<String> equations = new ArrayList<>();
        for (String item : model.split("; ")) {
            if (item.contains("=")) {
                equations.add(item);
                continue;
            }
            String thing = item.split(" ")[0];
            int column = thing.equals("total")
                    ? 0
                    : 1 + circuit.parts().stream().map(Part::label).toList().indexOf(thing);
            Integer same = columns.putIfAbsent(item.split(" ")[1], column);
            if (same != null) assertEquals(0, gap(nodal, column, same), 1e-9, () -> item + " in " + model);
        }
        // Names that are different are different somewhere.
        List<Integer> named = List.copyOf(columns.values());
        for (int one : named)
            for (int other : named)
                if (one != other) assertEquals(1, Math.signum(gap(nodal, one, other) - 1e-6), () -> model);
        for (String equation : equations)
            for (int row = 0; row < nodal.length; row++) {
                double left = sum(equation.split(" = ")[0], columns, nodal[row]);
                assertEquals(left, sum(equation.split(" = ")[1], columns, nodal[row]), 1e-9 * left, equation);
            }
        DMatrixRMaj free = new DMatrixRMaj(nodal.length, named.size());
        for (int row = 0; row < nodal.length; row++)
            for (int k = 0; k < named.size(); k++) free.set(row, k, nodal[row][named.get(k)]);
        assertEquals(
                named.size() - MatrixFeatures_DDRM.rank(free, 1e-9),
                equations.size(),
                () -> Notation.print(circuit) + " " + model);
    }

    private static double gap(double[][] nodal, int one, int other) {
        return Stream.of(nodal)
                .mapToDouble(row -> Math.abs(row[one] - row[other]))
                .max()
                .orElseThrow();
    }

    private static double sum(String names, Map<String, Integer> columns, double[] currents) {
        double sum = 0;
        for (String name : names.split(" \\+ ")) sum += currents[columns.get(name)];
        return sum;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            total I1; R1 I1; R2 I2; R3 I3; R4 I3; I1 = I2 + I3 | RIGHT | 4
            source = i₁, R1: I_1, R2 a, R3 b, R4 b, i1 − a = b  | RIGHT | 4
            battery x; R1 x; R2 y; R3 z; R4 z; z + y = x; x=y+z | RIGHT | 4
            total I1; R1 I1; R2 I2; R3 I3; R4 I3                | PARTLY | 3
            total I1; R1 I1; R2 I2; R3 I3; R4 I4; I1 = I2 + I3  | PARTLY | 3
            total I1; R1 I2; R2 I3; R3 I4; R4 I4; I1 = I3 + I4  | PARTLY | 3
            total I1; R1 I1; R2 I2; R3 I2; R4 I2; I1 = I2 + I2  | PARTLY | 1
            total I1; R1 I1; R2 I2; R3 I3; R4 I3; I1 = I2 - I3  | PARTLY | 3
            total I1; R1 I1; R2 I2; R3 I3; R4 I3; I1 = I2 + I3; I2 = I3 | PARTLY | 3
            I1 = I2 + I3                                        | WRONG | 0
            R1 I1; R1 I2                                        | UNREADABLE | 0
            R1 and R2 share                                     | UNREADABLE | 0
            R9 I1                                               | UNREADABLE | 0
            """)
    void branchesAndRelationsEarnEachForItself(String typed, Verdict.Code code, int points) {
        // Equal resistances: that I2 is I3 here is true of these values alone.
        Verdict verdict = judge(Notation.circuit("12 V : R1=4 + (R2=8 || (R3=4 + R4=4))"), typed);
        assertEquals(code, verdict.code(), verdict::toString);
        assertEquals(points, verdict.points());
    }

    @Test
    void aBranchOfGroupsAloneIsToldByWhatItIsMadeOfAndADeadOneIsNotThere() {
        assertEquals(
                "total I1; R2 I2; R4 I3; R5 I4; R6 I5; R7 I6; I1 = I2 + I3 + I4; I3 + I4 = I5 + I6",
                judge(Notation.circuit("9 V : R2=3 || ((R4=1 || R5=2) + (R6=3 || R7=4))"), "")
                        .model());
        assertEquals(
                "total I1; R1 I1; R2 I2; R4 I3; I1 = I2 + I3",
                judge(Notation.circuit("9 V r=1 : R1=3 + (R2=2 || (A1 + S1 + R4=2) || (S2=open + R3=1))"), "")
                        .model());
    }
}
