package didaxis.core.marking;

import didaxis.core.answer.Verdict;
import didaxis.core.circuit.Cell;
import didaxis.core.question.Amounts;
import didaxis.core.question.Box;
import didaxis.core.question.Knowledge;
import didaxis.core.question.Question;
import didaxis.core.question.Task;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Judges the answers to a question in states. Within a state amounts are judged by its network; a setting that is asked
 * in one state, such as the emf, counts in every state that has it unchanged as the learner wrote it, so that an error in
 * it is carried on. So is what a reduction says of the groups of its state, and what is compared or combined may follow
 * from amounts.
 *
 * <p>Limit: what has no box cannot be carried on wrong from one state into another.
 */
public final class QuestionMarker {
    private final Question question;
    private final MarkingStyle style;
    private final List<Box> boxes;
    private final WrittenNumbers numbers;
    private final Map<Integer, StateNetwork> networks = new HashMap<>();
    private final LineMarkers lineMarkers;

    private QuestionMarker(Question question, MarkingStyle style, LineWork work) {
        this.question = question;
        this.style = style;
        boxes = question.boxes();
        Knowledge knowledge = Knowledge.of(question);
        lineMarkers = new LineMarkers(question, style, work);
        numbers = new WrittenNumbers(boxes, knowledge, style);
        Map<Integer, Map<Cell, Box>> asked = new LinkedHashMap<>();
        for (Box box : boxes)
            if (box.form() instanceof Box.Form.Amount amount)
                asked.computeIfAbsent(amount.state(), state -> new LinkedHashMap<>())
                        .putIfAbsent(amount.cell(), box);
        asked.forEach(
                (state, own) -> networks.put(state, StateNetwork.of(question, knowledge, style, state, own, asked)));
    }

    /** @throws IllegalArgumentException if something that is given has no value */
    public static QuestionMarker of(Question question, MarkingStyle style) {
        return of(question, style, LineWork.WHOLE);
    }

    /**
     * Of a question among others.
     *
     * @param work how much of its lines is read
     * @throws IllegalArgumentException if something that is given has no value
     */
    public static QuestionMarker of(Question question, MarkingStyle style, LineWork work) {
        return new QuestionMarker(question, style, work);
    }

    /**
     * A finding for each box, in the order of the sheet; a box that is not among the answers is empty.
     *
     * @param answers box to what was typed
     * @throws IllegalArgumentException if an asked cell has no value
     */
    public List<BoxFinding> mark(Map<String, String> answers) {
        Map<String, String> amountsOnly = new HashMap<>(answers);
        Map<Box, WorkedAnswer> worked = lineMarkers.read(amountsOnly, numbers);
        Map<String, Finding> amounts = new HashMap<>();
        networks.forEach((state, network) -> {
            Map<Cell, String> said = said(state, amountsOnly, worked);
            Map<Cell, Integer> lines = places(state, worked);
            // What is asked, or carried here from another state, has its own place.
            lines.keySet().retainAll(network.open(said).keySet());
            amounts.putAll(network.mark(said, amountsOnly, lines));
        });
        Leads led = new Leads(boxes, this::asking, amounts);
        List<BoxFinding> findings = new ArrayList<>();
        // What is stated on the way follows from what stands before it, never from what comes after.
        Map<String, String> before = new HashMap<>();
        Map<Box, WorkedAnswer> workedBefore = new LinkedHashMap<>();
        for (Box box : boxes) {
            before.put(box.id(), amountsOnly.getOrDefault(box.id(), ""));
            if (!(box.form() instanceof Box.Form.Amount amount)) {
                findings.add(inWords(box, amountsOnly));
                continue;
            }
            Finding finding = strict(amounts.get(box.id()));
            boolean lost = finding.earns()
                    && style.losesUnit(
                            StateNetwork.typed(box, amountsOnly), amount.cell().quantity());
            if (worked.containsKey(box)) {
                Map<Cell, String> said = said(amount.state(), before, workedBefore);
                Map<Cell, Finding> stated = stated(box, worked.get(box), said, before);
                workedBefore.put(box, worked.get(box));
                findings.add(lineMarkers
                        .of(box)
                        .judge(
                                worked.get(box),
                                finding,
                                lost,
                                stated,
                                numbers.elsewhere(box, amountsOnly, led.before(box))));
            } else findings.add(alone(new BoxFinding.OfAmount(box, finding, lost), answers));
        }
        return findings;
    }

