package didaxis.core.law;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The relation network of a circuit: all laws, in all places where they hold. It is laid out when it is first asked for:
 * a circuit is read and kept more often than it is worked.
 */
public final class Relations {
    private final Chart chart;
    private final HouseStyle style;
    private volatile Network network;

    private record Network(List<Relation> all, Map<Cell, List<Relation>> byCell) {
        static Network of(Chart chart, HouseStyle style) {
            List<Relation> all = Law.all(Structure.of(chart, style))
                    .filter(relation -> relation.cells().stream()
                            .allMatch(cell -> chart.value(cell).isPresent()))
                    .toList();
            Map<Cell, List<Relation>> byCell = new HashMap<>();
            for (Relation relation : all) {
                for (Cell cell : relation.cells())
                    byCell.computeIfAbsent(cell, c -> new ArrayList<>()).add(relation);
            }
            return new Network(all, byCell);
        }
    }

    private Relations(Chart chart, HouseStyle style) {
        this.chart = chart;
        this.style = style;
    }

    /** In the forms of the usual style. */
    public static Relations of(Chart chart) {
        return of(chart, HouseStyle.RIDGE);
    }

    /** In the forms of a style. */
    public static Relations of(Chart chart, HouseStyle style) {
        return new Relations(chart, style);
    }

    private Network network() {
        if (network == null) {
            synchronized (this) {
                if (network == null) network = Network.of(chart, style);
            }
        }
        return network;
    }

    public Chart chart() {
        return chart;
    }

    public HouseStyle style() {
        return style;
    }

    public List<Relation> all() {
        return network().all;
    }

    /** The relations a cell stands in, as taught first. */
    public List<Relation> of(Cell cell) {
        return network().byCell.getOrDefault(cell, List.of());
    }

    /** Every cell that stands in a relation. */
    public Set<Cell> cells() {
        return network().byCell.keySet();
    }
}
