package didaxis.core.working;

import didaxis.core.analysis.Chart;
import didaxis.core.circuit.Cell;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The relation network of a circuit: all laws, in all places where they hold. */
public final class Relations {
    private final Chart chart;
    private final List<Relation> all;
    private final Map<Cell, List<Relation>> byCell = new HashMap<>();

    private Relations(Chart chart, List<Relation> all) {
        this.chart = chart;
        this.all = all;
        for (Relation relation : all) {
            for (Cell cell : relation.cells())
                byCell.computeIfAbsent(cell, c -> new java.util.ArrayList<>()).add(relation);
        }
    }

    public static Relations of(Chart chart) {
        Structure structure = Structure.of(chart);
        List<Relation> all = Law.ALL.stream()
                .flatMap(law -> law.in(structure).stream())
                .filter(relation -> relation.cells().stream()
                        .allMatch(cell -> chart.value(cell).isPresent()))
                .toList();
        return new Relations(chart, all);
    }

    public Chart chart() {
        return chart;
    }

    public List<Relation> all() {
        return all;
    }

    /** The relations a cell stands in, as taught first. */
    public List<Relation> of(Cell cell) {
        return byCell.getOrDefault(cell, List.of());
    }

    /** Every cell that stands in a relation. */
    public Set<Cell> cells() {
        return byCell.keySet();
    }
}
