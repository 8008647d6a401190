package didaxis.server.assignment;

import didaxis.core.wording.BoxName;
import didaxis.server.marking.BoxFindingView;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The one answer that a learner should try again first, in JSON: where an error started that led to most others, or else
 * where most marks were lost; of several the first on the sheet.
 *
 * @param led how many other answers followed from it
 */
record NextToTry(String box, String number, String name, int led) {
    static Optional<NextToTry> of(Paper paper, List<BoxFindingView> findings) {
        return findings.stream()
                .filter(one -> one.points() < one.of() && !one.finding().equals("follow-through"))
                .max(Comparator.comparingInt((BoxFindingView one) -> led(one, findings))
                        .thenComparingInt(one -> one.of() - one.points())
                        .thenComparingInt(one -> -findings.indexOf(one)))
                .map(one -> of(paper, paper.places().get(one.box()), led(one, findings)));
    }

    private static NextToTry of(Paper paper, Paper.Place place, int led) {
        String name = new BoxName(paper.style().house()).say(place.task(), place.box());
        return new NextToTry(place.id(), place.number(), name, led);
    }

    private static int led(BoxFindingView from, List<BoxFindingView> findings) {
        return (int) findings.stream()
                .filter(one -> !one.box().equals(from.box())
                        && one.chain().stream().anyMatch(step -> step.box().equals(from.box())))
                .count();
    }
}
