package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.AssignmentView.LearnerView;
import didaxis.server.print.Html;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** What has come of an assignment as HTML for the printer: what to teach again, slips, box by box, everybody's marks. */
final class SummaryPage {
    /** Of values that are wrong so many are printed for a box, the most frequent. */
    private static final int MOST_VALUES = 3;

    private final Html html = new Html();
    private final BoxesView results;

    private SummaryPage(BoxesView results) {
        this.results = results;
    }

    /** The whole document. */
    static String of(BoxesView results, PaperLayout layout) {
        SummaryPage page = new SummaryPage(results);
        page.head();
        if (results.assignment().sent() > 0) {
            page.again();
            page.slips();
            page.boxes();
        }
        page.marks();
        return PaperPage.document("Results: " + results.assignment().title(), "summary", page.html, layout);
    }

    private void head() {
        AssignmentSummary one = results.assignment();
        html.element("h1", "", "Results: " + one.title());
        double mean = results.learners().stream()
                .filter(learner -> learner.marks() != null)
                .mapToInt(LearnerView::marks)
                .average()
                .orElse(0);
        String marks = one.sent() == 0 ? "" : "; on average " + tenths(mean) + " of " + one.total() + " marks";
        html.element(
                "p",
                "",
                one.classroom() + ": " + one.sent() + " of " + one.learners() + " sheets came in" + marks + ".");
    }

    private void again() {
        html.element("h2", "", "To teach again");
        if (results.again().isEmpty()) html.element("p", "", "No marks were lost.");
        html.raw("<ol>");
        for (String id : results.again())
            results.boxes().stream().filter(box -> box.box().equals(id)).forEach(box -> {
                String often = box.wrongValues().isEmpty()
                        ? ""
                        : "; most often " + box.wrongValues().get(0).shown();
                html.element(
                        "li",
                        "",
                        asked(box) + ": " + box.lost() + " of "
                                + box.marks() * results.assignment().sent() + " marks lost" + often);
            });
        html.raw("</ol>");
    }

    private void slips() {
        if (results.slips().isEmpty()) return;
        html.element("h2", "", "Slips");
        html.raw("<table class=\"results\">");
        for (SlipResults slip : results.slips()) {
            html.raw("<tr><td>").text(slip.name()).raw("</td><td class=\"amount\">");
            html.text(slip.learners() + " of " + results.assignment().sent() + " learners")
                    .raw("</td></tr>");
        }
        html.raw("</table>");
    }

    private void boxes() {
        html.element("h2", "", "Box by box");
        row(
                "th",
                List.of(
                        "Asked",
                        "Right answer",
                        "Mean",
                        "Right",
                        "Follows",
                        "Partly",
                        "Wrong",
                        "Blank",
                        "Wrong values"));
        for (BoxResults box : results.boxes()) {
            boolean out = box.marks() == 0;
            row(
                    "td",
                    List.of(
                            asked(box),
                            box.expected(),
                            out ? "left out" : tenths(box.mean()) + " of " + box.marks(),
                            count(box.right()),
                            count(box.follows()),
                            count(box.partly() + box.undecided()),
                            count(box.slipped() + box.wrong() + box.unreadable()),
                            count(box.blank()),
                            values(box)));
        }
        html.raw("</table>");
    }

    /** The head of a table begins it. */
    private void row(String tag, List<String> fields) {
        if (tag.equals("th")) html.raw("<table class=\"results\">");
        html.raw("<tr>");
        for (String field : fields) html.element(tag, "", field);
        html.raw("</tr>");
    }

    private static String values(BoxResults box) {
        return box.wrongValues().stream()
                .limit(MOST_VALUES)
                .map(value -> value.shown()
                        + (value.learners().size() > 1 ? " (" + value.learners().size() + ")" : ""))
                .reduce((one, other) -> one + "; " + other)
                .orElse("");
    }

    private void marks() {
        html.element("h2", "", "Marks");
        row("th", List.of("Learner", "Marks"));
        results.learners().stream()
                .sorted(Comparator.comparing(one -> one.learner().displayName(), String.CASE_INSENSITIVE_ORDER))
                .forEach(one -> row(
                        "td",
                        List.of(
                                one.learner().displayName(),
                                one.marks() == null
                                        ? one.state().replace('-', ' ')
                                        : one.marks() + " of "
                                                + results.assignment().total())));
        html.raw("</table>");
    }

    private static String asked(BoxResults box) {
        return box.number() + " " + box.name();
    }

    private static String count(int sheets) {
        return sheets == 0 ? "–" : String.valueOf(sheets);
    }

    private static String tenths(double mean) {
        return String.format(Locale.ROOT, "%.1f", mean);
    }
}
