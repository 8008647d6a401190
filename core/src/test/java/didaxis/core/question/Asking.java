package didaxis.core.question;

import didaxis.core.answer.Verdict;
import didaxis.core.chart.Chart;
import didaxis.core.circuit.Circuit;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Questions of one task, to test its kind. */
final class Asking {
    private Asking() {}

    static Optional<State> drawn(Circuit circuit) {
        return OperatingPoint.of(circuit)
                .match(point -> Optional.of(State.asDrawn(Chart.of(point), Set.of())), shorted -> Optional.empty());
    }

    static Question asking(Task task, State... states) {
        return new Question("", List.of(states), List.of(task));
    }

    static Verdict judged(Question question, String typed) {
        Task task = question.tasks().get(0);
        return task.judge(task.boxes().get(0), typed, question, MarkingStyle.STANDARD);
    }
}
