package didaxis.server.change;

import didaxis.core.change.Change;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Notation;
import didaxis.core.quantity.Quantity;
import didaxis.core.wording.ChangeSentence;
import didaxis.core.working.ChartColumns;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.ColumnView;
import didaxis.server.circuit.RowView;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What changes, in JSON.
 *
 * @param notation the circuit after the change
 * @param chain why, in causal order, a sentence a link
 * @param lamps what it does to the lamps
 */
public record ChangeView(
        String notation,
        List<ColumnView> columns,
        String wholeWord,
        List<ChangedRow> rows,
        List<ChainLink> chain,
        List<String> lamps) {
    /** A row of the chart before and after. */
    public record ChangedRow(RowView before, RowView after, Map<String, String> directions) {}

    /** One link: its sentence and the rows it speaks of. */
    public record ChainLink(String sentence, List<String> rows) {}

    static ChangeView of(StyledChart before, StyledChart after, Change change, List<Change.Link> chain) {
        ChartColumns columns = ChartColumns.of(before, after);
        ChangeSentence sentence = new ChangeSentence(before.style(), change);
        return new ChangeView(
                Notation.print(after.chart().circuit()),
                ColumnView.of(columns),
                before.style().terms().whole(),
                before.chart().rows().stream()
                        .map(subject -> new ChangedRow(
                                RowView.of(before, subject, columns),
                                RowView.of(after, subject, columns),
                                directions(change, subject, before)))
                        .toList(),
                chain.stream()
                        .map(link -> new ChainLink(
                                sentence.say(link),
                                link.cells().stream()
                                        .map(cell -> cell.subject().id())
                                        .distinct()
                                        .toList()))
                        .toList(),
                sentence.lamps());
    }

    private static Map<String, String> directions(Change change, Subject subject, StyledChart charted) {
        Map<String, String> directions = new LinkedHashMap<>();
        for (Quantity quantity : charted.style().columns()) {
            directions.put(
                    quantity.word(),
                    change.direction(Cell.of(subject, quantity)).name().toLowerCase(Locale.ROOT));
        }
        return directions;
    }
}
