package didaxis.server.question;

import didaxis.core.change.Act;
import didaxis.core.chart.Chart;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.State;
import didaxis.core.style.HouseStyle;
import didaxis.server.change.Acts;
import didaxis.server.circuit.CellView;
import didaxis.server.circuit.Circuits;
import didaxis.server.config.Problem;
import didaxis.server.question.QuestionBody.RunningBody;
import didaxis.server.question.QuestionBody.StateBody;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;

/** Reads the circuit of a question in all its states, with what is told in each. */
record StatesReader(QuestionBody body, HouseStyle style) {
    private static final int MOST_STATES = 12;
    /** Of all states together. */
    private static final int MOST_PARTS = 400;

    /**
     * The states, the circuit as drawn first.
     *
     * @throws Problem if the circuit cannot be read, or an act cannot be done
     */
    List<State> states() {
        Chart bare = Circuits.chart(Circuits.read(body.notation(), style).circuit());
        return states(bare.with(running(bare.subjects())));
    }

    private Running running(Subjects subjects) {
        Map<Subject, Double> seconds = new LinkedHashMap<>();
        for (RunningBody one : body.running() == null ? List.<RunningBody>of() : body.running()) {
            if (one == null || one.things() == null)
                throw Problem.badRequest("Say what runs for a time: things.").with("field", "running");
            double time = amount(one.time(), Quantity.TIME, "running");
            for (String name : one.things())
                seconds.put(
                        new CellView(name, Quantity.TIME.word()).in(subjects).subject(), time);
        }
        boolean priced = body.tariff() != null && !body.tariff().isBlank();
        return new Running(seconds, priced ? amount(body.tariff(), Quantity.COST, "tariff") : Double.NaN);
    }

    private double amount(String typed, Quantity quantity, String field) {
        double si = style.numbers()
                .read(typed == null ? "" : typed, quantity)
                .match(read -> read.amount().si(), blank -> 0.0, unreadable -> 0.0);
        if (!(si > 0))
            throw Problem.badRequest("“" + typed + "” is no " + quantity.word() + "; it must be more than nothing.")
                    .with("field", field);
        return si;
    }

    private List<State> states(Chart drawn) {
        List<StateBody> after = body.states() == null ? List.of() : body.states();
        if (after.size() > MOST_STATES) throw Problem.badRequest("A question has at most " + MOST_STATES + " states.");
        int parts = drawn.circuit().parts().size() * (after.size() + 1);
        if (parts > MOST_PARTS)
            throw Problem.badRequest("All states of a question together have at most " + MOST_PARTS
                            + " parts; these have " + parts + ".")
                    .with("field", "states");
        List<State> all = new ArrayList<>();
        all.add(State.asDrawn(drawn, cells(body.given(), drawn.subjects())));
        for (StateBody next : after) {
            if (next == null || next.act() == null)
                throw Problem.badRequest("Say what is done to come to each state.")
                        .with("field", "states");
            State last = all.get(all.size() - 1);
            Act act = Acts.read(next.act(), last.circuit(), style);
            State state = last.after(act).orElseThrow(StatesReader::shorted);
            all.add(state.telling(cells(next.given(), state.chart().subjects())));
        }
        return all;
    }

    static Problem shorted() {
        return Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "With this done the source is shorted, and there is nothing to be asked.");
    }

    static Set<Cell> cells(List<CellView> cells, Subjects subjects) {
        Set<Cell> found = new LinkedHashSet<>();
        if (cells == null) return found;
        for (CellView cell : cells) {
            if (cell == null) throw Problem.badRequest("A cell needs a subject and a quantity.");
            found.add(cell.in(subjects));
        }
        return found;
    }
}
