package didaxis.server.assignment;

import didaxis.core.wording.BoxName;
import didaxis.server.marking.BoxFindingView;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The one answer that a learner should try again first, in JSON: where an error started that led to most others, or else
 * where most marks were lost; of several the first on the sheet.
 *
 * @param led how many other answers followed from it
 */
record NextToTry(String box, String number, String name, int led) {
    static Optional<NextToTry> of(Paper paper, List<BoxFindingView> findings) {
        Map<String, Integer> led = led(findings);
        Comparator<BoxFindingView> leads = Comparator.comparingInt(one -> led.getOrDefault(one.box(), 0));
        // The least in this order is the first on the sheet of those that are alike.
        return findings.stream()
                .filter(one -> one.points() < one.of() && !one.finding().equals("follow-through"))
                .min(leads.thenComparingInt(one -> one.of() - one.points()).reversed())
                .map(one -> of(paper, paper.places().get(one.box()), led.getOrDefault(one.box(), 0)));
    }

    private static NextToTry of(Paper paper, Paper.Place place, int led) {
        String name = new BoxName(paper.style().house()).say(place.task(), place.box());
        return new NextToTry(place.id(), place.number(), name, led);
    }

    /** By boxes. */
    private static Map<String, Integer> led(List<BoxFindingView> findings) {
        Map<String, Integer> led = new HashMap<>();
        for (BoxFindingView one : findings)
            one.chain().stream()
                    .map(step -> step.box())
                    .distinct()
                    .filter(box -> !box.equals(one.box()))
                    .forEach(box -> led.merge(box, 1, Integer::sum));
        return led;
    }
}
