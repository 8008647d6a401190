package didaxis.server.assignment;

import didaxis.core.question.Box;
import didaxis.server.config.Problem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** One answer as it was typed, and the id of its box on the sheet. */
record Answer(String box, String text) {
    /**
     * Answers by their boxes, each box once: of several texts for one the last counts.
     *
     * @throws Problem if one belongs to no box, or is too long
     */
    static List<Answer> checked(Paper paper, List<Answer> answers) {
        if (answers == null) throw Problem.badRequest("Answers are needed: a list of boxes and texts.");
        Set<String> boxes = paper.places().keySet();
        Map<String, Answer> own = new LinkedHashMap<>();
        for (Answer answer : answers) {
            if (answer == null || answer.box() == null || !boxes.contains(answer.box()))
                throw Problem.badRequest("One of the answers belongs to no box of this sheet.");
            if (answer.text() == null || answer.text().length() > Box.LONGEST_ANSWER)
                throw Problem.badRequest("An answer is longer than " + Box.LONGEST_ANSWER + " characters.");
            own.put(answer.box(), answer);
        }
        return List.copyOf(own.values());
    }
}
