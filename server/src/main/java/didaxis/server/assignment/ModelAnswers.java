package didaxis.server.assignment;

import didaxis.core.memo.Memo;
import didaxis.core.question.Question;
import didaxis.core.style.ClassStyle;
import didaxis.server.question.MemoEntry;
import java.util.ArrayList;
import java.util.List;

/** How what was asked is worked, in JSON, in the values and the style of one learner's sheet. */
record ModelAnswers(List<ModelAnswer> boxes) {
    /** Of one box, by its id on the sheet. */
    record ModelAnswer(String box, MemoEntry entry) {}

    static ModelAnswers of(Paper paper) {
        ClassStyle style = paper.style();
        List<ModelAnswer> boxes = new ArrayList<>();
        for (int k = 0; k < paper.questions().size(); k++) {
            Question question = paper.questions().get(k);
            for (Memo.Entry entry : Memo.of(question, style.marking()).entries())
                boxes.add(new ModelAnswer(
                        Paper.id(k, entry.box()), MemoEntry.of(entry, question, style.house(), style.marking())));
        }
        return new ModelAnswers(boxes);
    }
}
