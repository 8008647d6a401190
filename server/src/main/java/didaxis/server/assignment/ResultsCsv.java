package didaxis.server.assignment;

import didaxis.core.wording.BoxName;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.AssignmentView.LearnerView;
import didaxis.server.assignment.ResultsService.ResultRow;
import didaxis.server.assignment.ResultsService.ResultsView;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.marking.BoxFindingView;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Results as CSV (RFC 4180). Safe to open in a spreadsheet: what would be taken for a formula, such as a name that begins
 * with an equals sign, has an apostrophe before it.
 */
final class ResultsCsv {
    /** By it spreadsheets know that letters are UTF-8. */
    private static final String MARK = "\uFEFF";

    private ResultsCsv() {}

    /** A sheet that came in, with the letter of its variant where there are several. */
    record Sent(Learner learner, String variant, Paper paper, SubmittedSheet submission) {
        static Sent of(Learner learner, Variants variants, SubmittedSheet sent) {
            String letter = variants.letter(variants.number(sent.seed()));
            return new Sent(learner, letter, variants.of(sent.seed()), sent);
        }
    }

    /** The marks of a class: a row a learner, a column an assignment; empty where nothing was sent. */
    static String marks(ResultsView results) {
        List<List<Object>> rows = new ArrayList<>();
        List<Object> head = new ArrayList<>(List.of("learner", "sign-in name"));
        for (AssignmentSummary one : results.assignments()) head.add(one.title() + " (of " + one.total() + ")");
        rows.add(head);
        for (ResultRow row : results.rows()) {
            List<Object> line = new ArrayList<>(
                    List.of(row.learner().displayName(), row.learner().username()));
            for (LearnerView cell : row.cells()) line.add(cell.marks() == null ? "" : cell.marks());
            rows.add(line);
        }
        return print(rows);
    }

    /** What was found of every box of every sheet that came in, in the attempt that counts. */
    static String findings(List<Sent> all) {
        List<List<Object>> rows = new ArrayList<>();
        rows.add(List.of(
                "learner",
                "sign-in name",
                "variant",
                "task",
                "asked",
                "answer",
                "finding",
                "points",
                "of",
                "because",
                "slip",
                "attempt"));
        for (Sent sent : all) {
            Map<String, String> answers = sent.submission().answers().stream()
                    .collect(Collectors.toMap(Answer::box, Answer::text, (one, other) -> other));
            Map<String, Paper.Place> places = sent.paper().places();
            BoxName names = new BoxName(sent.paper().style().house());
            for (BoxFindingView found : Judgement.viewsWithoutLines(sent.paper(), sent.submission())) {
                Paper.Place place = places.get(found.box());
                rows.add(List.of(
                        sent.learner().displayName(),
                        sent.learner().username(),
                        sent.variant(),
                        place.number(),
                        names.say(place.task(), place.box()),
                        answers.getOrDefault(found.box(), ""),
                        found.finding(),
                        found.points(),
                        found.of(),
                        found.sentence(),
                        found.slip() == null ? "" : found.slip(),
                        sent.submission().attempt()));
            }
        }
        return print(rows);
    }

    private static String print(List<List<Object>> rows) {
        StringBuilder csv = new StringBuilder(MARK);
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            for (List<Object> row : rows)
                printer.printRecord(row.stream().map(ResultsCsv::inert).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return csv.toString();
    }

    private static Object inert(Object field) {
        if (!(field instanceof String text) || text.isEmpty()) return field;
        return "=+-−@\t\r\n".indexOf(text.charAt(0)) < 0 ? text : "'" + text;
    }
}
