package didaxis.core.backwards;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A circuit that comes nearest to what is given of one, seen from where the search for it began.
 *
 * @param shape the circuit it is connected like
 * @param source its own source
 * @param ohms the resistance of each of its parts, in reading order
 * @param logs the logarithms of its settings
 * @param settled whether the search ended because nothing near it comes nearer
 */
record Fit(Circuit shape, Source source, double[] ohms, Chart chart, double[] logs, boolean settled) {
    private static final double DIFFERENT = 1e-4;

    /** The circuit with every setting to so many significant figures. */
    Circuit rounded(int figures) {
        MathContext to = new MathContext(figures);
        Map<String, Setting> settings = new LinkedHashMap<>();
        for (int k = 0; k < ohms.length; k++) {
            Part part = shape.parts().get(k);
            if (part.setting() instanceof Setting.Ohms own && own.ohms() > 0)
                settings.put(part.label(), new Setting.Ohms(rounded(ohms[k], to)));
        }
        return shape.with(
                new Source(rounded(source.emf(), to), rounded(source.internalResistance(), to), source.voltmeters()),
                settings);
    }

    private static double rounded(double value, MathContext to) {
        return new BigDecimal(value).round(to).doubleValue();
    }

    double value(Cell cell) {
        return chart.value(cell).orElse(Double.NaN);
    }

    /** The largest of the differences between the settings' logarithms. */
    double distance(Fit other) {
        double most = 0;
        for (int k = 0; k < logs.length; k++) most = Math.max(most, Math.abs(logs[k] - other.logs[k]));
        return most;
    }

    /** Whether both came to the same circuit. */
    boolean isSame(Fit other) {
        return distance(other) <= DIFFERENT;
    }

    /** Whether the two circuits have clearly different values in a cell. */
    boolean differs(Fit other, Cell cell) {
        double a = value(cell);
        double b = other.value(cell);
        return Math.abs(a - b) > 10 * DIFFERENT * Math.max(Math.abs(a), Math.abs(b));
    }
}
