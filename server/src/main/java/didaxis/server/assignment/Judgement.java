package didaxis.server.assignment;

import didaxis.core.formula.Symbols;
import didaxis.core.marking.BoxFinding;
import didaxis.core.style.ClassStyle;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxSentence;
import didaxis.core.wording.FindingSentence;
import didaxis.core.wording.HintSentence;
import didaxis.core.wording.WorkingSentence;
import didaxis.server.marking.BoxFindingView;
import didaxis.server.marking.BoxFindingView.OverrideView;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What marking makes of a sheet: a finding for every box by its id on the sheet.
 *
 * @param stored the same as they are kept, with what the memo gives after it was put right
 * @param marks what they come to
 * @param memo its revision
 */
record Judgement(Map<String, BoxFinding> findings, List<StoredFinding> stored, int marks, int memo) {
    /** Of a sheet that was not marked yet. */
    static final Judgement NONE = new Judgement(Map.of(), List.of(), 0, -1);

    static Judgement of(Paper paper, List<Answer> answers) {
        return of(new Judging(paper), answers);
    }

    /** The same with what marked other sheets of the paper. */
    static Judgement of(Judging judging, List<Answer> answers) {
        return judging.of(answers);
    }

    /** What was found of a sheet that was sent. */
    static List<BoxFindingView> views(Paper paper, SubmittedSheet sent) {
        return views(paper, sent, SheetLines.read(paper, sent.answers()));
    }

    /** The same without what there is to say of single lines. */
    static List<BoxFindingView> viewsWithoutLines(Paper paper, SubmittedSheet sent) {
        return views(paper, sent, SheetLines.unread(paper, sent.answers()));
    }

    private static List<BoxFindingView> views(Paper paper, SubmittedSheet sent, SheetLines lines) {
        Map<String, Paper.Place> places = paper.places();
        Map<String, BoxFinding> findings = new LinkedHashMap<>();
        places.forEach((id, place) ->
                sent.finding(id).ifPresent(stored -> findings.put(id, stored.in(paper, place, lines))));
        List<BoxFindingView> views = views(findings, paper.style()).stream()
                .map(view -> counted(
                        view,
                        paper,
                        places.get(view.box()),
                        sent.finding(view.box()).orElseThrow()))
                .toList();
        return Chains.along(paper, views);
    }

    /** The same without what is right, for a learner who may try again. */
    static List<BoxFindingView> hints(Paper paper, SubmittedSheet sent, List<BoxFindingView> findings) {
        Map<String, Paper.Place> places = paper.places();
        SheetLines lines = SheetLines.unread(paper, sent.answers());
        HintSentence sentences = new HintSentence(amounts(paper.style()));
        return findings.stream()
                .map(view -> view.hinting(
                        sentences.say(sent.finding(view.box()).orElseThrow().in(paper, places.get(view.box()), lines))))
                .toList();
    }

    /** What was found of one box of a sheet that was sent, without what there is to say of its lines. */
    static BoxFindingView view(Paper paper, SubmittedSheet sent, Paper.Place place, StoredFinding stored) {
        BoxFinding found = stored.in(paper, place, SheetLines.unread(paper, sent.answers()));
        return counted(views(Map.of(place.id(), found), paper.style()).get(0), paper, place, stored);
    }

    /** With what counts instead of the marker's word, and why. */
    private static BoxFindingView counted(BoxFindingView view, Paper paper, Paper.Place place, StoredFinding stored) {
        if (place.marks() == 0) return view.leftOut();
        int earned = stored.earned(place.marks());
        if (stored.given() != null)
            return view.given(new OverrideView(
                    earned, stored.given().reason(), stored.given().by()));
        if (stored.amended() == null || earned == stored.points()) return view;
        MemoRevision.Word word = paper.memo().word(place.id());
        return view.given(new OverrideView(earned, word.reason(), word.by()));
    }

    private static FindingSentence amounts(ClassStyle style) {
        return new FindingSentence(
                style.house().numbers(), new Symbols(style.house().terms()));
    }

    List<BoxFindingView> views(ClassStyle style) {
        return views(findings, style);
    }

    private static List<BoxFindingView> views(Map<String, BoxFinding> findings, ClassStyle style) {
        BoxSentence sentences =
                new BoxSentence(amounts(style), new BoxChoices(style.house()), new WorkingSentence(style.house()));
        return findings.entrySet().stream()
                .map(one -> BoxFindingView.of(one.getKey(), one.getValue(), sentences))
                .toList();
    }
}
