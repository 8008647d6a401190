package didaxis.server.marking;

import didaxis.core.marking.Derivation;
import didaxis.core.marking.Finding;
import didaxis.core.quantity.Reading;
import didaxis.core.slip.Slip;
import didaxis.core.wording.FindingSentence;
import didaxis.server.circuit.CellView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;

/**
 * A finding in JSON.
 *
 * @param shown what was read, as shown back; empty for what was not
 * @param origin whether an error starts here
 * @param from the learner's own answers it follows from
 * @param slip the simplest that gives it
 * @param slips all that give it, the simplest first
 */
public record FindingView(
        CellView cell,

        @Schema(allowableValues = {"right", "follow-through", "slip", "wrong", "blank", "unreadable"})
        String finding,

        @Schema(types = {"number", "null"}) Double read,
        String shown,
        double expected,
        boolean origin,
        List<CellView> from,
        @Schema(types = {"string", "null"}) String slip,
        List<SlipView> slips,
        String sentence) {
    /** What the marker says, as JSON. */
    public static FindingView of(Finding finding, FindingSentence sentences) {
        String sentence = sentences.say(finding);
        return finding.match(new Finding.Cases<>(
                one -> read(one, "right", one.read(), List.of(), sentence),
                one -> read(one, "right", one.read(), from(one.derivation()), sentence),
                one -> read(one, "follow-through", one.read(), from(one.derivation()), sentence),
                one -> slip(one, sentences, sentence),
                one -> read(one, "wrong", one.read(), List.of(), sentence),
                one -> unread(one, "blank", sentence),
                one -> unread(one, one.slip().isPresent() ? "slip" : "unreadable", sentence)));
    }

    private static FindingView read(
            Finding finding, String word, Reading.Read read, List<CellView> from, String sentence) {
        boolean origin = word.equals("wrong");
        return new FindingView(
                CellView.of(finding.cell()),
                word,
                read.amount().si(),
                read.shown(),
                finding.expected(),
                origin,
                from,
                null,
                List.of(),
                sentence);
    }

    private static FindingView slip(Finding.Slipped finding, FindingSentence sentences, String sentence) {
        return new FindingView(
                CellView.of(finding.cell()),
                "slip",
                finding.read().amount().si(),
                finding.read().shown(),
                finding.expected(),
                true,
                List.of(),
                code(finding.simplest().slip()),
                finding.slips().stream()
                        .map(slip -> SlipView.of(slip, sentences.slips()))
                        .toList(),
                sentence);
    }

    private static FindingView unread(Finding finding, String word, String sentence) {
        return new FindingView(
                CellView.of(finding.cell()),
                word,
                null,
                "",
                finding.expected(),
                word.equals("slip"),
                List.of(),
                finding.slip().map(FindingView::code).orElse(null),
                finding.slip().stream().map(SlipView::of).toList(),
                sentence);
    }

    /** "parallel-added-as-series". */
    public static String code(Slip slip) {
        return slip.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The same as a learner sees it: one slip is named, what else it may have been is the teacher's to think of. */
    FindingView forLearner() {
        return new FindingView(
                cell,
                finding,
                read,
                shown,
                expected,
                origin,
                from,
                slip,
                slips.stream().limit(1).toList(),
                sentence);
    }

    private static List<CellView> from(Derivation derivation) {
        return derivation.from().keySet().stream().map(CellView::of).toList();
    }
}
