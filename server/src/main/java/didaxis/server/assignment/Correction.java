package didaxis.server.assignment;

import didaxis.core.correction.Accepted;
import didaxis.core.correction.Amendment;
import didaxis.core.correction.Amendment.Fate;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.question.Box;
import didaxis.core.style.MarkingStyle;
import didaxis.server.config.Problem;
import didaxis.server.question.CorrectedQuestion;
import didaxis.server.question.QuestionBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Something that is put right in a memo after the work was handed out, in JSON. Each kind reads what it needs.
 *
 * @param boxes of all but value and back: those it is about, by their ids on the sheet; of award one
 * @param text of accept an answer, or of amounts a range such as 1.4 to 1.6 A
 * @param points of accept what it earns; all that its box does where it is left out
 * @param marks of award what the box earns from now on
 * @param question of value the number of the question on the paper, from 1
 * @param thing of value what has another one: E, r, the label of a part, t or tariff
 * @param value of value the right one
 * @param was what stood in the place of marks or value before; not read
 */
record Correction(
        @Schema(allowableValues = {"accept", "award", "give-all", "leave-out", "count-again", "value", "back"})
        String kind,

        @Schema(types = {"array", "null"}) List<String> boxes,
        @Schema(types = {"string", "null"}) String text,
        @Schema(types = {"integer", "null"}) Integer points,
        @Schema(types = {"integer", "null"}) Integer marks,
        @Schema(types = {"integer", "null"}) Integer question,
        @Schema(types = {"string", "null"}) String thing,
        @Schema(types = {"string", "null"}) String value,
        @Schema(types = {"string", "null"}) String was) {
    private static final int LONGEST_TEXT = 300;

    /** What comes of it: the memo then, and the correction with what stood there before. */
    record Done(MemoRevision memo, Correction correction) {}

    /**
     * Puts it right.
     *
     * @param variants the paper under the memo
     * @param before the memo as it was before its last revision
     * @throws Problem if that is not possible
     */
    Done in(MemoRevision memo, Variants variants, MemoRevision before) {
        return switch (kind == null ? "" : kind) {
            case "accept" -> accepting(memo, variants);
            case "award" -> awarding(memo, variants);
            case "give-all" -> having(Fate.GIVEN_TO_ALL, memo, variants);
            case "leave-out" -> having(Fate.LEFT_OUT, memo, variants);
            case "count-again" -> having(Fate.COUNTS, memo, variants);
            case "value" -> valuing(memo, variants);
            case "back" -> back(memo, before);
            default ->
                throw Problem.badRequest("“" + kind + "” is nothing that can be put right.")
                        .with("field", "kind");
        };
    }

    private List<Paper.Place> places(Variants variants) {
        var places = variants.numbered(0).places();
        if (boxes == null || boxes.isEmpty() || !places.keySet().containsAll(boxes))
            throw Problem.notFound("box on this sheet");
        return boxes.stream().map(places::get).toList();
    }

    private Done accepting(MemoRevision memo, Variants variants) {
        MarkingStyle style = variants.numbered(0).style().marking();
        if (text == null || text.isBlank() || text.length() > LONGEST_TEXT)
            throw Problem.badRequest("Say which answer is accepted, in at most " + LONGEST_TEXT + " characters.")
                    .with("field", "text");
        List<Paper.Place> places = places(variants);
        int worth = points == null ? places.get(0).box().marks() : points;
        for (Paper.Place place : places) {
            Box box = place.box();
            if (worth < 0 || worth > box.marks())
                throw Problem.badRequest("This box earns 0 to " + box.marks() + " marks.")
                        .with("field", "points");
            if (variants.count() > 1 && box.form() instanceof Box.Form.Amount)
                throw Problem.badRequest(
                                "Learners have different values here, so no one answer is right for all; give points to those who wrote it instead.")
                        .with("field", "text");
            if (!new Accepted(text, worth).fits(box, style))
                throw Problem.badRequest("“" + text.strip() + "” is no answer to this box; expected "
                                + ((Box.Form.Amount) box.form())
                                        .cell()
                                        .quantity()
                                        .phrase()
                                + ", or a range of these such as 1.4 to 1.6.")
                        .with("field", "text");
        }
        return amended(memo, amendment -> amendment.accepting(new Accepted(text, worth)), worth);
    }

    private Done having(Fate fate, MemoRevision memo, Variants variants) {
        boolean all = places(variants).stream()
                .allMatch(place -> memo.amendment(place.id()).fate() == fate);
        if (all) throw Problem.badRequest("That is so already.").with("field", "kind");
        return amended(memo, amendment -> amendment.with(fate), null);
    }

    private Done amended(MemoRevision memo, UnaryOperator<Amendment> change, Integer worth) {
        return new Done(
                memo.with(boxes, change),
                new Correction(kind, boxes, text == null ? null : text.strip(), worth, null, null, null, null, null));
    }

    private Done awarding(MemoRevision memo, Variants variants) {
        List<Paper.Place> places = places(variants);
        if (places.size() != 1 || marks == null)
            throw Problem.badRequest("Say of one box what it earns.").with("field", "marks");
        Paper.Place place = places.get(0);
        if (place.box().marks() == marks)
            throw Problem.badRequest("It earns that already.").with("field", "marks");
        QuestionBody other = new CorrectedQuestion(variants.body(place.question()))
                .earning(place.box().id(), marks);
        return new Done(
                memo.with(place.question(), other),
                new Correction(
                        kind,
                        boxes,
                        null,
                        null,
                        marks,
                        null,
                        null,
                        null,
                        String.valueOf(place.box().marks())));
    }

    private Done valuing(MemoRevision memo, Variants variants) {
        if (question == null || question < 1 || question > variants.questions())
            throw Problem.notFound("question on this paper");
        var format = variants.numbered(0).style().marking().format();
        CorrectedQuestion own = new CorrectedQuestion(variants.body(question - 1));
        QuestionBody other = own.with(thing == null ? "" : thing, value, format);
        String before = value(own, format);
        String now = value(new CorrectedQuestion(other), format);
        if (before.equals(now))
            throw Problem.badRequest("It has that value already.").with("field", "value");
        return new Done(
                memo.with(question - 1, other),
                new Correction(kind, null, null, null, null, question, thing, now, before));
    }

    private String value(CorrectedQuestion asked, AmountFormat format) {
        return asked.things(format).stream()
                .filter(one -> one.thing().equals(thing))
                .map(CorrectedQuestion.Valued::value)
                .findFirst()
                .orElse("");
    }

    private Done back(MemoRevision memo, MemoRevision before) {
        if (memo.revision() == 0) throw Problem.badRequest("Nothing was put right that could be taken back.");
        return new Done(
                memo.next(before.changed()),
                new Correction(kind, null, null, null, null, null, null, null, String.valueOf(memo.revision())));
    }
}
