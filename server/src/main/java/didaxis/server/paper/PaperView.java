package didaxis.server.paper;

import didaxis.server.assignment.PaperLayout;
import didaxis.server.print.PrintJobs.JobView;
import didaxis.server.question.DifficultyWord;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/**
 * A paper in JSON, with what there is to know before it is printed.
 *
 * @param revision on which a change is built
 */
record PaperView(
        long id,
        String title,
        int revision,
        Instant updatedAt,
        PaperLayout layout,
        List<PaperQuestion> questions,
        int marks,
        List<PaperCheck> checks) {
    /**
     * A question where it stands.
     *
     * @param kinds of its tasks
     * @param varies whether values vary in it
     * @param sets how many sets of values were found; 0 where none varies
     * @param flaws why it is left out of the pages; empty where it is not
     */
    record PaperQuestion(
            long id,
            String title,
            @Schema(types = {"string", "null"}) String notation,
            List<String> kinds,
            int marks,
            DifficultyWord difficulty,
            boolean varies,
            int sets,
            List<String> flaws) {}

    /** Something that was looked at: whether it is as it should be, in a sentence. */
    record PaperCheck(boolean holds, String sentence) {}

    /** A paper in a list. */
    record PaperSummary(
            long id,
            String title,
            int questions,
            int marks,
            @Schema(types = {"integer", "null"}) Integer minutes,
            Instant updatedAt) {}

    /**
     * Pages as they are printed.
     *
     * @param key changes with what stands on them
     * @param variants how many variants there are, and the letter of this one
     * @param texts of each page what can be read on it; none as long as they are being set
     * @param print how far that is; null where they are there
     */
    record PagesView(
            String key,
            int variants,
            String letter,
            List<String> texts,

            @Schema(
                    types = {"object", "null"},
                    implementation = JobView.class)
            JobView print) {}

    /** What a paper was at one time. */
    record PaperRevisionView(int revision, String title, int questions, Instant at) {}
}
