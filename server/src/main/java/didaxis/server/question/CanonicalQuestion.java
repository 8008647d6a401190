package didaxis.server.question;

import didaxis.core.notation.Notation;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.style.HouseStyle;
import didaxis.server.circuit.CellView;
import didaxis.server.question.QuestionBody.StateBody;
import didaxis.server.question.VariedBody.ConditionBody;
import java.util.ArrayList;
import java.util.List;

/**
 * A question as it is kept: its circuit and its cells in canonical form, without a title.
 *
 * @param plain what it means, with the labels of the notation
 * @param style in which it was read
 */
record CanonicalQuestion(QuestionBody body, Question plain, HouseStyle style) {
    QuestionBody written() {
        boolean drawn = !plain.states().isEmpty();
        return new QuestionBody(
                QuestionBody.FORMAT,
                null,
                body.stem() == null ? "" : body.stem().strip(),
                drawn ? Notation.print(plain.state(0).circuit()) : null,
                plain.drawn() ? null : QuestionBody.HIDDEN,
                body.plan(),
                body.names() == null || body.names().isEmpty() ? null : body.names(),
                body.running(),
                body.tariff(),
                drawn ? cells(body.given(), plain.state(0)) : List.of(),
                after(),
                varied(),
                conditions(),
                body.tasks().stream()
                        .map(task -> task.canonical(plain.states()))
                        .toList());
    }

    private List<StateBody> after() {
        List<StateBody> after = new ArrayList<>();
        for (int k = 1; k < plain.states().size(); k++) {
            StateBody state = body.states().get(k - 1);
            after.add(new StateBody(
                    state.act().canonical(plain.state(k).circuit()), cells(state.given(), plain.state(k))));
        }
        return after;
    }

    private static List<CellView> cells(List<CellView> cells, State state) {
        return StatesReader.cells(cells, state.chart().subjects()).stream()
                .map(CellView::of)
                .toList();
    }

    private List<VariedBody> varied() {
        return body.varies().isEmpty()
                ? null
                : body.vary().stream().map(one -> one.canonical(plain, style)).toList();
    }

    private List<ConditionBody> conditions() {
        return body.conditions() == null || body.conditions().isEmpty()
                ? null
                : VariedBody.conditions(body.conditions()).stream()
                        .map(ConditionBody::of)
                        .toList();
    }
}
