package didaxis.server.assignment;

import didaxis.core.correction.SameAnswer;
import didaxis.core.marking.BoxFinding;
import didaxis.core.question.Amounts;
import didaxis.core.question.InWords;
import didaxis.core.words.Wording;
import didaxis.server.config.Problem;
import didaxis.server.config.Transactions;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
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
        boolean done = false;
        // Where somebody sent this in the meantime, or it was put right, all is worked out again.
        while (!done) {
            Ready ready = ready(id, boxId, text, points, teacher);
            done = transactions.write(() -> {
                assignments.ofTeacher(id, teacher);
                boolean same = assigned.stand(id, ready.after())
                        && alike(id, ready.place(), ready.wording()).equals(ready.alike());
                if (same) write(id, ready, points, teacher);
                return same;
            });
        }
        return results.boxes(id, teacher);
    }

    /**
     * A decision with all that follows from it, ready to be written.
     *
     * @param asked where it holds
     * @param alike the sheets with this in the box, and what is found of each then
     */
    private record Ready(
            Paper.Place place,
            Wording wording,
            List<String> asked,
            Variants after,
            List<SubmittedSheet> alike,
            List<StoredFinding> found) {}

    private Ready ready(long id, String boxId, String text, Integer points, long teacher) {
        Variants before = transactions.read(() -> assigned.variants(assignments.ofTeacher(id, teacher)));
        Paper.Place place = before.numbered(0).places().get(boxId == null ? "" : boxId);
        boolean decidable = place != null && (place.task() instanceof InWords || Amounts.calculated(place.task()));
        if (!decidable) throw Problem.notFound("box for words or lines on this sheet");
        int most = place.box().marks();
        if (points != null && (points < 0 || points > most))
            throw Problem.badRequest("This box earns 0 to " + most + " marks.").with("field", "points");
        if (text == null || text.isBlank())
            throw Problem.badRequest("Say what was written.").with("field", "text");
        Wording wording = SameAnswer.wording(place.task(), text);
        List<SubmittedSheet> alike = transactions.read(() -> alike(id, place, wording));
        // Words may be decided before anybody wrote them; lines belong to the values they were written for.
        Stream<String> own = place.task() instanceof InWords
                ? key(before.numbered(0), boxId).stream()
                : alike.stream().flatMap(sent -> key(before.of(sent.seed()), boxId).stream());
        List<String> asked = own.distinct().toList();
        Variants after = before.deciding(before.decided().with(asked, wording, Optional.ofNullable(points)));
        return new Ready(place, wording, asked, after, alike, found(after, place, alike));
    }

    /** What is found in the box of each sheet now. */
    private static List<StoredFinding> found(Variants after, Paper.Place place, List<SubmittedSheet> alike) {
        MarkingWork work = new MarkingWork();
        if (!alike.stream()
                .allMatch(sent -> work.takes(after.of(sent.seed()), Set.of(place.question()), sent.answers())))
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "So many long sheets have this that they cannot all be marked anew at once. Give the points in the review.");
        Map<Paper, Judging> judgings = new IdentityHashMap<>();
        List<StoredFinding> found = new ArrayList<>();
        for (SubmittedSheet sent : alike) {
            Judging judging = judgings.computeIfAbsent(after.of(sent.seed()), Judging::new);
            Map<String, String> typed = Judging.typed(sent.answers());
            BoxFinding finding = judging.question(place.question(), typed).get(place.id());
            found.addAll(judging.amended(List.of(StoredFinding.of(place.id(), finding)), typed));
        }
        return found;
    }

    private void write(long id, Ready ready, Integer points, long teacher) {
        ready.asked().forEach(key -> wordings.decide(key, ready.wording(), points, teacher));
        for (int k = 0; k < ready.alike().size(); k++)
            sheets.correct(ready.alike().get(k).id(), ready.found().get(k));
        sheets.count(id, ready.after(), Set.copyOf(ids(ready.alike())));
    }

    private List<SubmittedSheet> alike(long id, Paper.Place place, Wording wording) {
        return sheets.all(id).stream()
                .filter(sent -> !sent.text(place.id()).isBlank()
                        && SameAnswer.wording(place.task(), sent.text(place.id()))
                                .equals(wording))
                .toList();
    }

    private static List<Long> ids(List<SubmittedSheet> sheets) {
        return sheets.stream().map(SubmittedSheet::id).toList();
    }

    private static Optional<String> key(Paper paper, String boxId) {
        Paper.Place place = paper.places().get(boxId);
        return Decided.keyOf(paper.question(place), place.task(), place.box());
    }
}
