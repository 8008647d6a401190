package didaxis.server.assignment;

import didaxis.core.formula.Symbols;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.QuestionMarker;
import didaxis.core.question.Question;
import didaxis.core.style.ClassStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxSentence;
import didaxis.core.wording.FindingSentence;
import didaxis.core.wording.WorkingSentence;
import didaxis.server.marking.BoxFindingView;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What marking makes of a sheet: a finding for every box by its id on the sheet, and the marks. */
record Judgement(Map<String, BoxFinding> findings, int marks) {
    static Judgement of(Paper paper, List<Answer> answers) {
        Map<String, String> typed = typed(answers);
        Map<String, BoxFinding> findings = new LinkedHashMap<>();
        for (int k = 0; k < paper.questions().size(); k++) {
            int place = k;
            Map<String, String> own = new HashMap<>();
            paper.questions()
                    .get(k)
                    .boxes()
                    .forEach(box -> own.put(box.id(), typed.getOrDefault(Paper.id(place, box), "")));
            Question question = paper.questions().get(k);
            for (BoxFinding found :
                    QuestionMarker.of(question, paper.style().marking()).mark(own)) {
                String text = own.getOrDefault(found.box().id(), "");
                findings.put(Paper.id(place, found.box()), paper.decided().of(found, question, text));
            }
        }
        return new Judgement(
                findings,
                findings.values().stream().mapToInt(BoxFinding::points).sum());
    }

    /** What was found of a sheet that was sent. */
    static List<BoxFindingView> views(Paper paper, Sheets.Submission sent) {
        Map<String, String> typed = typed(sent.answers());
        Map<String, BoxFinding> findings = new LinkedHashMap<>();
        paper.places()
                .forEach((id, place) -> sent.finding(id)
                        .ifPresent(stored -> findings.put(id, stored.in(paper, place, typed.getOrDefault(id, "")))));
        List<BoxFindingView> views = views(findings, paper.style()).stream()
                .map(view -> given(view, sent.finding(view.box()).orElseThrow()))
                .toList();
        return Chains.along(paper, views);
    }

    /** What was found of one box of a sheet that was sent. */
    static BoxFindingView view(Paper paper, Sheets.Submission sent, Paper.Place place, StoredFinding stored) {
        BoxFinding found = stored.in(paper, place, sent.text(place.id()));
        return given(views(Map.of(place.id(), found), paper.style()).get(0), stored);
    }

    private static BoxFindingView given(BoxFindingView view, StoredFinding stored) {
        if (stored.given() == null) return view;
        return view.given(new BoxFindingView.OverrideView(
                stored.given().points(), stored.given().reason(), stored.given().by()));
    }

    List<BoxFindingView> views(ClassStyle style) {
        return views(findings, style);
    }

    private static List<BoxFindingView> views(Map<String, BoxFinding> findings, ClassStyle style) {
        BoxSentence sentences = new BoxSentence(
                new FindingSentence(
                        style.house().numbers(), new Symbols(style.house().terms())),
                new BoxChoices(style.house()),
                new WorkingSentence(style.house()));
        return findings.entrySet().stream()
                .map(one -> BoxFindingView.of(one.getKey(), one.getValue(), sentences))
                .toList();
    }

    private static Map<String, String> typed(List<Answer> answers) {
        Map<String, String> typed = new HashMap<>();
        answers.forEach(answer -> typed.put(answer.box(), answer.text()));
        return typed;
    }
}
