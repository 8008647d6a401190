package didaxis.server.question;

import didaxis.core.question.Amounts;
import didaxis.core.question.Question;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import java.util.List;

/** How much a question may ask for, and a paper with all of its questions, so that the memo is made in a second. */
public final class QuestionSize {
    private static final int MOST_TASKS = 60;
    private static final int MOST_BOXES = 400;
    /** Amounts by the rows of their circuits: two hundred in a chart of two hundred parts and the whole. */
    private static final int MOST_WORK = 201 * 200;
    /** The working of an amount that is calculated, with its other routes and its lines, is as much as those of so many in a chart. */
    private static final int CALCULATED = 5;
    /** And that of the smallest circuit is as much as if it had so many rows more. */
    private static final int ROWS_MORE = 50;
    /** To read a part, and a task, is as much as so many rows of an amount. */
    private static final int READ = 50;
    /** So much is read of a paper whenever it is looked at: fourteen circuits of two hundred parts, or fifty of sixty. */
    private static final int MOST_READ = 150_000;
    /** To see how much an amount asks is so much for each row. */
    private static final int SEEN = 3;

    /** To look at a box is as much as for so many parts more. */
    private static final int LOOKED_AT = 10;

    private QuestionSize() {}

    static void tasks(int tasks) {
        if (tasks > MOST_TASKS) throw Problem.badRequest("A question has at most " + MOST_TASKS + " tasks.");
    }

    static void boxes(Question question) {
        if (question.boxes().size() > MOST_BOXES)
            throw Problem.badRequest("A question has at most " + MOST_BOXES + " boxes.")
                    .with("field", "tasks");
        if (work(question) <= MOST_WORK) return;
        int rows = question.states().stream()
                .mapToInt(state -> state.chart().rows().size())
                .max()
                .orElseThrow();
        int charted = MOST_WORK / rows;
        int calculated = MOST_WORK / calculated(rows);
        throw Problem.badRequest(
                        ("Of a circuit of %d parts and groups a question asks for at most %d amounts in charts, or for %d "
                                        + "that are calculated. Ask for fewer, or ask some in another question.")
                                .formatted(rows, charted, calculated))
                .with("field", "tasks");
    }

    /** Whether questions ask for no more together than one may, and can be read together; one can by itself. */
    public static boolean fit(List<Question> questions) {
        return questions.stream().mapToInt(QuestionSize::work).sum() <= MOST_WORK
                && (questions.size() == 1
                        || questions.stream().mapToInt(QuestionSize::toBeKept).sum() <= MOST_READ);
    }

    /** How much it is to read a question, to work it and to see how much it asks; a thousand of these take about two milliseconds. */
    static int toBeKept(Question question) {
        int parts = question.states().stream()
                .mapToInt(state -> state.circuit().parts().size())
                .sum();
        return (parts + question.tasks().size()) * READ
                + (int) Amounts.weighed(question, rows -> rows, rows -> rows) * SEEN;
    }

    /** Of so many questions of this size, and no more, how much they ask is seen as fast as of the largest; of one at least. */
    static int judged(Question question, int wanted) {
        return Math.max(1, Math.min(wanted, MOST_WORK / Math.max(1, work(question))));
    }

    /** What the answers of one learner come to where those of a class are looked at together: boxes, by their circuit's parts. */
    public static long looked(QuestionContent content) {
        String notation = content.body().notation();
        int parts = notation == null || notation.isBlank()
                ? 0
                : Circuits.read(notation).parts().size();
        return (long) content.boxes() * (LOOKED_AT + parts);
    }

    private static int work(Question question) {
        return (int) Amounts.weighed(question, rows -> rows, QuestionSize::calculated);
    }

    private static int calculated(int rows) {
        return (rows + ROWS_MORE) * CALCULATED;
    }
}
