package didaxis.server.assignment;

import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.LineWork;
import didaxis.core.marking.QuestionMarker;
import didaxis.core.question.Question;
import didaxis.server.config.Transactions;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Marks sheets of one paper, one after the other: what it costs to learn a question is paid once. Not for several threads. */
final class Judging {
    private final Paper paper;
    private final Map<Integer, QuestionMarker> markers = new HashMap<>();

    Judging(Paper paper) {
        this.paper = paper;
    }

    Judgement of(List<Answer> answers) {
        Map<String, String> typed = typed(answers);
        Map<String, BoxFinding> findings = new LinkedHashMap<>();
        for (int k = 0; k < paper.questions().size(); k++) findings.putAll(question(k, typed));
        List<StoredFinding> stored = new ArrayList<>();
        findings.forEach((id, found) -> stored.add(StoredFinding.of(id, found)));
        List<StoredFinding> amended = amended(stored, typed);
        return new Judgement(
                findings, amended, paper.marks(amended), paper.memo().revision());
    }

    /** What is found of one question, by the ids of its boxes on the sheet. */
    Map<String, BoxFinding> question(int place, Map<String, String> typed) {
        assert !Transactions.writing() : "a sheet is marked while nobody else can write";
        Question question = paper.questions().get(place);
        Map<String, String> own = paper.own(place, typed);
        QuestionMarker marker = markers.computeIfAbsent(
                place,
                first -> QuestionMarker.of(question, paper.style().marking(), LineWork.of(paper.questions(), place)));
        Map<String, BoxFinding> findings = new LinkedHashMap<>();
        for (BoxFinding found : marker.mark(own)) {
            String text = own.getOrDefault(found.box().id(), "");
            findings.put(Paper.id(place, found.box()), paper.decided().of(found, question, text));
        }
        return findings;
    }

    /** The same findings with what the memo gives for each after it was put right. */
    List<StoredFinding> amended(List<StoredFinding> findings, Map<String, String> typed) {
        Map<String, Paper.Place> places = paper.places();
        return findings.stream()
                .map(found -> found.amended(points(found, places.get(found.box()), typed)))
                .toList();
    }

    private Integer points(StoredFinding found, Paper.Place place, Map<String, String> typed) {
        if (place == null || !paper.memo().amends(place.id())) return null;
        return paper.memo()
                .amendment(place.id())
                .points(
                        paper.question(place),
                        place.box(),
                        found.answer(typed.getOrDefault(place.id(), "")),
                        found.points(),
                        paper.style().marking());
    }

    /** What was typed, by boxes. */
    static Map<String, String> typed(List<Answer> answers) {
        Map<String, String> typed = new HashMap<>();
        answers.forEach(answer -> typed.put(answer.box(), answer.text()));
        return typed;
    }
}
