package didaxis.core.line;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.line.Meanings.Thing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;

/** What a number may stand for, found by its size: of a large circuit few things are near any number. */
final class Things {
    /** By what a number may be off from what it stands for: nothing, minutes, hours, and the prefixes. */
    private static final double[] FACTORS = {1, 60, 3600, 1e3, 1e-3, 1e6, 1e-6};
    /** A little wider than numbers are taken for values; each that is near is looked at closely. */
    private static final double NEAR = 0.02;

    private final List<Thing> all;
    private final int[] bySize;
    private final double[] sizes;
    private final Map<Cell, List<Integer>> ofCell = new HashMap<>();

    Things(List<Thing> all, Chart chart) {
        this.all = List.copyOf(all);
        double[] size =
                all.stream().mapToDouble(thing -> Math.abs(thing.in(chart))).toArray();
        bySize = IntStream.range(0, size.length)
                .boxed()
                .sorted(Comparator.comparingDouble(place -> size[place]))
                .mapToInt(Integer::intValue)
                .toArray();
        sizes = Arrays.stream(bySize).mapToDouble(place -> size[place]).toArray();
        for (int place = 0; place < all.size(); place++)
            for (Cell cell : Set.copyOf(all.get(place).cells()))
                ofCell.computeIfAbsent(cell, first -> new ArrayList<>()).add(place);
    }

    /** Those whose true value a number may be, and those of which a learner has values of their own, in their order. */
    List<Thing> near(Term.Written number, Set<Cell> own) {
        BitSet found = new BitSet();
        double si = Math.abs(number.si());
        for (double factor : FACTORS) addBetween(si * factor * (1 - NEAR), si * factor * (1 + NEAR), found);
        addBetween(si - number.half() * (1 + NEAR), si + number.half() * (1 + NEAR), found);
        for (Cell cell : own) ofCell.getOrDefault(cell, List.of()).forEach(found::set);
        return found.stream().mapToObj(all::get).toList();
    }

    private void addBetween(double least, double greatest, BitSet found) {
        int from = Arrays.binarySearch(sizes, least);
        if (from < 0) from = -from - 1;
        while (from > 0 && sizes[from - 1] >= least) from--;
        for (int at = from; at < sizes.length && sizes[at] <= greatest; at++) found.set(bySize[at]);
    }
}
