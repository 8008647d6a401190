package didaxis.server.question;

import didaxis.core.question.Box;
import didaxis.core.question.Question;
import didaxis.core.style.HouseStyle;
import didaxis.server.config.Problem;

/**
 * A question that can be kept, finished or not, and how much it asks. All of it is worked out before anything is written:
 * for a large circuit that takes a while, and nobody else could write meanwhile.
 *
 * @param work how much it was to make it ready, as {@link QuestionSize} counts
 */
public record ReadyQuestion(QuestionContent content, DifficultyWord difficulty, int work) {
    /**
     * A question with its circuit and its cells in canonical form.
     *
     * @throws Problem if its title is missing or too long, the body means no question, or a box earns what is none
     */
    public static ReadyQuestion of(QuestionBody body) {
        String title = QuestionContent.checkedTitle(body.title());
        Question plain = body.plain(HouseStyle.RIDGE);
        Question question = body.named(plain);
        for (Box box : question.boxes())
            if (box.marks() < 1 || box.marks() > Question.MOST_MARKS_A_BOX)
                throw Problem.badRequest("A box earns 1 to " + Question.MOST_MARKS_A_BOX + " marks; " + box.marks()
                                + " is none of these.")
                        .with("field", "marks");
        QuestionContent content = new QuestionContent(
                title,
                new CanonicalQuestion(body, plain, HouseStyle.RIDGE).written(),
                question.boxes().size(),
                question.total());
        return new ReadyQuestion(content, DifficultyWord.of(question), QuestionSize.toBeKept(question));
    }
}
