package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.marking.Marker;
import didaxis.core.question.ChartQuestion;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.FindingSentence;
import didaxis.server.circuit.CellView;
import didaxis.server.marking.FindingView;
import didaxis.server.question.QuestionContent;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What marking makes of a sheet: a finding for every asked cell, and the marks. */
record Judgement(List<FindingView> findings, int marks) {
    static Judgement of(QuestionContent content, List<Sheets.Answer> answers) {
        ChartQuestion question = content.question();
        Map<CellView, String> typed = new LinkedHashMap<>();
        answers.forEach(answer -> typed.put(answer.cell(), answer.text()));
        Map<Cell, String> sheet = new LinkedHashMap<>();
        question.marks().keySet().stream()
                .sorted(SheetView.sheetOrder(question))
                .forEach(cell -> sheet.put(cell, typed.getOrDefault(CellView.of(cell), "")));
        Marker marker = Marker.of(question.relations(), question.given(), MarkingStyle.STANDARD);
        FindingSentence sentences = new FindingSentence(MarkingStyle.STANDARD.format());
        List<FindingView> findings = marker.mark(sheet).stream()
                .map(finding -> FindingView.of(finding, sentences))
                .toList();
        int marks = 0;
        for (FindingView finding : findings) marks += earned(finding, question);
        return new Judgement(findings, marks);
    }

    private static int earned(FindingView finding, ChartQuestion question) {
        if (!finding.earns()) return 0;
        return question.marks().entrySet().stream()
                .filter(entry -> finding.isOf(entry.getKey()))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }
}
