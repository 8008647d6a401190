package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.question.State;
import didaxis.core.words.KeyPhrase;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** What stands in the fields of a task in JSON; each is refused where it is not what the task needs. */
record TaskFields(TaskBody body, String id, List<State> states) {
    private static final int MOST = 200;
    private static final int MOST_PHRASES = 20;

    /** What the first, the second … cell of the body can be of: where two are compared, the second may be of another state. */
    Subjects subjects(int cell) {
        boolean other = cell == 1 && body.kind().equals("compare") && body.otherState() != null;
        return state(other ? body.otherState() : place()).chart().subjects();
    }

    State state() {
        return state(place());
    }

    /** A state that is none is refused with the question. */
    State state(int place) {
        if (states.isEmpty())
            throw Problem.badRequest("Without a circuit a question has words only: define, words, gaps and rules.")
                    .with("field", "kind");
        return states.get(place >= 0 && place < states.size() ? place : 0);
    }

    int place() {
        return body.state() == null ? 0 : body.state();
    }

    int worth(int usual) {
        return body.marks() == null ? usual : body.marks();
    }

    String text(String given, String field, int longest) {
        String text = given == null ? "" : given.strip();
        if (text.isEmpty() || text.length() > longest)
            throw Problem.badRequest("Task " + id + " needs its " + field + ", at most " + longest + " characters.")
                    .with("field", field);
        return text;
    }

    List<Cell> cellsIn() {
        List<Cell> found = new ArrayList<>();
        for (AskedCell one : some(body.cells(), "cells")) found.add(one.cell().in(subjects(found.size())));
        return found;
    }

    Cell oneCell() {
        List<Cell> one = cellsIn();
        if (one.size() != 1)
            throw Problem.badRequest("Task " + id + " is about one cell.").with("field", "cells");
        return one.get(0);
    }

    List<KeyPhrase> phrases() {
        List<PhraseBody> some = body.phrases() == null ? List.of() : body.phrases();
        if (some.size() > MOST_PHRASES || some.stream().anyMatch(one -> one == null))
            throw Problem.badRequest("Task " + id + " has at most " + MOST_PHRASES + " key phrases.")
                    .with("field", "phrases");
        return some.stream().map(PhraseBody::phrase).toList();
    }

    List<String> partsIn() {
        List<Subject> named = named(body.parts(), "parts");
        for (Subject one : named)
            if (one.kind() != Subject.Kind.PART)
                throw Problem.badRequest("“" + one.id() + "” is no part of this circuit.")
                        .with("field", "parts");
        return named.stream().map(Subject::id).toList();
    }

    List<Subject> named(List<String> names, String field) {
        List<Subject> found = new ArrayList<>();
        for (String name : some(names, field)) {
            Subject one = subjects(0)
                    .named(name)
                    .orElseThrow(() -> Problem.badRequest("This circuit has no “" + name + "”.")
                            .with("field", field));
            if (found.contains(one))
                throw Problem.badRequest("“" + name + "” is named twice in task " + id + ".")
                        .with("field", field);
            found.add(one);
        }
        return found;
    }

    <T> List<T> some(List<T> list, String field) {
        boolean whole = list != null
                && !list.isEmpty()
                && list.size() <= MOST
                && list.stream().noneMatch(one -> one == null);
        if (!whole)
            throw Problem.badRequest("Task " + id + " needs its " + field + ", 1 to " + MOST + " of them.")
                    .with("field", field);
        return list;
    }

    /** What its kind does not read is kept too, and must be as whole. */
    void refuseEmptyPlaces() {
        boolean empty = Stream.of(body.cells(), body.things(), body.parts(), body.phrases(), body.gaps())
                .filter(Objects::nonNull)
                .anyMatch(list -> list.stream().anyMatch(Objects::isNull));
        if (empty) throw Problem.badRequest("A list of task " + id + " has an empty place.");
    }
}
