package didaxis.server.assignment;

import didaxis.core.marking.BoxFinding;
import didaxis.core.marking.Credit;
import java.util.List;

/**
 * The points of a calculation in lines; the lines are read again.
 *
 * @param given what a teacher has given for it; null where that is left to the marker
 */
record StoredWorking(String amount, List<Credit> credits, boolean unitLost, boolean open, Integer given) {
    static StoredWorking of(BoxFinding finding) {
        return finding.match(
                amount -> null,
                lines -> new StoredWorking(
                        lines.amount(),
                        lines.credits(),
                        lines.unitLost(),
                        lines.open(),
                        lines.given().isPresent() ? lines.given().getAsInt() : null),
                words -> null);
    }
}
