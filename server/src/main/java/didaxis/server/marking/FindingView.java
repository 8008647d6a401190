package didaxis.server.marking;

import didaxis.core.marking.Derivation;
import didaxis.core.marking.Finding;
import didaxis.core.quantity.Reading;
import didaxis.core.wording.FindingSentence;
import didaxis.server.circuit.CellView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * A finding in JSON.
 *
 * @param shown what was read, as shown back; empty for what was not
 * @param origin whether an error starts here
 * @param from the learner's own answers it follows from
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
        String sentence) {
    /** What the marker says, as JSON. */
    public static FindingView of(Finding finding, FindingSentence sentences) {
        String sentence = sentences.say(finding);
        return finding.match(new Finding.Cases<>(
                one -> read(one, "right", one.read(), List.of(), sentence),
                one -> read(one, "right", one.read(), from(one.derivation()), sentence),
                one -> read(one, "follow-through", one.read(), from(one.derivation()), sentence),
                one -> slip(one, "cut-off", sentence),
                one -> read(one, "wrong", one.read(), List.of(), sentence),
                one -> unread(one, "blank", sentence),
                one -> unread(one, "unreadable", sentence)));
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
                sentence);
    }

    private static FindingView slip(Finding.CutOff finding, String name, String sentence) {
        return new FindingView(
                CellView.of(finding.cell()),
                "slip",
                finding.read().amount().si(),
                finding.read().shown(),
                finding.expected(),
                true,
                List.of(),
                name,
                sentence);
    }

    private static FindingView unread(Finding finding, String word, String sentence) {
        return new FindingView(
                CellView.of(finding.cell()), word, null, "", finding.expected(), false, List.of(), null, sentence);
    }

    private static List<CellView> from(Derivation derivation) {
        return derivation.from().keySet().stream().map(CellView::of).toList();
    }
}
