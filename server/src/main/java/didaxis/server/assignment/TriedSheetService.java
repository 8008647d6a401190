package didaxis.server.assignment;

import didaxis.core.question.Question;
import didaxis.core.style.ClassStyle;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.server.assignment.TriedSheetController.TriedSheet;
import didaxis.server.circuit.SceneView;
import didaxis.server.config.Problem;
import didaxis.server.marking.BoxFindingView;
import didaxis.server.question.FlawView;
import didaxis.server.question.QuestionBody;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Marks a sheet of a question that nobody has kept yet. */
@Service
class TriedSheetService {
    TriedSheet tried(QuestionBody body, List<Answer> answers, SceneView.Room room, HouseStyle style) {
        Question question = body.question(style);
        List<FlawView> flaws = FlawView.of(question, style);
        if (!flaws.isEmpty())
            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, flaws.get(0).sentence())
                    .with("task", flaws.get(0).task());
        Paper paper = Paper.of(List.of(body), new ClassStyle(style, MarkingStyle.STANDARD));
        List<Answer> own = Answer.checked(paper, answers);
        boolean written = own.stream().anyMatch(answer -> !answer.text().isBlank());
        Judgement judgement = Judgement.of(paper, own);
        List<BoxFindingView> findings = written ? judgement.views(paper.style()) : List.of();
        return new TriedSheet(
                QuestionSheet.of(paper, 0, own, room, false), findings, judgement.marks(), question.total());
    }
}
