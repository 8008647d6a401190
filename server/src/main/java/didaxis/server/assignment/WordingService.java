package didaxis.server.assignment;

import didaxis.core.marking.BoxFinding;
import didaxis.core.question.InWords;
import didaxis.core.words.Wording;
import didaxis.server.assignment.Assignments.Assignment;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import org.springframework.stereotype.Service;

/** Lets a teacher decide what a wording earns, for all who wrote it. */
@Service
class WordingService {
    private final Assignments assignments;
    private final Sheets sheets;
    private final Wordings wordings;
    private final ResultsService results;
    private final Transactions transactions;

    WordingService(
            Assignments assignments,
            Sheets sheets,
            Wordings wordings,
            ResultsService results,
            Transactions transactions) {
        this.assignments = assignments;
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
    ResultsService.BoxesView decide(long id, String boxId, String text, Integer points, long teacher) {
        transactions.write(() -> {
            Assignment assignment = assignments.ofTeacher(id, teacher);
            Paper.Place place =
                    assignments.variants(assignment).numbered(0).places().get(boxId == null ? "" : boxId);
            if (place == null || !(place.task() instanceof InWords asked))
                throw Problem.notFound("box for words on this sheet");
            int most = place.box().marks();
            if (points != null && (points < 0 || points > most))
                throw Problem.badRequest("This box earns 0 to " + most + " marks.")
                        .with("field", "points");
            if (text == null || text.isBlank())
                throw Problem.badRequest("Say what was written.").with("field", "text");
            Wording wording = Wording.of(text);
            wordings.decide(asked, wording, points, teacher);
            Variants variants = assignments.variants(assignment);
            for (Sheets.Submission sent : sheets.submissions(id)) {
                String typed = sent.text(boxId);
                if (typed.isBlank() || !Wording.of(typed).equals(wording)) continue;
                BoxFinding found = Judgement.of(variants.of(sent.learnerId()), sent.answers())
                        .findings()
                        .get(boxId);
                sheets.correct(sent.id(), StoredFinding.of(boxId, found));
            }
        });
        return results.boxes(id, teacher);
    }
}
