package didaxis.core.marking;

import didaxis.core.circuit.Cell;
import didaxis.core.question.Box;
import didaxis.core.question.Knowledge;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Judges the answers to a question in states. Within a state amounts are judged by its network; a setting that is asked
 * in one state, such as the emf, counts in every state that has it unchanged as the learner wrote it, so that an error in
 * it is carried on.
 *
 * <p>Limit: what has no box cannot be carried on wrong from one state into another.
 */
public final class QuestionMarker {
    private final Question question;
    private final MarkingStyle style;
    private final List<Box> boxes;
    private final Map<Integer, Network> networks = new HashMap<>();

    /** A state's amounts: its marker, its boxes by cell, and the boxes of settings that other states ask for. */
    private record Network(Marker marker, CarriedRoute route, Map<Cell, Box> own, Map<Cell, Box> carried) {}

    private QuestionMarker(Question question, MarkingStyle style) {
        this.question = question;
        this.style = style;
        boxes = question.boxes();
        Knowledge knowledge = Knowledge.of(question);
        Map<Integer, Map<Cell, Box>> asked = new LinkedHashMap<>();
        for (Box box : boxes)
            if (box.form() instanceof Box.Form.Amount amount)
                asked.computeIfAbsent(amount.state(), state -> new LinkedHashMap<>())
                        .putIfAbsent(amount.cell(), box);
        asked.forEach((state, own) -> networks.put(state, network(state, own, asked, knowledge)));
    }

    /** @throws IllegalArgumentException if something that is given has no value */
    public static QuestionMarker of(Question question, MarkingStyle style) {
        return new QuestionMarker(question, style);
    }

    private Network network(int place, Map<Cell, Box> own, Map<Integer, Map<Cell, Box>> asked, Knowledge knowledge) {
        State state = question.state(place);
        Map<Cell, Box> carried = new LinkedHashMap<>();
        asked.forEach((other, cells) -> cells.forEach((cell, box) -> {
            boolean counts = other != place
                    && cell.isSetting()
                    && knowledge.unchanged(cell, other, place)
                    && !own.containsKey(cell)
                    && !state.given().contains(cell)
                    && state.chart().value(cell).isPresent();
            if (counts) carried.putIfAbsent(cell, box);
        }));
        Set<Cell> given = new LinkedHashSet<>(knowledge.told(place));
        given.removeAll(own.keySet());
        given.removeAll(carried.keySet());
        given.removeIf(cell -> state.chart().value(cell).isEmpty());
        Set<Cell> known = new LinkedHashSet<>(given);
        known.addAll(carried.keySet());
        return new Network(
                Marker.of(state.relations(), given, style), new CarriedRoute(state.relations(), known), own, carried);
    }

    /**
     * A finding for each box, in the order of the sheet; a box that is not among the answers is empty.
     *
     * @param answers box to what was typed
     * @throws IllegalArgumentException if an asked cell has no value
     */
    public List<BoxFinding> mark(Map<String, String> answers) {
        Map<String, Finding> amounts = new HashMap<>();
        networks.values().forEach(network -> amounts.putAll(amounts(network, answers)));
        List<BoxFinding> findings = new ArrayList<>();
        for (Box box : boxes) {
            if (box.form() instanceof Box.Form.Amount amount) {
                Finding finding = amounts.get(box.id());
                boolean lost = finding.earns()
                        && style.losesUnit(typed(box, answers), amount.cell().quantity());
                findings.add(new BoxFinding.OfAmount(box, strict(finding), lost));
                continue;
            }
            String typed = answers.getOrDefault(box.id(), "");
            findings.add(new BoxFinding.OfWords(
                    box, question.task(box.task()).orElseThrow().judge(box, typed, question, style)));
        }
        return findings;
    }

    private Map<String, Finding> amounts(Network network, Map<String, String> answers) {
        Map<Cell, String> typed = new LinkedHashMap<>();
        network.carried().forEach((cell, box) -> typed.put(cell, typed(box, answers)));
        network.own().forEach((cell, box) -> typed.put(cell, typed(box, answers)));
        List<Finding> marked = network.marker().mark(typed, network.carried().keySet());
        Map<Cell, Double> own = new LinkedHashMap<>();
        for (Finding finding : marked)
            if (finding instanceof Finding.Wrong wrong && network.carried().containsKey(wrong.cell()))
                own.put(wrong.cell(), wrong.read().amount().si());
        Map<String, Finding> findings = new HashMap<>();
        for (Finding finding : marked) {
            Box box = network.own().get(finding.cell());
            if (box == null) continue;
            boolean open = finding instanceof Finding.Wrong && !own.isEmpty();
            findings.put(
                    box.id(),
                    open
                            ? network.route()
                                    .explain((Finding.Wrong) finding, own, style)
                                    .orElse(finding)
                            : finding);
        }
        return findings;
    }

    /** Where what follows from an error earns nothing, it is one more. */
    private Finding strict(Finding finding) {
        boolean follows = finding instanceof Finding.FollowThrough && !style.followThrough();
        if (!follows) return finding;
        Finding.FollowThrough followed = (Finding.FollowThrough) finding;
        return new Finding.Wrong(followed.cell(), followed.expected(), followed.read());
    }

    private static String typed(Box box, Map<String, String> answers) {
        return ((Box.Form.Amount) box.form()).inUnit(answers.getOrDefault(box.id(), ""));
    }
}
