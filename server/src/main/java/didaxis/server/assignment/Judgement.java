package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.marking.Finding;
import didaxis.core.marking.Marker;
import didaxis.core.question.ChartQuestion;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.FindingSentence;
import didaxis.server.circuit.CellView;
import didaxis.server.marking.FindingView;
import didaxis.server.question.QuestionContent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What marking makes of a sheet: a finding for every asked cell, and the marks. */
record Judgement(List<Finding> findings, int marks) {
    static Judgement of(QuestionContent content, List<Sheets.Answer> answers) {
        ChartQuestion question = content.question();
        Map<CellView, String> typed = typed(answers);
        Map<Cell, String> sheet = new LinkedHashMap<>();
        question.marks().keySet().stream()
                .sorted(SheetView.sheetOrder(question))
                .forEach(cell -> sheet.put(cell, typed.getOrDefault(CellView.of(cell), "")));
        List<Finding> findings = Marker.of(question.relations(), question.given(), MarkingStyle.STANDARD)
                .mark(sheet);
        int marks = findings.stream()
                .filter(Finding::earns)
                .mapToInt(finding -> question.marks().get(finding.cell()))
                .sum();
        return new Judgement(findings, marks);
    }

    /** What was found of a sheet that was sent. */
    static List<FindingView> views(QuestionContent content, Sheets.Submission sent) {
        ChartQuestion question = content.question();
        Map<CellView, String> typed = typed(sent.answers());
        List<Finding> findings = new ArrayList<>();
        for (StoredFinding stored : sent.findings())
            findings.add(stored.in(question, typed.getOrDefault(stored.cell(), "")));
        return views(findings);
    }

    List<FindingView> views() {
        return views(findings);
    }

    private static List<FindingView> views(List<Finding> findings) {
        FindingSentence sentences = new FindingSentence(MarkingStyle.STANDARD.format());
        return findings.stream()
                .map(finding -> FindingView.of(finding, sentences))
                .toList();
    }

    private static Map<CellView, String> typed(List<Sheets.Answer> answers) {
        Map<CellView, String> typed = new LinkedHashMap<>();
        answers.forEach(answer -> typed.put(answer.cell(), answer.text()));
        return typed;
    }
}
