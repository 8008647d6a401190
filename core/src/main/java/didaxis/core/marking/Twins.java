package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Compiled;
import didaxis.core.formula.FormulaCells;
import didaxis.core.law.Structure;
import didaxis.core.slip.Slip;
import didaxis.core.slip.Twin;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** The wrong twins of a question's laws, by the numbers of its cells; made once and shared by all sheets. */
final class Twins {
    /** Of larger circuits only so many are looked at, the simplest first. */
    private static final int MOST = 40_000;

    private static final double SAME = 1e-9;

    /** One of them, ready to be worked. */
    record Ready(Twin twin, int target, int[] inputs, Compiled compiled) {
        boolean isIdea() {
            return twin.slip().sort() == Slip.Sort.IDEA;
        }

        /** Whether it is worked, and not only picked. */
        boolean isWorked() {
            return isIdea() || twin.slip().sort() == Slip.Sort.FORMULA;
        }

        /** It was made with these values. */
        NamedSlip named(SheetValues values, double[] put) {
            return values.worked(twin.slip(), target, twin.formula(), inputs, put);
        }

        boolean allInputs(IntPredicate are) {
            for (int input : inputs) if (!are.test(input)) return false;
            return true;
        }
    }

    private final Ways ways;
    private final Map<Cell, List<Twin>> twins;
    private final Map<Integer, List<Ready>> ready = new ConcurrentHashMap<>();
    private final double[] truth;

    Twins(Ways ways, Structure structure) {
        this.ways = ways;
        truth = IntStream.range(0, ways.size()).mapToDouble(ways::truth).toArray();
        twins = Slip.twins(structure).limit(MOST).collect(Collectors.groupingBy(Twin::target));
    }

    /** Those that give a cell, the simplest first. */
    List<Ready> to(int target) {
        return ready.computeIfAbsent(
                target,
                number -> twins.getOrDefault(ways.cell(number), List.of()).stream()
                        .flatMap(twin -> ready(number, twin).stream())
                        .toList());
    }

    private Optional<Ready> ready(int target, Twin twin) {
        List<Cell> used = List.copyOf(FormulaCells.in(twin.formula()));
        if (!used.stream().allMatch(ways::knows)) return Optional.empty();
        Compiled compiled = Compiled.of(twin.formula(), ways::number);
        if (!isWrong(target, compiled.of(truth))) return Optional.empty();
        return Optional.of(
                new Ready(twin, target, used.stream().mapToInt(ways::number).toArray(), compiled));
    }

    /** Here a wrong rule may give what the law gives; then nobody can tell, and it is none. */
    private boolean isWrong(int target, double value) {
        return Double.isFinite(value) && Math.abs(value - truth[target]) > SAME * Math.abs(truth[target]);
    }
}
