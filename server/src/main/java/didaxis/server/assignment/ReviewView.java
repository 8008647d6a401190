package didaxis.server.assignment;

import didaxis.core.correction.SameAnswer;
import didaxis.core.wording.BoxName;
import didaxis.core.wording.SlipSentence;
import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.marking.BoxFindingView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * One box over all sheets that came in, in JSON: equal answers together, those that ask for a look first.
 *
 * @param attempts the most that somebody has sent
 * @param attempt the one that is looked at; 0 for the last of each
 * @param boxes all boxes of the sheet, to go through
 * @param revision the latest that was given here by a teacher; to be sent back with the next
 */
record ReviewView(
        AssignmentSummary assignment,
        int attempts,
        int attempt,
        List<BoxHead> boxes,
        String box,
        String expected,
        int of,
        long revision,
        List<Alike> groups) {
    /** The findings in the order in which they ask for a look. */
    private static final List<String> ORDER = List.of(
            "undecided", "unreadable", "wrong", "slip", "partly", "follow-through", "blank", "right", "left-out");

    /**
     * A box as it is gone to.
     *
     * @param open how many sheets have something in it that is for the teacher
     */
    record BoxHead(String box, String number, String name, int marks, int open) {}

    /**
     * Learners who wrote the same.
     *
     * @param text as the first of them typed it
     * @param shown what it was read as; empty where it is words, or could not be read
     * @param finding the marker's own word
     * @param slip its name; empty where it is known by none
     * @param own the points the marker gives
     * @param points those that count
     */
    record Alike(
            String text,
            String shown,
            String variant,
            String finding,
            String slip,
            String sentence,
            int own,
            int points,

            @Schema(
                    types = {"object", "null"},
                    implementation = BoxFindingView.OverrideView.class)
            BoxFindingView.OverrideView given,

            List<Learner> learners) {}

    /** What makes two answers one: that they are read as the same, and were given the same. */
    private record Key(String what, String variant, String finding, BoxFindingView.OverrideView given) {}

    static ReviewView of(
            AssignmentSummary assignment,
            Variants variants,
            List<SubmittedSheet> all,
            List<Learner> learners,
            String box,
            int attempt,
            long revision) {
        Map<Long, Learner> byId = learners.stream().collect(Collectors.toMap(Learner::id, Function.identity()));
        List<SubmittedSheet> sent = looked(all, attempt).stream()
                .filter(one -> byId.containsKey(one.learnerId()))
                .toList();
        Map<String, Paper.Place> places = variants.numbered(0).places();
        Paper.Place place = places.get(box);
        return new ReviewView(
                assignment,
                all.stream().mapToInt(SubmittedSheet::attempt).max().orElse(0),
                attempt,
                places.values().stream().map(one -> head(variants, one, sent)).toList(),
                box,
                BoxResults.expected(BoxResults.models(variants, place, sent)),
                place.marks(),
                revision,
                groups(variants, box, sent, byId));
    }

    /** Of all that came in what is looked at: one attempt, or where that is 0 the last of each learner. */
    static List<SubmittedSheet> looked(List<SubmittedSheet> all, int attempt) {
        if (attempt > 0)
            return all.stream().filter(one -> one.attempt() == attempt).toList();
        Map<Long, Integer> last =
                all.stream().collect(Collectors.toMap(SubmittedSheet::learnerId, SubmittedSheet::attempt, Math::max));
        return all.stream()
                .filter(one -> one.attempt() == last.get(one.learnerId()))
                .toList();
    }

    private static BoxHead head(Variants variants, Paper.Place place, List<SubmittedSheet> sent) {
        String name = new BoxName(variants.numbered(0).style().house()).say(place.task(), place.box());
        return new BoxHead(place.id(), place.number(), name, place.marks(), waiting(place, sent));
    }

    /** How many sheets have something in a box that is for the teacher. */
    static int waiting(Paper.Place place, List<SubmittedSheet> sent) {
        return (int) sent.stream()
                .flatMap(one -> one.finding(place.id()).stream())
                .filter(found -> found.judged(place.marks()) == StoredFinding.Code.UNDECIDED)
                .count();
    }

    private static List<Alike> groups(
            Variants variants, String box, List<SubmittedSheet> sent, Map<Long, Learner> learners) {
        boolean several =
                sent.stream().map(one -> variants.number(one.seed())).distinct().count() > 1;
        Map<Key, Alike> groups = new LinkedHashMap<>();
        for (SubmittedSheet sheet : sent) {
            Paper paper = variants.of(sheet.seed());
            Paper.Place place = paper.places().get(box);
            StoredFinding stored = sheet.finding(box).orElse(null);
            if (stored == null) continue;
            BoxFindingView found = Judgement.view(paper, sheet, place, stored);
            String text = sheet.text(box).strip();
            String variant = several ? variants.letter(variants.number(sheet.seed())) : "";
            groups.computeIfAbsent(
                            new Key(
                                    SameAnswer.key(
                                            paper.question(place),
                                            place.box(),
                                            text,
                                            paper.style().marking()),
                                    variant,
                                    found.finding(),
                                    found.given()),
                            first -> alike(text, variant, found, stored, place))
                    .learners()
                    .add(learners.get(sheet.learnerId()));
        }
        return groups.values().stream()
                .sorted(Comparator.comparingInt((Alike one) -> ORDER.indexOf(one.finding()))
                        .thenComparingInt(one -> -one.learners().size()))
                .toList();
    }

    private static Alike alike(
            String text, String variant, BoxFindingView found, StoredFinding stored, Paper.Place place) {
        String slip = stored.slip() == null ? "" : SlipSentence.name(stored.slip());
        return new Alike(
                text,
                found.shown(),
                variant,
                found.finding(),
                slip,
                found.sentence(),
                stored.points(),
                stored.earned(place.marks()),
                found.given(),
                new ArrayList<>());
    }
}
