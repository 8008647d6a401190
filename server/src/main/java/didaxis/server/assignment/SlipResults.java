package didaxis.server.assignment;

import didaxis.core.formula.Symbols;
import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.Finding;
import didaxis.core.slip.Slip;
import didaxis.core.wording.BoxName;
import didaxis.core.wording.SlipSentence;
import didaxis.server.classroom.Classrooms.Learner;
import didaxis.server.marking.FindingView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A slip over a whole class, in JSON: by how many learners it was made, and in which answers.
 *
 * @param slip its code
 */
record SlipResults(String slip, String name, int learners, List<SlippedAnswer> answers) {
    /**
     * An answer with a slip in it.
     *
     * @param number of its task on the sheet
     * @param asked what the box asks for
     * @param text as it was typed
     * @param worked the sum that was worked there instead; empty where it is no matter of one
     */
    record SlippedAnswer(Learner learner, String box, String number, String asked, String text, String worked) {}

    /** Those made by most first; of what was sent or collected. */
    static List<SlipResults> of(Variants variants, List<SubmittedSheet> sent, List<Learner> learners) {
        Map<Long, Learner> byId = learners.stream().collect(Collectors.toMap(Learner::id, Function.identity()));
        Map<Slip, List<SlippedAnswer>> made = new EnumMap<>(Slip.class);
        for (SubmittedSheet sheet : sent) {
            Learner learner = byId.get(sheet.learnerId());
            Paper paper = variants.of(sheet.seed());
            SheetLines lines = SheetLines.unread(paper, sheet.answers());
            for (StoredFinding found : learner == null ? List.<StoredFinding>of() : sheet.findings()) {
                Paper.Place place = paper.places().get(found.box());
                if (found.slip() == null || place == null || found.earned(place.marks()) == place.marks()) continue;
                made.computeIfAbsent(found.slip(), first -> new ArrayList<>())
                        .add(answer(learner, paper, place, found, lines));
            }
        }
        return made.entrySet().stream()
                .map(one -> of(one.getKey(), one.getValue()))
                .sorted(Comparator.comparingInt((SlipResults one) -> -one.learners()))
                .toList();
    }

    private static SlipResults of(Slip slip, List<SlippedAnswer> answers) {
        int learners =
                (int) answers.stream().map(SlippedAnswer::learner).distinct().count();
        return new SlipResults(FindingView.code(slip), SlipSentence.name(slip), learners, answers);
    }

    private static SlippedAnswer answer(
            Learner learner, Paper paper, Paper.Place place, StoredFinding found, SheetLines sheet) {
        SlipSentence sentences = new SlipSentence(
                paper.style().house().numbers(),
                new Symbols(paper.style().house().terms()));
        Finding finding = found.in(paper, place, sheet)
                .match(BoxFinding.OfAmount::finding, BoxFinding.OfLines::answer, words -> null);
        String worked = finding instanceof Finding.Slipped slipped ? sentences.worked(slipped.simplest()) : "";
        return new SlippedAnswer(
                learner,
                place.id(),
                place.number(),
                new BoxName(paper.style().house()).say(place.task(), place.box()),
                sheet.text(place).strip(),
                worked);
    }
}
