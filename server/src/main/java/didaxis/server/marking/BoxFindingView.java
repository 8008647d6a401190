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
                    "unreadable"
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
        FindingView amount) {
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
                            view);
                },
                one -> {
                    String code = switch (one.verdict().code()) {
                        case RIGHT -> "right";
                        case FOLLOW_THROUGH -> "follow-through";
                        case PARTLY -> "partly";
                        case UNDECIDED -> "undecided";
                        case WRONG -> "wrong";
                        case BLANK -> "blank";
                        case UNREADABLE -> "unreadable";
                    };
                    return new BoxFindingView(id, code, "", one.points(), of, sentence, false, List.of(), null, null);
                });
    }
}
