package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.ColourCode;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Amounts.Command;
import didaxis.core.question.Arrangements;
import didaxis.core.question.BranchCurrents;
import didaxis.core.question.Breaker;
import didaxis.core.question.ColourBands;
import didaxis.core.question.Comparison;
import didaxis.core.question.Connecting;
import didaxis.core.question.Explaining;
import didaxis.core.question.Gaps;
import didaxis.core.question.GoingOut;
import didaxis.core.question.InWords;
import didaxis.core.question.Joining;
import didaxis.core.question.Nesting;
import didaxis.core.question.PartLimits;
import didaxis.core.question.Places;
import didaxis.core.question.Ranking;
import didaxis.core.question.Redrawing;
import didaxis.core.question.Reducing;
import didaxis.core.question.SafeSupply;
import didaxis.core.question.State;
import didaxis.core.question.Task;
import didaxis.core.question.Ways;
import didaxis.core.words.GapWords;
import didaxis.core.words.Glossary;
import didaxis.core.words.KeyPhrase;
import didaxis.server.circuit.CellView;
import didaxis.server.config.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Reads a task from JSON; each kind reads what it needs and nothing else. */
record TaskReader(TaskBody body, String id, List<State> states) {
    private static final int MOST = 200;
    private static final int MOST_PHRASES = 20;
    private static final int LONGEST_TERM = 80;
    private static final int LONGEST_TEXT = 2_000;

    /** How each kind is read; a new kind is a line here. */
    private static final Map<String, Function<TaskReader, Task>> KINDS = kinds();

    private static Map<String, Function<TaskReader, Task>> kinds() {
        Map<String, Function<TaskReader, Task>> kinds = new LinkedHashMap<>();
        kinds.put("chart", task -> task.amounts(Command.CHART));
        kinds.put("calculate", task -> task.amounts(Command.CALCULATE));
        kinds.put("write-down", task -> task.amounts(Command.WRITE_DOWN));
        kinds.put("change", task -> new Ways(task.id, task.place(), task.cellsIn()));
        kinds.put("rank", TaskReader::ranking);
        kinds.put("goes-out", task -> new GoingOut(task.id, task.place(), task.partsIn(), task.worth(1)));
        kinds.put("joint", TaskReader::joining);
        kinds.put("compare", TaskReader::comparison);
        kinds.put("safe-supply", task -> new SafeSupply(task.id, task.place(), task.worth(3)));
        kinds.put("combinations", task -> new Arrangements(task.id, task.place(), task.partsIn(), task.worth(4)));
        kinds.put("limits", TaskReader::limits);
        kinds.put("breaker", TaskReader::breaker);
        kinds.put("places", TaskReader::places);
        kinds.put("fold", TaskReader::reducing);
        kinds.put("nesting", task -> new Nesting(task.id, task.place(), task.worth(1)));
        kinds.put(
                "annotate",
                task -> new BranchCurrents(task.id, task.place(), task.worth(BranchCurrents.usualMarks(task.state()))));
        kinds.put("draw", task -> new Redrawing(task.id, task.place(), task.worth(Redrawing.USUAL_MARKS)));
        kinds.put("connect", TaskReader::connecting);
        kinds.put("colour-code", TaskReader::colourBands);
        kinds.put("explain", TaskReader::explaining);
        kinds.put("define", TaskReader::defining);
        kinds.put("words", TaskReader::inWords);
        kinds.put("gaps", TaskReader::filling);
        kinds.put(
                "rules",
                task -> new Gaps(
                        task.id, task.place(), Gaps.RULES, Gaps.rules(task.id).gaps(), task.worth(1)));
        return kinds;
    }

    /**
     * The task that the body means.
     *
     * @throws Problem if it is none
     */
    Task task() {
        Function<TaskReader, Task> reads = KINDS.get(body.kind());
        if (reads == null)
            throw Problem.badRequest("“" + body.kind() + "” is no kind of task; known are "
                            + String.join(", ", KINDS.keySet()) + ".")
                    .with("field", "kind");
        return reads.apply(this);
    }

