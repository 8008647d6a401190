package didaxis.server.assignment;

import didaxis.core.style.HouseStyle;
import didaxis.core.template.ValueSets;
import didaxis.core.template.Values;
import didaxis.server.assignment.AssignedQuestions.FoundQuestion;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.Assignments.Bundle;
import didaxis.server.classroom.ClassSize;
import didaxis.server.classroom.Classrooms;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import didaxis.server.question.FlawView;
import didaxis.server.question.QuestionContent;
import didaxis.server.question.QuestionSize;
import didaxis.server.question.VariedQuestion;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** Hands questions to a class. What is slow, checking them and finding their values, is done before anything is written. */
@Component
public class HandingOut {
    /** A year with more digits is a slip, and much later ones have no place in the database. */
    private static final Instant LATEST_DUE = Instant.parse("9999-12-31T23:59:59Z");

    private final Assignments assignments;
    private final AssignmentViews views;
    private final Classrooms classrooms;
    private final Transactions transactions;
    private final Clock clock;

    HandingOut(
            Assignments assignments,
            AssignmentViews views,
            Classrooms classrooms,
            Transactions transactions,
            Clock clock) {
        this.assignments = assignments;
        this.views = views;
        this.classrooms = classrooms;
        this.transactions = transactions;
        this.clock = clock;
    }

    /**
     * When, and whether it is meant where the class has the same already.
     *
     * @param again false where it would be by mistake
     */
    public record Occasion(Instant dueAt, boolean again) {}

    /**
     * Questions as they are handed out, with the values that what varies has.
     *
     * @param seed decides which values these are
     * @throws Problem if one of them cannot be handed out
     */
    static List<FoundQuestion> found(List<QuestionContent> questions, Versions versions, long seed) {
        int sharing = VariedQuestion.sharing(questions);
        return found(
                questions,
                versions,
                one -> new VariedQuestion(one.body()).sets(seed, versions.count(VariedQuestion.MOST_SETS), sharing));
    }

    /**
     * The same with values that are found already, or are found now.
     *
     * @param sets of a question that varies, and has no flaw
     */
    public static List<FoundQuestion> found(
            List<QuestionContent> questions, Versions versions, Function<QuestionContent, ValueSets> sets) {
        if (!QuestionSize.fit(
                questions.stream().map(one -> one.body().question()).toList()))
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Together these questions ask for more of large circuits than one sheet can. Hand out some of them by themselves.");
        int sharing = VariedQuestion.sharing(questions);
        return questions.stream()
                .map(one -> new FoundQuestion(one, values(one, versions, sets, sharing)))
                .toList();
    }

    private static List<Values> values(
            QuestionContent content, Versions versions, Function<QuestionContent, ValueSets> sets, int sharing) {
        refuseFlaws(content);
        if (content.body().varies().isEmpty()) return List.of();
        ValueSets found = sets.apply(content);
        if (!found.found().isEmpty())
            return found.found().subList(0, versions.count(found.found().size()));
        throw Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "“" + content.title() + "” cannot be handed out yet. " + VariedQuestion.none(found, sharing));
    }

    private static void refuseFlaws(QuestionContent content) {
        List<FlawView> flaws = FlawView.of(content.body().question(), HouseStyle.RIDGE);
        if (flaws.isEmpty()) return;
        String why = flaws.stream().map(FlawView::sentence).collect(Collectors.joining(" "));
        throw Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT, "“" + content.title() + "” cannot be handed out yet. " + why);
    }

    /**
     * Hands them to one of the teacher's classes.
     *
     * @throws Problem if there is no such class, the due time is past, it has the same already, or it is too much for so many
     */
    public AssignmentSummary handOut(long classId, Bundle bundle, Occasion occasion, long teacher) {
        checkDue(occasion.dueAt());
        long weight = bundle.weight();
        return transactions.write(() -> {
            Classrooms.Classroom classroom = classrooms.one(classId, teacher);
            ClassSize.checkHandOut(
                    bundle.title(), weight, classrooms.learners(classId).size());
            if (!occasion.again()) refuseIfThereAlready(classroom, bundle.title());
            long id = assignments.handOut(classId, bundle, weight, occasion.dueAt());
            return views.summary(id, teacher);
        });
    }

    private void refuseIfThereAlready(Classrooms.Classroom classroom, String title) {
        boolean there = assignments.ofClass(classroom.id()).stream()
                .anyMatch(one -> one.title().equals(title));
        if (there) {
            throw Problem.of(
                            HttpStatus.CONFLICT,
                            "“" + title + "” was handed to " + classroom.name()
                                    + " already. Hand it out once more all the same?")
                    .with("reason", "there-already");
        }
    }

    /** @throws Problem if it is past, or none */
    void checkDue(Instant dueAt) {
        if (dueAt == null || !dueAt.isAfter(clock.instant()))
            throw Problem.badRequest("The due time must lie ahead.").with("field", "dueAt");
        if (dueAt.isAfter(LATEST_DUE))
            throw Problem.badRequest("The due time lies too far ahead.").with("field", "dueAt");
    }
}
