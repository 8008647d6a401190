package didaxis.server.circuit;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Circuit;
import didaxis.core.notation.Notation;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.ChartSentence;
import didaxis.core.working.StyledChart;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpStatus;

/** Reads circuits from outside, within the limits of the house. */
public final class Circuits {
    private static final int MOST_BYTES = 20 * 1024;
    private static final int MOST_PARTS = 200;

    private Circuits() {}

    /**
     * The circuit a text means.
     *
     * @throws Problem if it cannot be read or is too large
     */
    public static Circuit read(String notation) {
        return read(notation, StyleView.named(null)).circuit();
    }

    /**
     * What a text means in a style's decimal sign.
     *
     * @throws Problem if it cannot be read or is too large
     */
    public static Notation.Result.Parsed read(String notation, HouseStyle style) {
        if (notation == null) throw Problem.badRequest("A circuit is needed, such as 16 V : R1=5 + (R2=12 || R3=4).");
        if (notation.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES) {
            throw Problem.badRequest("The circuit's text is longer than " + MOST_BYTES / 1024 + " kB.")
                    .with("line", 1)
                    .with("column", 1)
                    .with("expected", "a text of at most " + MOST_BYTES / 1024 + " kB");
        }
        return Notation.parse(notation, style.numbers().decimalSign())
                .match(
                        parsed -> {
                            withinLimits(parsed.circuit());
                            return parsed;
                        },
                        refused -> {
                            throw Problem.badRequest(sentence(refused))
                                    .with("line", refused.line())
                                    .with("column", refused.column())
                                    .with("found", refused.found())
                                    .with("expected", refused.expected());
                        });
    }

    /**
     * The circuit itself, if it is not too large.
     *
     * @throws Problem if it is
     */
    public static Circuit withinLimits(Circuit circuit) {
        if (circuit.parts().size() > MOST_PARTS) {
            throw Problem.badRequest("The circuit has " + circuit.parts().size() + " parts; at most " + MOST_PARTS
                            + " are taken.")
                    .with("line", 1)
                    .with("column", 1)
                    .with("expected", "at most " + MOST_PARTS + " parts");
        }
        return circuit;
    }

    private static String sentence(Notation.Result.Refused refused) {
        String sentence = refused.sentence();
        return Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1) + ".";
    }

    /**
     * The chart of a circuit.
     *
     * @throws Problem if it has no operating point
     */
    public static Chart chart(Circuit circuit) {
        assert !Transactions.writing() : "a circuit is solved while nobody else can write";
        return OperatingPoint.of(circuit).match(Chart::of, shorted -> {
            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, ChartSentence.shorted(shorted.across()))
                    .with("reason", "shorted-source")
                    .with("across", shorted.across());
        });
    }

    /**
     * The chart of a circuit in a style, both by their texts.
     *
     * @throws Problem if the circuit cannot be read, is too large or has no operating point, or there is no such style
     */
    public static StyledChart styled(String notation, String style) {
        HouseStyle named = StyleView.named(style);
        return StyledChart.of(chart(read(notation, named).circuit()), named);
    }
}