    /** Where a right answer alone does not earn all, an amount has the points of one line that states it. */
    private BoxFinding alone(BoxFinding.OfAmount found, Map<String, String> answers) {
        boolean all =
                style.answerAlone() || !found.finding().earns() || found.box().marks() == 1;
        if (all || !Amounts.calculated(question.task(found.box().task()).orElseThrow())) return found;
        return lineMarkers
                .of(found.box())
                .alone(found, answers.getOrDefault(found.box().id(), ""));
    }

    /** The box whose answer stands for a cell in a state; empty where none does. */
    private Optional<Box> asking(Cell cell, int state) {
        StateNetwork network = networks.get(state);
        return Optional.ofNullable(
                network.own().getOrDefault(cell, network.carried().get(cell)));
    }

    /** Findings for what the lines of one box state, among them its own amount; what stands elsewhere is as it is. */
    private Map<Cell, Finding> stated(
            Box box, WorkedAnswer worked, Map<Cell, String> said, Map<String, String> answers) {
        // Lines that state nothing earn nothing.
        if (worked.statements().isEmpty()) return Map.of();
        Box.Form.Amount amount = (Box.Form.Amount) box.form();
        StateNetwork network = networks.get(amount.state());
        Map<Cell, String> typed = network.typed(said, answers);
        Map<Cell, String> own = worked.saidElsewhere(amount.cell());
        own.keySet()
                .removeIf(cell ->
                        network.known().contains(cell) || !network.marker().knows(cell));
        own.put(amount.cell(), StateNetwork.typed(box, answers));
        typed.putAll(own);
        Set<Cell> elsewhere = new LinkedHashSet<>(typed.keySet());
        elsewhere.removeAll(own.keySet());
        Map<Cell, Finding> findings = new LinkedHashMap<>();
        SheetOrder order = SheetOrder.of(worked.places());
        for (Finding finding : network.marker().mark(typed, elsewhere, order))
            if (own.containsKey(finding.cell()) && !(finding instanceof Finding.Unreadable))
                findings.put(finding.cell(), finding);
        return findings;
    }

    private BoxFinding inWords(Box box, Map<String, String> answers) {
        Verdict verdict = judged(box, answers);
        String typed = answers.getOrDefault(box.id(), "");
        Task task = question.task(box.task()).orElseThrow();
        return new BoxFinding.OfWords(box, verdict, WordSlips.of(task, box, typed, question, verdict));
    }

    private Verdict judged(Box box, Map<String, String> answers) {
        Verdict verdict = question.task(box.task())
                .orElseThrow()
                .judge(
                        box,
                        answers.getOrDefault(box.id(), ""),
                        question,
                        style,
                        (cell, state) -> numbers.own(cell, state, answers));
        boolean follows = verdict.code() == Verdict.Code.FOLLOW_THROUGH && !style.followThrough();
        return follows ? new Verdict(Verdict.Code.WRONG, 0, verdict.model()) : verdict;
    }

    /** What is said of the cells of a state on the way: by boxes without an amount, and by lines. */
    private Map<Cell, String> said(int state, Map<String, String> answers, Map<Box, WorkedAnswer> worked) {
        Map<Cell, String> said = new LinkedHashMap<>();
        for (Task task : question.tasks())
            if (task.state() == state)
                for (Box box : task.boxes())
                    said.putAll(task.says(box, answers.getOrDefault(box.id(), ""), question, style));
        worked.forEach((box, lines) -> {
            Box.Form.Amount amount = (Box.Form.Amount) box.form();
            if (amount.state() == state) said.putAll(lines.saidElsewhere(amount.cell()));
        });
        said.keySet().removeIf(cell -> !networks.get(state).marker().knows(cell));
        return said;
    }

    /** Of what lines state besides their answers the places of their tasks. */
    private Map<Cell, Integer> places(int state, Map<Box, WorkedAnswer> worked) {
        List<String> tasks = question.tasks().stream().map(Task::id).toList();
        Map<Cell, Integer> places = new LinkedHashMap<>();
        worked.forEach((box, lines) -> {
            Box.Form.Amount amount = (Box.Form.Amount) box.form();
            if (amount.state() == state)
                lines.saidElsewhere(amount.cell())
                        .keySet()
                        .forEach(cell -> places.put(cell, tasks.indexOf(box.task())));
        });
        return places;
    }

    /** Where what follows from an error earns nothing, it is one more. */
    private Finding strict(Finding finding) {
        boolean follows = finding instanceof Finding.FollowThrough && !style.followThrough();
        if (!follows) return finding;
        Finding.FollowThrough followed = (Finding.FollowThrough) finding;
        return new Finding.Wrong(followed.cell(), followed.expected(), followed.read());
    }
}
