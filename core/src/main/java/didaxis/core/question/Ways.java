package didaxis.core.question;

import didaxis.core.answer.Typed;
import didaxis.core.answer.Verdict;
import didaxis.core.change.Act;
import didaxis.core.change.Change;
import didaxis.core.change.Change.Direction;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.style.MarkingStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Which way cells go from the state before to this one: increases, decreases, stays the same. */
public record Ways(String id, int state, List<Cell> cells) implements Task {
    /** From just beyond the value to so far that it is as good as open; every turn lies between two of them or at an end. */
    private static final double[] TIMES = {1.001, 1.1, 2, 5, 20, 100, 1e4, 1e9};

    public Ways {
        cells = List.copyOf(cells);
        if (cells.isEmpty()) throw new IllegalArgumentException("task " + id + " must ask for a cell");
    }

    @Override
    public List<Box> boxes() {
        List<Box> boxes = new ArrayList<>();
        for (Cell cell : cells) {
            String box = Box.id(id, boxes.size(), cells.size());
            boxes.add(new Box(box, id, new Box.Form.Way(cell, state), 1));
        }
        return boxes;
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        if (state == 0) return List.of(new TaskFlaw.NoChange(id));
        List<TaskFlaw> flaws = new ArrayList<>();
        Map<Double, Chart> afterwards = afterwards(question);
        for (Cell cell : cells) {
            Map<Direction, Double> moves = moves(cell, question, afterwards);
            List<Double> ohms = List.copyOf(moves.values());
            if (moves.containsKey(Direction.UNDECIDED)) flaws.add(new TaskFlaw.NoValue(id, cell));
            else if (ohms.size() > 1) flaws.add(new TaskFlaw.Turns(id, cell, ohms.get(0), ohms.get(1)));
        }
        return flaws;
    }

    /** Which way a cell goes; where it was not said how far, the way it goes however far. */
    public Direction direction(Cell cell, Question question) {
        return moves(cell, question, afterwards(question)).keySet().stream()
                .findFirst()
                .orElse(Direction.SAME);
    }

    /** The circuit in this state, by what the part that was varied has; where it was not said how far, at each of the samples. */
    private Map<Double, Chart> afterwards(Question question) {
        State before = question.state(state - 1);
        Map<Double, Chart> samples = new LinkedHashMap<>();
        if (!(question.state(state).act().orElseThrow() instanceof Act.Varied varied)) {
            samples.put(0.0, question.state(state).chart());
            return samples;
        }
        for (double times : TIMES) {
            Circuit circuit = varied.on(before.circuit(), varied.raised() ? times : 1 / times);
            double ohms = circuit.part(varied.part()).orElseThrow().resistance();
            before.chartOf(circuit).ifPresent(chart -> samples.put(ohms, chart));
        }
        return samples;
    }

    /** The ways a cell goes, each with a sampled resistance at which it does; what is too little to tell is none. */
    private Map<Direction, Double> moves(Cell cell, Question question, Map<Double, Chart> afterwards) {
        Chart before = question.state(state - 1).chart();
        Map<Direction, Double> moves = new LinkedHashMap<>();
        afterwards.forEach((ohms, after) -> {
            Direction way = Change.direction(cell, before, after);
            // Of the first way the farthest before it turns, which is farther from where it began.
            if (way != Direction.SAME && (moves.size() < 2 || !moves.containsKey(way))) moves.put(way, ohms);
        });
        return moves;
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style, OwnAmounts elsewhere) {
        Box.Form.Way form = (Box.Form.Way) box.form();
        Direction right = direction(form.cell(), question);
        return Typed.judged(typed, Typed.direction(typed), right, box.marks(), Typed.word(right));
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.ways().apply(this);
    }
}
