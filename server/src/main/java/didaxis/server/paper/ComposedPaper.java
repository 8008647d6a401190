package didaxis.server.paper;

import didaxis.core.memo.Memo;
import didaxis.core.question.Question;
import didaxis.core.style.ClassStyle;
import didaxis.core.style.HouseStyle;
import didaxis.core.template.ValueSets;
import didaxis.server.assignment.PaperLayout;
import didaxis.server.assignment.Variants;
import didaxis.server.paper.PaperView.PaperCheck;
import didaxis.server.paper.PaperView.PaperQuestion;
import didaxis.server.question.FlawView;
import didaxis.server.question.QuestionBody;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.QuestionSize;
import didaxis.server.question.Questions;
import didaxis.server.question.VariedQuestion;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/** A paper with its questions worked through: which can be printed, with which values, and what is to be said of them. */
final class ComposedPaper {
    private static final String TOO_MUCH =
            "With it the paper asks for more of large circuits than one paper can. Put it on another.";

    private final Papers.Kept kept;
    private final List<Looked> questions;

    /** A question that was looked at. */
    private record Looked(Questions.Kept question, Question asked, ValueSets sets, List<String> flaws) {
        /**
         * @param fits whether it can stand on the paper with those before it
         * @param sharing among how many the work of finding values is shared
         */
        static Looked of(
                Questions.Kept kept,
                Question asked,
                boolean fits,
                Function<QuestionBody, ValueSets> found,
                int sharing) {
            QuestionContent content = kept.content();
            List<String> flaws = new ArrayList<>();
            if (!fits) flaws.add(TOO_MUCH);
            else FlawView.of(asked, HouseStyle.RIDGE).forEach(flaw -> flaws.add(flaw.sentence()));
            ValueSets none = new ValueSets(List.of(), 0, true, Optional.empty());
            boolean varies = !content.body().varies().isEmpty() && flaws.isEmpty();
            ValueSets sets = varies ? found.apply(content.body()) : none;
            if (varies && sets.found().isEmpty()) flaws.add(VariedQuestion.none(sets, sharing));
            return new Looked(kept, asked, sets, flaws);
        }

        boolean printable() {
            return flaws.isEmpty();
        }

        PaperQuestion view() {
            QuestionContent content = question.content();
            return new PaperQuestion(
                    question.id(),
                    content.title(),
                    content.body().notation(),
                    content.body().kinds(),
                    content.marks(),
                    question.difficulty(),
                    !content.body().varies().isEmpty(),
                    sets.found().size(),
                    flaws);
        }
    }

    private ComposedPaper(Papers.Kept kept, List<Looked> questions) {
        this.kept = kept;
        this.questions = questions;
    }

    static ComposedPaper of(Papers.Kept kept, List<Questions.Kept> questions, FoundSets found) {
        long seed = kept.content().layout().seedOrUsual();
        int sharing = VariedQuestion.sharing(
                questions.stream().map(Questions.Kept::content).toList());
        List<Looked> looked = new ArrayList<>();
        List<Question> read = new ArrayList<>();
        for (Questions.Kept one : questions) {
            Question asked = one.content().body().question();
            read.add(asked);
            boolean fits = QuestionSize.fit(read);
            if (!fits) read.remove(read.size() - 1);
            looked.add(Looked.of(one, asked, fits, body -> found.of(body, seed, sharing), sharing));
        }
        return new ComposedPaper(kept, looked);
    }

    String title() {
        return kept.content().title();
    }

    PaperLayout layout() {
        return kept.content().layout();
    }

    /** How those that can be printed are laid out. */
    PaperLayout printedLayout() {
        return layout().of(IntStream.range(0, questions.size())
                .filter(place -> questions.get(place).printable())
                .boxed()
                .toList());
    }

    /** Those that can be printed, in all variants. */
    Variants variants(ClassStyle style) {
        return Variants.of(
                questions.stream()
                        .filter(Looked::printable)
                        .map(one -> new Variants.Frozen(
                                one.question().content().body(), one.sets().found()))
                        .toList(),
                layout().versionsOrSame(),
                style);
    }

    /** Of its questions, those that are there. */
    List<Long> ids() {
        return questions.stream().map(one -> one.question().id()).toList();
    }

    /** All questions as they are handed out. */
    List<QuestionContent> contents() {
        return questions.stream().map(one -> one.question().content()).toList();
    }

    /** The values that were found for one of them. */
    ValueSets sets(QuestionContent content) {
        return questions.stream()
                .filter(one -> one.question().content() == content)
                .findFirst()
                .orElseThrow()
                .sets();
    }

    PaperView view() {
        int marks = questions.stream()
                .mapToInt(one -> one.question().content().marks())
                .sum();
        return new PaperView(
                kept.id(),
                title(),
                kept.revision(),
                kept.updatedAt(),
                layout(),
                questions.stream().map(Looked::view).toList(),
                marks,
                checks(marks));
    }

    private List<PaperCheck> checks(int marks) {
        List<PaperCheck> checks = new ArrayList<>();
        int removed = kept.content().questions().size() - questions.size();
        if (removed > 0)
            checks.add(new PaperCheck(
                    false,
                    (removed == 1 ? "A question of this paper was" : removed + " questions of this paper were")
                            + " removed; the desk has what was removed."));
        if (questions.isEmpty()) return checks;
        for (int k = 0; k < questions.size(); k++)
            for (String flaw : questions.get(k).flaws())
                checks.add(new PaperCheck(false, "Question " + (k + 1) + " is left out: " + flaw));
        boolean all = questions.stream().allMatch(Looked::printable);
        if (all) checks.add(new PaperCheck(true, "Every question can be asked as it stands."));
        if (all && questions.stream().anyMatch(one -> !one.sets().found().isEmpty()))
            checks.add(new PaperCheck(true, "Every variant can be asked as it stands."));
        if (all) checks.add(ticks(marks));
        return checks;
    }

    /** Whether the memo has a tick for every mark. */
    private PaperCheck ticks(int marks) {
        int ticks = questions.stream()
                .mapToInt(one -> Memo.ticks(one.asked(), ClassStyle.STANDARD.marking()))
                .sum();
        return new PaperCheck(
                ticks == marks,
                ticks == marks
                        ? "The ticks of the memo sum to " + marks + "."
                        : "The memo has " + ticks + " ticks for " + marks + " marks.");
    }
}
