package didaxis.server.assignment;

import didaxis.core.wording.BoxName;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.question.CorrectedQuestion;
import didaxis.server.question.QuestionBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What was put right in a memo, in JSON.
 *
 * @param revision its last; to be sent with the next correction
 * @param done the sheets that are marked by it, of so many
 * @param history the latest first
 */
record CorrectionView(
        int revision, int done, int of, List<CorrectedBox> boxes, List<ValuedThing> things, List<Entry> history) {
    /**
     * A box as it can be put right.
     *
     * @param task what stands for its task, whose boxes can be withdrawn together
     * @param marks what it was handed out with, or earns by the award since; also where it is left out
     */
    record CorrectedBox(
            String box,
            String number,
            String name,
            String task,
            int marks,

            @Schema(allowableValues = {"counts", "given-to-all", "left-out"})
            String fate) {}

    /** Something with a value that can be put right. */
    record ValuedThing(int question, String thing, String name, String value) {}

    /**
     * One correction.
     *
     * @param asked the boxes it is about, 1.2 I1; or what has another value, by its name for the learner
     * @param by the teacher's name; empty for learners
     * @param takenBack whether a later one has taken it back
     */
    record Entry(
            int revision,
            Correction correction,
            List<String> asked,
            String reason,
            String by,
            Instant at,
            boolean takenBack) {}

    /**
     * What a correction would do.
     *
     * @param changes the learners whose marks would be others
     * @param same how many sheets would stay as they are
     * @param kept answers for which what a teacher gave stands, whatever the memo says
     * @param more further sheets that would be marked anew as well: so much is written that they are not all looked at
     */
    record Preview(
            Correction correction, int totalBefore, int total, List<Change> changes, int same, int kept, int more) {}

    /** Of one learner. */
    record Change(Learner learner, int attempt, int before, int after, List<BoxChange> boxes) {}

    /** Of one answer. */
    record BoxChange(String number, String name, String text, int before, int after) {}

    static CorrectionView of(Variants variants, List<Memos.Revision> revisions, Memos.Progress progress) {
        Paper paper = variants.numbered(0);
        MemoRevision memo = paper.memo();
        List<CorrectedBox> boxes = paper.places().values().stream()
                .map(place -> new CorrectedBox(
                        place.id(),
                        place.number(),
                        name(paper, place),
                        place.question() + "/" + place.task().id(),
                        place.box().marks(),
                        fate(memo, place.id())))
                .toList();
        List<ValuedThing> things = new ArrayList<>();
        for (int k = 0; k < variants.questions(); k++)
            for (CorrectedQuestion.Valued one : new CorrectedQuestion(variants.body(k))
                    .things(paper.style().marking().format()))
                things.add(new ValuedThing(k + 1, one.thing(), one.own(), one.value()));
        return new CorrectionView(
                memo.revision(), progress.done(), progress.of(), boxes, things, history(paper, revisions, true));
    }

    private static String fate(MemoRevision memo, String box) {
        return switch (memo.amendment(box).fate()) {
            case COUNTS -> "counts";
            case GIVEN_TO_ALL -> "given-to-all";
            case LEFT_OUT -> "left-out";
        };
    }

    /** @param all also who made them, and what was taken back since */
    static List<Entry> history(Paper paper, List<Memos.Revision> revisions, boolean all) {
        List<Entry> entries = new ArrayList<>();
        boolean taken = false;
        for (int k = revisions.size() - 1; k >= 0; k--) {
            Memos.Revision one = revisions.get(k);
            boolean back = one.correction().kind().equals("back");
            if (all || !taken && !back)
                entries.add(new Entry(
                        one.number(),
                        one.correction(),
                        asked(paper, one),
                        one.reason(),
                        all ? one.by() : "",
                        one.at(),
                        taken));
            // A correction that takes back one that took back lets the first stand again.
            taken = back && !taken;
        }
        return entries;
    }

    private static List<String> asked(Paper paper, Memos.Revision one) {
        Correction correction = one.correction();
        if (correction.thing() != null) {
            QuestionBody body = one.changed().questions().get(correction.question() - 1);
            Map<String, String> names = body.names() == null ? Map.of() : body.names();
            return List.of(names.getOrDefault(correction.thing(), correction.thing()));
        }
        List<String> boxes = correction.boxes() == null ? List.of() : correction.boxes();
        Map<String, Paper.Place> places = paper.places();
        return boxes.stream()
                .filter(places::containsKey)
                .map(id -> places.get(id).number() + " " + name(paper, places.get(id)))
                .toList();
    }

    private static String name(Paper paper, Paper.Place place) {
        return new BoxName(paper.style().house()).say(place.task(), place.box());
    }
}
