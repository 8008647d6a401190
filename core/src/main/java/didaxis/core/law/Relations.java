package didaxis.core.law;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The relation network of a circuit: all laws, in all places where they hold. */
public final class Relations {
    private final Chart chart;
    private final HouseStyle style;
    private final List<Relation> all;
    private final Map<Cell, List<Relation>> byCell = new HashMap<>();

    private Relations(Chart chart, HouseStyle style, List<Relation> all) {
        this.chart = chart;
        this.style = style;
        this.all = all;
        for (Relation relation : all) {
            for (Cell cell : relation.cells())
                byCell.computeIfAbsent(cell, c -> new ArrayList<>()).add(relation);
        }
    }

    /** In the forms of the usual style. */
    public static Relations of(Chart chart) {
        return of(chart, HouseStyle.RIDGE);
    }

    /** In the forms of a style. */
    public static Relations of(Chart chart, HouseStyle style) {
        Structure structure = Structure.of(chart, style);
        List<Relation> all = Law.all(structure)
                .filter(relation -> relation.cells().stream()
                        .allMatch(cell -> chart.value(cell).isPresent()))
                .toList();
        return new Relations(chart, style, all);
    }

    public Chart chart() {
        return chart;
    }

    public HouseStyle style() {
        return style;
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