    /** What the first, the second … cell of the body can be of: where two are compared, the second may be of another state. */
    Subjects subjects(int cell) {
        boolean other = cell == 1 && body.kind().equals("compare") && body.otherState() != null;
        return state(other ? body.otherState() : place()).chart().subjects();
    }

    private State state() {
        return state(place());
    }

    /** A state that is none is refused with the question. */
    private State state(int place) {
        if (states.isEmpty())
            throw Problem.badRequest("Without a circuit a question has words only: define, words, gaps and rules.")
                    .with("field", "kind");
        return states.get(place >= 0 && place < states.size() ? place : 0);
    }

    private int place() {
        return body.state() == null ? 0 : body.state();
    }

    private int worth(int usual) {
        return body.marks() == null ? usual : body.marks();
    }

    private Task amounts(Command command) {
        Map<Cell, Integer> asked = new LinkedHashMap<>();
        Map<Cell, String> units = new LinkedHashMap<>();
        for (AskedCell one : some(body.cells(), "cells")) {
            int worth = one.marks() == null ? worth(command.usualMarks()) : one.marks();
            if (one.unit() != null && !one.unit().isBlank())
                units.put(one.cell().in(subjects(0)), one.unit().strip());
            if (asked.put(one.cell().in(subjects(0)), worth) != null)
                throw Problem.badRequest("Task " + id + " asks for one cell twice.")
                        .with("field", "cells");
        }
        return new Amounts(id, place(), command, asked, units);
    }

    private Task ranking() {
        List<Subject> ranked = named(body.things(), "things");
        if (body.quantity() == null)
            throw Problem.badRequest("Task " + id + " needs its quantity.").with("field", "quantity");
        Quantity by = body.quantity().equals(TaskBody.BRIGHTNESS)
                ? Quantity.POWER
                : new CellView("total", body.quantity()).measured();
        boolean first = body.first() == Boolean.TRUE;
        int usual = first ? 1 : Math.max(1, ranked.size() - 1);
        return new Ranking(id, place(), by, ranked, first, body.reason() == Boolean.TRUE, worth(usual));
    }

    private Task limits() {
        Quantity measured =
                body.quantity() == null ? Quantity.VOLTAGE : new CellView("total", body.quantity()).measured();
        return new PartLimits(id, place(), measured, partsIn(), worth(3));
    }

    private Task breaker() {
        List<Subject> fuse = named(body.things(), "things");
        if (fuse.size() != 1 || fuse.get(0).kind() != Subject.Kind.PART)
            throw Problem.badRequest("Task " + id + " is about one fuse: things.")
                    .with("field", "things");
        return new Breaker(id, place(), fuse.get(0).id(), partsIn(), body.count() == Boolean.TRUE, worth(2));
    }

    private Task places() {
        List<Cell> one = cellsIn();
        if (one.size() != 1)
            throw Problem.badRequest("Task " + id + " is about one cell.").with("field", "cells");
        return new Places(id, place(), one.get(0), named(body.things(), "things"), worth(2));
    }

    private Task reducing() {
        boolean letters = body.letters() == Boolean.TRUE;
        return new Reducing(id, place(), letters, worth(Reducing.usualMarks(state(), letters)));
    }

    private Task connecting() {
        String value = body.value() == null ? "" : body.value();
        double ohms = AmountFormat.STANDARD
                .read(value, Quantity.RESISTANCE)
                .match(read -> read.amount().si(), blank -> 0.0, unreadable -> 0.0);
        if (!(ohms > 0))
            throw Problem.badRequest("Task " + id + " needs the resistance that is wanted, such as 14 Ω: value.")
                    .with("field", "value");
        return new Connecting(id, place(), partsIn(), ohms, worth(Connecting.USUAL_MARKS));
    }

    private Task colourBands() {
        List<String> one = partsIn();
        if (one.size() != 1)
            throw Problem.badRequest("Task " + id + " is about one part.").with("field", "parts");
        String value = body.value() == null ? "5 %" : body.value();
        double percent = ColourCode.percent(value)
                .orElseThrow(() -> Problem.badRequest("“" + value + "” is no tolerance such as 5 %.")
                        .with("field", "value"));
        return new ColourBands(id, place(), one.get(0), percent, body.bandsAsked() == Boolean.TRUE, worth(1));
    }

