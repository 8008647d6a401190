package didaxis.server.assignment;

import didaxis.core.correction.SameAnswer;
import didaxis.core.question.Amounts;
import didaxis.core.question.InWords;
import didaxis.core.words.Wording;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Lets a teacher decide what a wording earns, for all who wrote it. */
@Service
class WordingService {
    private final Assignments assignments;
    private final AssignedQuestions assigned;
    private final Sheets sheets;
    private final Wordings wordings;
    private final ResultsService results;
    private final Transactions transactions;

    WordingService(
            Assignments assignments,
            AssignedQuestions assigned,
            Sheets sheets,
            Wordings wordings,
            ResultsService results,
            Transactions transactions) {
        this.assignments = assignments;
        this.assigned = assigned;
        this.sheets = sheets;
        this.wordings = wordings;
        this.results = results;
        this.transactions = transactions;
    }

    /**
     * Gives all who wrote this in a box so many points, and says how all stands then.
     *
     * @param points none to leave it to the marker again
     */
    BoxesView decide(long id, String boxId, String text, Integer points, long teacher) {
        transactions.write(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            Paper.Place place =
                    assigned.variants(assignment).numbered(0).places().get(boxId == null ? "" : boxId);
            boolean decidable = place != null && (place.task() instanceof InWords || Amounts.calculated(place.task()));
            if (!decidable) throw Problem.notFound("box for words or lines on this sheet");
            int most = place.box().marks();
            if (points != null && (points < 0 || points > most))
                throw Problem.badRequest("This box earns 0 to " + most + " marks.")
                        .with("field", "points");
            if (text == null || text.isBlank())
                throw Problem.badRequest("Say what was written.").with("field", "text");
            Wording wording = SameAnswer.wording(place.task(), text);
            List<SubmittedSheet> alike = sheets.all(id).stream()
                    .filter(sent -> !sent.text(boxId).isBlank()
                            && SameAnswer.wording(place.task(), sent.text(boxId))
                                    .equals(wording))
                    .toList();
            Variants before = assigned.variants(assignment);
            // Words may be decided before anybody wrote them; lines belong to the values they were written for.
            Stream<String> own = place.task() instanceof InWords
                    ? key(before.numbered(0), boxId).stream()
                    : alike.stream().flatMap(sent -> key(before.of(sent.seed()), boxId).stream());
            own.distinct().forEach(key -> wordings.decide(key, wording, points, teacher));
            Variants variants = assigned.variants(assignment);
            for (SubmittedSheet sent : alike)
                Judgement.of(variants.of(sent.seed()), sent.answers()).stored().stream()
                        .filter(found -> found.box().equals(boxId))
                        .forEach(found -> sheets.correct(sent.id(), found));
            sheets.count(id, variants, alike.stream().map(SubmittedSheet::id).collect(Collectors.toSet()));
        });
        return results.boxes(id, teacher);
    }

    private static Optional<String> key(Paper paper, String boxId) {
        Paper.Place place = paper.places().get(boxId);
        return Decided.keyOf(paper.question(place), place.task(), place.box());
    }
}
