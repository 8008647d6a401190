package didaxis.server.question;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subjects;
import didaxis.core.formula.Symbols;
import didaxis.core.law.Relations;
import didaxis.core.notation.Notation;
import didaxis.core.question.ChartQuestion;
import didaxis.core.wording.FlawSentence;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What a question is made of, as it is kept: its circuit's text and what of the chart is given and asked. */
public record QuestionContent(String title, String notation, List<CellView> given, List<AskedCell> asked) {
    private static final int LONGEST_TITLE = 120;

    private static final int MOST_MARKS = 20;

    /** An asked cell and what it earns. */
    public record AskedCell(CellView cell, int marks) {}

    /**
     * The same with its circuit and its cells in canonical form: a cell may be typed under another name of its group.
     *
     * @throws Problem if the title is missing or too long, the circuit cannot be read or analysed, or a cell is none of
     *     its, or is asked twice
     */
    public QuestionContent checked() {
        String named = checkedTitle(title);
        if (given == null || asked == null) throw Problem.badRequest("Say which cells are given and which are asked.");
        for (AskedCell one : asked) {
            if (one != null && (one.marks() < 1 || one.marks() > MOST_MARKS))
                throw Problem.badRequest(
                                "A cell earns 1 to " + MOST_MARKS + " marks; " + one.marks() + " is none of these.")
                        .with("field", "marks");
        }
        ChartQuestion question = question();
        if (question.marks().size() < asked.size()) throw Problem.badRequest("One of the cells is asked twice.");
        return new QuestionContent(
                named,
                Notation.print(question.relations().chart().circuit()),
                question.given().stream()
                        .map(CellView::of)
                        .sorted(Comparator.comparing(this::placeAmongGiven))
                        .toList(),
                question.marks().entrySet().stream()
                        .map(one -> new AskedCell(CellView.of(one.getKey()), one.getValue()))
                        .toList());
    }

    /**
     * A title as it is kept.
     *
     * @throws Problem if it is missing or too long
     */
    static String checkedTitle(String title) {
        if (title == null || title.isBlank())
            throw Problem.badRequest("The question needs a name.").with("field", "title");
        if (title.strip().length() > LONGEST_TITLE) {
            throw Problem.badRequest("The question's name is longer than " + LONGEST_TITLE + " characters.")
                    .with("field", "title");
        }
        return title.strip();
    }

    /** Givens keep their order; those that were typed otherwise stand behind. */
    private int placeAmongGiven(CellView cell) {
        int place = given.indexOf(cell);
        return place < 0 ? given.size() : place;
    }

    /** The question itself. */
    public ChartQuestion question() {
        Chart chart = Circuits.chart(Circuits.read(notation));
        Subjects subjects = chart.subjects();
        Set<Cell> givenCells = new LinkedHashSet<>();
        for (CellView cell : given) givenCells.add(cell(cell, subjects));
        Map<Cell, Integer> marks = new LinkedHashMap<>();
        for (AskedCell one : asked) marks.put(cell(one == null ? null : one.cell(), subjects), one.marks());
        try {
            return new ChartQuestion(Relations.of(chart), givenCells, marks);
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("A cell cannot be both given and asked.");
        }
    }

    private static Cell cell(CellView cell, Subjects subjects) {
        if (cell == null) throw Problem.badRequest("A cell needs a subject and a quantity.");
        return cell.in(subjects);
    }

    /** What keeps it from being handed out, a sentence each. */
    public List<String> flaws() {
        return question().flaws().stream()
                .map(new FlawSentence(Symbols.USUAL)::say)
                .toList();
    }
}
