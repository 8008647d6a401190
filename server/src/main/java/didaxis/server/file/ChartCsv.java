package didaxis.server.file;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import didaxis.core.working.ChartColumns;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.ColumnView;
import didaxis.server.circuit.RowView;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A chart as CSV (RFC 4180) in its style's columns, units and decimal sign, meters and points below the parts.
 * Safe to open in a spreadsheet: every field is a label, a word or a number, and a minus is the plain sign.
 */
final class ChartCsv {
    private ChartCsv() {}

    static String print(StyledChart charted) {
        HouseStyle style = charted.style();
        ChartColumns columns = ChartColumns.of(charted);
        List<ColumnView> heads = ColumnView.of(columns);
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            List<String> head = new ArrayList<>(List.of("part"));
            heads.forEach(column -> head.add(column.symbol() + " in " + column.unit()));
            head.add("condition");
            printer.printRecord(head);
            for (Subject subject : charted.chart().rows()) {
                RowView row = RowView.of(charted, subject, columns);
                String name =
                        subject.kind() == Subject.Kind.TOTAL ? style.terms().whole() : row.id();
                List<String> line = new ArrayList<>(List.of(name));
                heads.forEach(column -> line.add(plain(row.shown().getOrDefault(column.quantity(), ""))));
                line.add(row.condition().equals("normal") ? "" : row.condition().replace('-', ' '));
                printer.printRecord(line);
            }
            for (Map.Entry<Subject, Quantity> reading :
                    readings(charted.chart()).entrySet())
                printer.printRecord(reading(charted, columns, reading.getKey(), reading.getValue()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private static Map<Subject, Quantity> readings(Chart chart) {
        Map<Subject, Quantity> readings = new LinkedHashMap<>();
        for (Subject reading : chart.subjects().readings())
            readings.put(reading, reading.kind() == Subject.Kind.POINT ? Quantity.POTENTIAL : Quantity.VOLTAGE);
        return readings;
    }

    /** A reading stands in the column of voltages: a potential is a voltage towards the negative terminal. */
    private static List<String> reading(StyledChart charted, ChartColumns columns, Subject subject, Quantity quantity) {
        AmountFormat.Column voltages = columns.of(Quantity.VOLTAGE);
        OptionalDouble value = charted.value(Cell.of(subject, quantity));
        List<String> line = new ArrayList<>();
        line.add(quantity == Quantity.POTENTIAL ? "potential at " + subject.id().substring(1) : subject.id());
        for (ColumnView column : ColumnView.of(columns)) {
            boolean here = column.quantity().equals(Quantity.VOLTAGE.word()) && value.isPresent();
            line.add(here ? plain(voltages.print(value.getAsDouble())) : "");
        }
        line.add(value.isPresent() ? "" : "undecided");
        return line;
    }

    private static String plain(String number) {
        return number.replace('−', '-');
    }
}
