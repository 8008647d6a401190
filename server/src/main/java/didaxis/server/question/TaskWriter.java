package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import didaxis.core.question.Amounts;
import didaxis.core.question.Comparison;
import didaxis.core.question.Gaps;
import didaxis.core.question.InWords;
import didaxis.core.question.Task;
import didaxis.core.words.GapWords;
import didaxis.server.circuit.CellView;
import java.util.ArrayList;
import java.util.List;

/** Writes a task to JSON field by field, each kind those that it has. */
final class TaskWriter {
    String quantity;
    List<AskedCell> cells;
    List<String> things;
    List<String> parts;
    private String id;
    private Integer state;
    private String kind;
    private Integer otherState;
    private Boolean factor;
    private Boolean reason;
    private Boolean first;
    private Boolean count;
    private Boolean letters;
    private Boolean bandsAsked;
    private String value;
    private String term;
    private String prompt;
    private List<PhraseBody> phrases;
    private String model;
    private String text;
    private List<List<String>> gaps;
    private Integer marks;
    private Boolean deeper;

    private TaskWriter() {}

    /** What is written already. */
    static TaskWriter of(TaskBody body) {
        TaskWriter writer = new TaskWriter();
        writer.id = body.id();
        writer.state = body.state();
        writer.kind = body.kind();
        writer.cells = body.cells() == null ? null : new ArrayList<>(body.cells());
        writer.things = body.things() == null ? null : new ArrayList<>(body.things());
        writer.quantity = body.quantity();
        writer.parts = body.parts();
        writer.otherState = body.otherState();
        writer.factor = body.factor();
        writer.reason = body.reason();
        writer.first = body.first();
        writer.count = body.count();
        writer.letters = body.letters();
        writer.bandsAsked = body.bandsAsked();
        writer.value = body.value();
        writer.term = body.term();
        writer.prompt = body.prompt();
        writer.phrases = body.phrases();
        writer.model = body.model();
        writer.text = body.text();
        writer.gaps = body.gaps();
        writer.deeper = body.deeper() == Boolean.TRUE ? true : null;
        writer.marks = body.marks();
        return writer;
    }

    static TaskWriter chart(List<AskedCell> cells) {
        TaskWriter writer = new TaskWriter().kind("chart");
        writer.cells = cells;
        return writer;
    }

    /** A task, without its id. */
    static TaskWriter of(Task task) {
        TaskWriter to = new TaskWriter();
        to.state = task.state();
        return task.match(new Task.Cases<>(
                to::amounts,
                ways -> to.kind("change").about(ways.cells()),
                ranking -> to.kind("rank", ranking.marks())
                        .naming(ranking.things())
                        .by(ranking.quantity())
                        .with(() -> to.first = ranking.first() ? true : null)
                        .with(() -> to.reason = ranking.reason() ? true : null),
                out -> to.kind("goes-out", out.marks()).ofParts(out.parts()),
                joining -> to.kind("joint", joining.marks())
                        .ofParts(List.of(joining.one(), joining.other()))
                        .with(() -> to.reason = joining.reason() ? true : null),
                to::comparison,
                safe -> to.kind("safe-supply", safe.marks()),
                all -> to.kind("combinations", all.marks()).ofParts(all.parts()),
                limits -> to.kind("limits", limits.marks())
                        .ofParts(limits.parts())
                        .by(limits.quantity()),
                breaker -> to.kind("breaker", breaker.marks())
                        .ofParts(breaker.parts())
                        .with(() -> to.things = List.of(breaker.fuse()))
                        .with(() -> to.count = breaker.count() ? true : null),
                places -> to.kind("places", places.marks())
                        .about(List.of(places.like()))
                        .naming(places.among()),
                reducing -> to.kind("fold", reducing.marks()).with(() -> to.letters = reducing.letters()),
                nesting -> to.kind("nesting", nesting.marks()),
                redrawing -> to.kind("draw", redrawing.marks()),
                connecting -> to.kind("connect", connecting.marks())
                        .ofParts(connecting.parts())
                        .with(() -> to.value = AmountFormat.exactly(connecting.ohms())),
                bands -> to.kind("colour-code", bands.marks())
                        .ofParts(List.of(bands.part()))
                        .with(() -> to.value = AmountFormat.exactly(bands.percent()) + " %")
                        .with(() -> to.bandsAsked = bands.bandsAsked()),
                explaining -> to.kind("explain", explaining.marks()).about(List.of(explaining.cell())),
                to::inWords,
                to::filling,
                currents -> to.kind("annotate", currents.marks())));
    }

    private TaskWriter amounts(Amounts amounts) {
        cells = new ArrayList<>();
        amounts.marks()
                .forEach((cell, worth) ->
                        cells.add(asked(cell, worth, amounts.units().get(cell))));
        return kind(
                switch (amounts.command()) {
                    case CHART -> "chart";
                    case CALCULATE -> "calculate";
                    case WRITE_DOWN -> "write-down";
                });
    }

    private TaskWriter comparison(Comparison comparison) {
        otherState = comparison.otherState();
        factor = comparison.factor();
        reason = comparison.reason() ? true : null;
        return kind("compare", comparison.marks()).about(List.of(comparison.cell(), comparison.other()));
    }

    private TaskWriter inWords(InWords words) {
        phrases = words.phrases().stream().map(PhraseBody::of).toList();
        model = words.model();
        if (words.term().isBlank()) {
            prompt = words.prompt();
            return kind("words");
        }
        term = words.term();
        return kind("define");
    }

    private TaskWriter filling(Gaps filling) {
        if (filling.text().equals(Gaps.RULES)) return kind("rules", filling.marks());
        text = filling.text();
        gaps = filling.gaps().stream().map(GapWords::right).toList();
        return kind("gaps", filling.marks());
    }

    private TaskWriter kind(String name) {
        kind = name;
        return this;
    }

    private TaskWriter kind(String name, int worth) {
        marks = worth;
        return kind(name);
    }

    TaskWriter worth(int each) {
        marks = each;
        return this;
    }

    private TaskWriter about(List<Cell> some) {
        cells = new ArrayList<>(
                some.stream().map(cell -> asked(cell, null, null)).toList());
        return this;
    }

    private TaskWriter naming(List<Subject> some) {
        things = new ArrayList<>(some.stream().map(Subject::id).toList());
        return this;
    }

    private TaskWriter ofParts(List<String> some) {
        parts = some;
        return this;
    }

    private TaskWriter by(Quantity measured) {
        quantity = measured.word();
        return this;
    }

    private TaskWriter with(Runnable field) {
        field.run();
        return this;
    }

    /** A cell as it is asked. */
    static AskedCell asked(Cell cell, Integer worth, String unit) {
        CellView view = CellView.of(cell);
        return new AskedCell(view.subject(), view.quantity(), worth, unit);
    }

    TaskBody body() {
        return new TaskBody(
                id,
                state,
                kind,
                cells,
                things,
                quantity,
                parts,
                otherState,
                factor,
                reason,
                first,
                count,
                letters,
                bandsAsked,
                value,
                term,
                prompt,
                phrases,
                model,
                text,
                gaps,
                marks,
                deeper);
    }
}
