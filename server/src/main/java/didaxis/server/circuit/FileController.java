package didaxis.server.circuit;

import didaxis.core.drawing.Svg;
import didaxis.core.notation.Netlist;
import didaxis.core.notation.Notation;
import didaxis.core.notation.Words;
import didaxis.server.circuit.CircuitController.CircuitRequest;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Function;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Circuits in from files and out to files. */
@RestController
class FileController {
    private static final int MOST_BYTES = 20 * 1024;

    /** A text that is a circuit's notation or a list of parts between nodes; and a style's name for a bridge. */
    record Opening(
            String text, @Schema(types = {"string", "null"}) String style) {}

    /** What was opened: a circuit, or a bridge that is solved but does not fold. */
    record Opened(
            @Schema(types = {"string", "null"}) String notation,

            @Schema(
                    types = {"object", "null"},
                    implementation = BridgeView.class)
            BridgeView bridge) {}

    /** A file to keep. */
    record FileView(String name, String mediaType, String text) {}

    private static final Map<String, Function<CircuitRequest, FileView>> FILES = Map.of(
            "notation",
            request ->
                    new FileView("circuit.txt", "text/plain", Notation.print(Circuits.read(request.notation())) + "\n"),
            "netlist",
            request ->
                    new FileView("circuit-parts.txt", "text/plain", Netlist.write(Circuits.read(request.notation()))),
            "drawing",
            request -> new FileView("circuit.svg", "image/svg+xml", drawing(request)),
            "chart",
            request -> new FileView("chart.csv", "text/csv", ChartCsv.print(request.charted())));

    @PostMapping("/api/circuits/files/{kind}")
    FileView file(@PathVariable String kind, @RequestBody CircuitRequest request) {
        Function<CircuitRequest, FileView> file = FILES.get(kind);
        if (file == null)
            throw Problem.badRequest("“" + kind + "” is no kind of file; known are notation, netlist, drawing, chart.");
        return file.apply(request);
    }

    private static String drawing(CircuitRequest request) {
        ChartedCircuit charted = request.charted();
        return Svg.print(
                SceneView.scene(
                        charted.chart(),
                        charted.style(),
                        request.planOrUsual().in(charted.style()),
                        request.roomOrDesk()),
                Words.describe(charted.chart().circuit()));
    }

    /** A list of parts has no ':' in it, a circuit's notation has one. */
    @PostMapping("/api/circuits/opening")
    Opened open(@RequestBody Opening opening) {
        String text = opening.text() == null ? "" : opening.text().replace("\uFEFF", "");
        if (text.isBlank())
            throw Problem.badRequest("There is nothing in it: a circuit such as 9 V : R1=3 + R2=6, or a list of"
                    + " parts such as R1 1 2 3, is expected.");
        if (text.getBytes(StandardCharsets.UTF_8).length > MOST_BYTES)
            throw Problem.badRequest("The text is longer than " + MOST_BYTES / 1024 + " kB.");
        if (withoutRemarks(text).contains(":"))
            return new Opened(Notation.print(Circuits.read(withoutRemarks(text))), null);
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
