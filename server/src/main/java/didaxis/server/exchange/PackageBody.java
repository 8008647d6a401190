package didaxis.server.exchange;

import didaxis.server.assignment.PaperLayout;
import didaxis.server.circuit.ClassStyleBody;
import didaxis.server.question.QuestionBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * Questions, papers and styles in one file, in JSON; docs/package.md says all of it.
 *
 * @param didaxis what it is: always "package"
 * @param version of this form
 * @param questions each with its title
 * @param papers with their questions by their places among these; the first is 0
 */
public record PackageBody(
        String didaxis,
        @Schema(types = {"integer", "null"}) Integer version,
        @Schema(types = {"array", "null"}) List<QuestionBody> questions,
        @Schema(types = {"array", "null"}) List<PackedPaper> papers,
        @Schema(types = {"array", "null"}) List<PackedStyle> styles) {
    static final String WORD = "package";
    /** The version that is written. */
    static final int VERSION = 1;

    /** A paper. */
    record PackedPaper(
            String title,

            @Schema(
                    types = {"object", "null"},
                    implementation = PaperLayout.class)
            PaperLayout layout,

            List<Integer> questions) {}

    /** A style under the name of the class that has it. */
    record PackedStyle(String name, ClassStyleBody style) {}

    static PackageBody of(List<QuestionBody> questions, List<PackedPaper> papers, List<PackedStyle> styles) {
        return new PackageBody(WORD, VERSION, questions, papers, styles);
    }

    List<QuestionBody> questionsOrNone() {
        return questions == null ? List.of() : questions;
    }

    List<PackedPaper> papersOrNone() {
        return papers == null ? List.of() : papers;
    }

    List<PackedStyle> stylesOrNone() {
        return styles == null ? List.of() : styles;
    }
}
