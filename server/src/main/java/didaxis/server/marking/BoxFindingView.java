package didaxis.server.marking;

import didaxis.core.marking.BoxFinding;
import didaxis.core.wording.BoxSentence;
import didaxis.server.circuit.CellView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What marking says of one box of a question, in JSON.
 *
 * @param shown what was read, as shown back; empty for what was not, or is no amount
 * @param points what it earns, of so many
 * @param amount all that is said of an amount; null for any other form
 * @param given null where it is left to the marker
 * @param chain of what follows from an error the boxes from its start to this one; empty for all else
 * @param working of an amount that is answered in lines how it was read and what each point is for; null for any other
 */
public record BoxFindingView(
        String box,

        @Schema(
                allowableValues = {
                    "right",
                    "partly",
                    "follow-through",
                    "slip",
                    "undecided",
                    "wrong",
                    "blank",
                    "unreadable",
                    "left-out"
                })
        String finding,

        String shown,
        int points,
        int of,
        String sentence,
        boolean origin,
        List<CellView> from,
        @Schema(types = {"string", "null"}) String slip,

        @Schema(
                types = {"object", "null"},
                implementation = FindingView.class)
        FindingView amount,

        @Schema(
                types = {"object", "null"},
                implementation = WorkedView.class)
        WorkedView working,

        @Schema(
                types = {"object", "null"},
                implementation = OverrideView.class)
        OverrideView given,

        List<ChainStepView> chain) {
    /**
     * A box on the way from where an error started.
     *
     * @param symbol of its cell, as MathML; empty where it has none
     * @param origin whether it started here
     * @param parts of the circuit that it is about
     */
    public record ChainStepView(String box, String name, String symbol, boolean origin, List<String> parts) {}

    /** The same with the way from where its error started. */
    public BoxFindingView along(List<ChainStepView> steps) {
        return new BoxFindingView(
                box, finding, shown, points, of, sentence, origin, from, slip, amount, working, given, steps);
    }

    /**
     * What a teacher gave above the marker's word.
     *
     * @param by the teacher's name; empty for learners
     */
    public record OverrideView(int points, String reason, String by) {}

    /** The same with what a teacher gave for it; what the marker says of it stays. */
    public BoxFindingView given(OverrideView by) {
        return new BoxFindingView(
                box, finding, shown, by.points(), of, sentence, origin, from, slip, amount, working, by, chain);
    }

    /** The same where its box counts no more. */
    public BoxFindingView leftOut() {
        return new BoxFindingView(
                box, "left-out", shown, 0, 0, sentence, false, List.of(), null, amount, working, null, List.of());
    }

    /** @param id of the box, where it stands */
    public static BoxFindingView of(String id, BoxFinding finding, BoxSentence sentences) {
        int of = finding.box().marks();
        String sentence = sentences.say(finding);
        return finding.match(
                one -> {
                    FindingView view = FindingView.of(one.finding(), sentences.amounts());
                    return new BoxFindingView(
                            id,
                            one.unitLost() ? "partly" : view.finding(),
                            view.shown(),
                            one.points(),
                            of,
                            sentence,
                            view.origin(),
                            view.from(),
                            view.slip(),
                            view,
                            null,
                            null,
                            List.of());
                },
                one -> lines(id, one, sentence, sentences),
                one -> {
                    String code = switch (one.verdict().code()) {
                        case RIGHT -> "right";
                        case FOLLOW_THROUGH -> "follow-through";
                        case PARTLY -> "partly";
                        case UNDECIDED -> "undecided";
                        case WRONG -> one.slip().isPresent() ? "slip" : "wrong";
                        case BLANK -> "blank";
                        case UNREADABLE -> "unreadable";
                    };
                    return new BoxFindingView(
                            id,
                            code,
                            "",
                            one.points(),
                            of,
                            sentence,
                            false,
                            List.of(),
                            one.slip().map(FindingView::code).orElse(null),
                            null,
                            null,
                            null,
                            List.of());
                });
    }

    /** The same as a learner sees it. */
    public BoxFindingView forLearner() {
        return new BoxFindingView(
                box,
                finding,
                shown,
                points,
                of,
                sentence,
                origin,
                from,
                slip,
                amount == null ? null : amount.forLearner(),
                working,
                given == null ? null : new OverrideView(given.points(), given.reason(), ""),
                chain);
    }

    /** The same for a learner who may try again: with a sentence that does not say what is right, and nothing else that does. */
    public BoxFindingView hinting(String hint) {
        return new BoxFindingView(
                box, finding, shown, points, of, hint, origin, from, slip, null, working, given, chain);
    }

    private static BoxFindingView lines(String id, BoxFinding.OfLines one, String sentence, BoxSentence sentences) {
        FindingView view = FindingView.of(one.answer(), sentences.amounts());
        int of = one.box().marks();
        boolean full = one.points() == of;
        return new BoxFindingView(
                id,
                code(one, view.finding()),
                view.shown(),
                one.points(),
                of,
                sentence,
                view.origin() && !full,
                view.from(),
                view.slip(),
                view,
                WorkedView.of(one, sentences),
                null,
                List.of());
    }

    /** @param answer what is said of its last amount */
    private static String code(BoxFinding.OfLines found, String answer) {
        if (found.open()) return "undecided";
        if (found.points() == found.box().marks()) return answer.equals("follow-through") ? answer : "right";
        if (found.points() > 0) return "partly";
        return answer.equals("blank") ? "wrong" : answer;
    }
}
