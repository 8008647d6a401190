package didaxis.server.marking;

import didaxis.core.marking.NamedSlip;
import didaxis.core.slip.Slip;
import didaxis.core.wording.SlipSentence;

/**
 * A slip in JSON.
 *
 * @param slip its code
 * @param name as it is spoken of
 * @param sentence for the teacher, with the sum that gives the answer
 */
public record SlipView(String slip, String name, String sentence) {
    static SlipView of(NamedSlip named, SlipSentence sentences) {
        return new SlipView(
                FindingView.code(named.slip()), SlipSentence.name(named.slip()), sentences.toTeacher(named));
    }

    /** Of one that has no sum. */
    static SlipView of(Slip slip) {
        return new SlipView(FindingView.code(slip), SlipSentence.name(slip), SlipSentence.name(slip));
    }
}
