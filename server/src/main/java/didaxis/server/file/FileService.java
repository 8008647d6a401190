package didaxis.server.file;

import didaxis.core.circuit.Circuit;
import didaxis.core.drawing.Svg;
import didaxis.core.notation.Netlist;
import didaxis.core.notation.Notation;
import didaxis.core.notation.SpiceDeck;
import didaxis.core.wording.Words;
import didaxis.core.working.StyledChart;
import didaxis.server.circuit.CircuitRequest;
import didaxis.server.circuit.Circuits;
import didaxis.server.circuit.SceneView;
import didaxis.server.circuit.StyleView;
import didaxis.server.config.Problem;
import didaxis.server.file.FileController.FileView;
import didaxis.server.file.FileController.Opened;
import didaxis.server.file.FileController.Opening;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Writes a circuit as files, and reads what is opened. */
@Service
class FileService {
    private static final int MOST_BYTES = 20 * 1024;

    private static final Map<String, Function<CircuitRequest, FileView>> FILES = Map.of(
            "notation",
            request -> new FileView("circuit.txt", "text/plain", Notation.print(circuit(request)) + "\n"),
            "netlist",
            request -> new FileView("circuit-parts.txt", "text/plain", Netlist.write(circuit(request))),
            "spice",
            request -> new FileView("circuit.cir", "text/plain", SpiceDeck.print(circuit(request))),
            "drawing",
            request -> new FileView("circuit.svg", "image/svg+xml", drawing(request)),
            "chart",
            request -> new FileView("chart.csv", "text/csv", ChartCsv.print(request.charted())));

    FileView file(String kind, CircuitRequest request) {
        Function<CircuitRequest, FileView> file = FILES.get(kind);
        if (file == null)
            throw Problem.badRequest(
                    "“" + kind + "” is no kind of file; known are notation, netlist, spice, drawing, chart.");
        return file.apply(request);
    }

    private static Circuit circuit(CircuitRequest request) {
        return Circuits.read(request.notation(), StyleView.named(request.style()))
                .circuit();
    }

    private static String drawing(CircuitRequest request) {
        StyledChart charted = request.charted();
        return Svg.print(
                SceneView.scene(charted.chart(), charted.style(), request.planned(charted), request.roomOrDesk()),
                Words.describe(charted.chart().circuit()));
    }

    /** A list of parts has no ':' in it, a circuit's notation has one. */
    Opened opened(Opening opening) {
        String text = opening.text() == null ? "" : opening.text().replace("\uFEFF", "");
        if (text.isBlank())
            throw Problem.badRequest("There is nothing in it: a circuit such as 9 V : R1=3 + R2=6, or a list of"
                    + " parts such as R1 1 2 3, is expected.");
        if (text.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES)
            throw Problem.badRequest("The text is longer than " + MOST_BYTES / 1024 + " kB.");
        if (withoutRemarks(text).contains(":"))
            return new Opened(
                    Notation.print(Circuits.read(withoutRemarks(text), StyleView.named(opening.style()))
                            .circuit()),
                    null);
        return Netlist.read(text)
                .match(
                        read -> new Opened(Notation.print(Circuits.withinLimits(read.circuit())), null),
                        bridge -> new Opened(null, BridgeView.of(bridge.circuit(), StyleView.named(opening.style()))),
                        refused -> {
                            throw Problem.badRequest(refused.sentence()).with("line", refused.line());
                        });
    }

    /** Lines that begin with '*' say something about a circuit; emptied, so that later lines keep their numbers. */
    private static String withoutRemarks(String text) {
        return text.replaceAll("(?m)^[ \\t]*\\*.*$", "");
    }
}
