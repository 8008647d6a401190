package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.question.ChartQuestion;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.WordList;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.SceneView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A learner's sheet in JSON: the drawing with what is given, and the boxes to fill. It is made from the given
 * cells alone; no other value of the circuit goes into it.
 */
record SheetView(
        long id,
        String title,
        String classroom,
        Instant dueAt,

        @Schema(allowableValues = {"not-begun", "working", "sent"})
        String state,

        boolean released,
        int revision,

        @Schema(
                types = {"string", "null"},
                format = "date-time")
        Instant keptAt,

        @Schema(
                types = {"string", "null"},
                format = "date-time")
        Instant sentAt,

        boolean collected,
        int marks,
        List<WordList.Line> wordList,
        SceneView scene,
        List<GivenView> given,
        List<BoxView> boxes) {
    /** A given cell and its value. */
    record GivenView(CellView cell, String symbol, String shown) {}

    /** A box to fill, what stands in it, and what that was read as. */
    record BoxView(CellView cell, String symbol, String unit, int marks, String text, ReadingView reading) {}

    /** What a text was read as: shown back, or else what would be expected; both empty for an empty box. */
    record ReadingView(CellView cell, String shown, String expected) {}

    private static final List<Quantity> ORDER =
            List.of(Quantity.RESISTANCE, Quantity.CURRENT, Quantity.VOLTAGE, Quantity.POWER, Quantity.POTENTIAL);

    static SheetView of(Assignments.Assignment assignment, LearnerState state, SceneView.Room room) {
        ChartQuestion question = assignment.content().question();
        AmountFormat format = AmountFormat.STANDARD;
        Map<CellView, String> texts = state.answers().stream()
                .collect(Collectors.toMap(Sheets.Answer::cell, Sheets.Answer::text, (first, second) -> second));
        List<GivenView> given = question.givenValues().entrySet().stream()
                .sorted(Map.Entry.comparingByKey(sheetOrder(question)))
                .map(entry -> new GivenView(
                        CellView.of(entry.getKey()),
                        Symbols.USUAL.mathMl(entry.getKey()),
                        format.exactly(
                                Amount.of(entry.getValue(), entry.getKey().quantity()))))
                .toList();
        List<BoxView> boxes = question.marks().entrySet().stream()
                .sorted(Map.Entry.comparingByKey(sheetOrder(question)))
                .map(entry ->
                        box(entry.getKey(), entry.getValue(), texts.getOrDefault(CellView.of(entry.getKey()), "")))
                .toList();
        return new SheetView(
                assignment.id(),
                assignment.content().title(),
                assignment.classroom(),
                assignment.dueAt(),
                state.word(),
                assignment.released(),
                state.revision(),
                state.keptAt(),
                state.sentAt(),
                state.collected(),
                question.total(),
                WordList.of(question.relations().chart().circuit()),
                SceneView.of(question.relations().chart().circuit(), question.given()::contains, room),
                given,
                boxes);
    }

    /** Boxes by quantity, in each as the chart has its rows. */
    static Comparator<Cell> sheetOrder(ChartQuestion question) {
        List<String> rows = question.relations().chart().rows().stream()
                .map(subject -> subject.id())
                .toList();
        Function<Cell, Integer> row = cell ->
                rows.contains(cell.subject().id()) ? rows.indexOf(cell.subject().id()) : rows.size();
        return Comparator.comparing((Cell cell) -> ORDER.indexOf(cell.quantity()))
                .thenComparing(row)
                .thenComparing(cell -> cell.subject().id());
    }

    private static BoxView box(Cell cell, int marks, String text) {
        return new BoxView(
                CellView.of(cell),
                Symbols.USUAL.mathMl(cell),
                cell.quantity().unit(),
                marks,
                text,
                read(CellView.of(cell), text));
    }

    /** What a text in the box of a cell is read as. */
    static ReadingView read(CellView cell, String text) {
        Reading reading = MarkingStyle.STANDARD.format().read(text, cell.measured());
        return reading.match(
                read -> new ReadingView(cell, read.shown(), ""),
                blank -> new ReadingView(cell, "", ""),
                unreadable -> new ReadingView(cell, "", expected(unreadable)));
    }

    /** A value as marking prints it. */
    static String shown(double value, Cell cell) {
        return AmountFormat.STANDARD.print(Amount.of(value, cell.quantity()));
    }

    private static String expected(Reading.Unreadable unreadable) {
        return unreadable.expected()
                + unreadable
                        .unitOf()
                        .map(other -> "; this is " + other.phrase())
                        .orElse("");
    }
}
