package didaxis.server.file;

import didaxis.server.circuit.CircuitRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Circuits in from files and out to files. */
@RestController
class FileController {
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

    private final FileService files;

    FileController(FileService files) {
        this.files = files;
    }

    @PostMapping("/api/circuits/files/{kind}")
    FileView file(@PathVariable String kind, @RequestBody CircuitRequest request) {
        return files.file(kind, request);
    }

    @PostMapping("/api/circuits/opening")
    Opened open(@RequestBody Opening opening) {
        return files.opened(opening);
    }
}
