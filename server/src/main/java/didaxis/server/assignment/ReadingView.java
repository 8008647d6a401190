package didaxis.server.assignment;

import didaxis.core.line.Line;
import didaxis.core.line.LineMathMl;
import didaxis.core.line.LineText;
import didaxis.core.wording.WorkingSentence;
import didaxis.server.circuit.SceneView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What a text in a box was read as, in JSON: shown back, or else what would be expected; both empty for an empty box.
 *
 * @param scene what was connected, drawn; null in every other form
 * @param lines of a working what each line was read as; empty in every other form
 */
record ReadingView(
        String box,
        String shown,
        String expected,

        @Schema(
                types = {"object", "null"},
                implementation = SceneView.class)
        SceneView scene,

        List<ReadLineView> lines) {
    /**
     * A line of a working.
     *
     * @param read its sides as MathML, those that are said to be equal with the sign before them
     * @param text the same as one line of text
     * @param unread what could not be read, with its place; empty where all could
     */
    record ReadLineView(List<String> read, String text, String unread) {
        static ReadLineView of(Line line) {
            return new ReadLineView(
                    LineMathMl.sides(line),
                    line.chains().isEmpty() ? "" : LineText.print(line),
                    line.unread().map(WorkingSentence::say).orElse(""));
        }
    }
}
