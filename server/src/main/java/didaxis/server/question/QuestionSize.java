package didaxis.server.question;

import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.server.config.Problem;

/** How much one question may ask for, so that its memo is made in a second. */
final class QuestionSize {
    private static final int MOST_TASKS = 60;
    private static final int MOST_BOXES = 400;
    /** Amounts by the rows of their circuits: four hundred in charts of two hundred parts and their groups. */
    private static final int MOST_WORK = 121_000;
    /** The working of an amount that is calculated, with its other routes, is as much as those of so many in a chart. */
    private static final int CALCULATED = 8;

    private QuestionSize() {}

    static void tasks(int tasks) {
        if (tasks > MOST_TASKS) throw Problem.badRequest("A question has at most " + MOST_TASKS + " tasks.");
    }

    static void boxes(Question question) {
        if (question.boxes().size() > MOST_BOXES)
            throw Problem.badRequest("A question has at most " + MOST_BOXES + " boxes.")
                    .with("field", "tasks");
        int work = 0;
        int most = 0;
        for (Task task : question.tasks())
            for (Box box : task.boxes()) {
                if (!(box.form() instanceof Box.Form.Amount amount)) continue;
                int rows = question.state(amount.state()).chart().rows().size();
                work += rows * (Amounts.calculated(task) ? CALCULATED : 1);
                most = Math.max(most, rows);
            }
        if (work <= MOST_WORK) return;
        int charted = MOST_WORK / most;
        throw Problem.badRequest(
                        ("Of a circuit of %d parts and groups a question asks for at most %d amounts in charts, or for %d "
                                        + "that are calculated. Ask for fewer, or ask some in another question.")
                                .formatted(most, charted, charted / CALCULATED))
                .with("field", "tasks");
    }
}