    private Task explaining() {
        List<Cell> one = cellsIn();
        if (one.size() != 1)
            throw Problem.badRequest("Task " + id + " is about one cell.").with("field", "cells");
        return Explaining.of(id, place(), one.get(0), states, Optional.ofNullable(body.marks()));
    }

    private Task joining() {
        List<String> two = partsIn();
        if (two.size() != 2)
            throw Problem.badRequest("Task " + id + " is about two parts.").with("field", "parts");
        return new Joining(id, place(), two.get(0), two.get(1), body.reason() == Boolean.TRUE, worth(1));
    }

    private Task comparison() {
        List<Cell> two = cellsIn();
        if (two.size() != 2)
            throw Problem.badRequest("Task " + id + " compares two cells.").with("field", "cells");
        int other = body.otherState() == null ? place() : body.otherState();
        return new Comparison(
                id,
                place(),
                two.get(0),
                other,
                two.get(1),
                body.factor() == Boolean.TRUE,
                body.reason() == Boolean.TRUE,
                worth(1));
    }

    private Task defining() {
        String term = text(body.term(), "term", LONGEST_TERM);
        Optional<Glossary> known = Glossary.of(term);
        List<KeyPhrase> phrases =
                body.phrases() == null ? known.map(Glossary::phrases).orElse(List.of()) : phrases();
        String model = body.model() == null
                ? known.map(Glossary::definition).orElse("")
                : body.model().strip();
        return new InWords(id, place(), term, "", phrases, model);
    }

    private Task inWords() {
        String model = body.model() == null ? "" : body.model().strip();
        return new InWords(id, place(), "", text(body.prompt(), "prompt", LONGEST_TEXT), phrases(), model);
    }

    private List<KeyPhrase> phrases() {
        List<PhraseBody> some = body.phrases() == null ? List.of() : body.phrases();
        if (some.size() > MOST_PHRASES || some.stream().anyMatch(one -> one == null))
            throw Problem.badRequest("Task " + id + " has at most " + MOST_PHRASES + " key phrases.")
                    .with("field", "phrases");
        return some.stream().map(PhraseBody::phrase).toList();
    }

    private Task filling() {
        String text = text(body.text(), "text", LONGEST_TEXT);
        try {
            List<GapWords> words =
                    some(body.gaps(), "gaps").stream().map(GapWords::new).toList();
            return new Gaps(id, place(), text, words, worth(1));
        } catch (IllegalArgumentException | NullPointerException e) {
            throw Problem.badRequest("Task " + id
                            + " has a text with ___ at each gap, and for each gap the words that are" + " right there.")
                    .with("field", "gaps");
        }
    }

    private String text(String given, String field, int longest) {
        String text = given == null ? "" : given.strip();
        if (text.isEmpty() || text.length() > longest)
            throw Problem.badRequest("Task " + id + " needs its " + field + ", at most " + longest + " characters.")
                    .with("field", field);
        return text;
    }

    private List<Cell> cellsIn() {
        List<Cell> found = new ArrayList<>();
        for (AskedCell one : some(body.cells(), "cells")) found.add(one.cell().in(subjects(found.size())));
        return found;
    }

    private List<String> partsIn() {
        List<Subject> named = named(body.parts(), "parts");
        for (Subject one : named)
            if (one.kind() != Subject.Kind.PART)
                throw Problem.badRequest("“" + one.id() + "” is no part of this circuit.")
                        .with("field", "parts");
        return named.stream().map(Subject::id).toList();
    }

    private List<Subject> named(List<String> names, String field) {
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

    private <T> List<T> some(List<T> list, String field) {
        boolean whole = list != null
                && !list.isEmpty()
                && list.size() <= MOST
                && list.stream().noneMatch(one -> one == null);
        if (!whole)
            throw Problem.badRequest("Task " + id + " needs its " + field + ", 1 to " + MOST + " of them.")
                    .with("field", field);
        return list;
    }
}
