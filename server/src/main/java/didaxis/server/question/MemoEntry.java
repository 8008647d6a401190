package didaxis.server.question;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.memo.Memo;
import didaxis.core.memo.Point;
import didaxis.core.question.Box;
import didaxis.core.question.InWords;
import didaxis.core.question.Question;
import didaxis.core.question.State;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.MarkingStyle;
import didaxis.core.wording.AcceptedRange;
import didaxis.core.wording.BoxChoices;
import didaxis.core.wording.BoxName;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import didaxis.server.circuit.StepView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * One box: what it is called, its model answer, and what else earns the same.
 *
 * @param accepted the amounts that are right as well; empty where only the answer itself is
 * @param refused what takes a mark away
 * @param routes other workings
 */
public record MemoEntry(
        String name,
        String symbol,
        int marks,
        List<MemoLine> lines,
        String accepted,
        List<String> refused,
        List<List<MemoLine>> routes) {
    /**
     * A line of a model answer.
     *
     * @param step set as formulas; null for what is no working
     * @param points what its marks are given for, one each
     */
    public record MemoLine(
            String text,

            @Schema(
                    types = {"object", "null"},
                    implementation = StepView.class)
            StepView step,

            List<String> points) {}

    /** @param marking how the answer is judged, and its numbers printed */
    public static MemoEntry of(Memo.Entry entry, Question question, HouseStyle style, MarkingStyle marking) {
        boolean amount = entry.box().form() instanceof Box.Form.Amount;
        return new MemoEntry(
                new BoxName(style).say(entry.task(), entry.box()),
                amount
                        ? new Symbols(style.terms())
                                .mathMl(((Box.Form.Amount) entry.box().form()).cell())
                        : "",
                entry.box().marks(),
                entry.lines().stream().map(line -> line(line, entry, style)).toList(),
                amount
                        ? new AcceptedRange(marking)
                                .of((Box.Form.Amount) entry.box().form(), question)
                                .orElse("")
                        : "",
                entry.task() instanceof InWords words
                        ? words.phrases().stream()
                                .flatMap(phrase -> phrase.not().stream())
                                .toList()
                        : List.of(),
                amount
                        ? routes(
                                entry,
                                question.state(((Box.Form.Amount) entry.box().form()).state()),
                                style)
                        : List.of());
    }

    private static MemoLine line(Memo.Line line, Memo.Entry entry, HouseStyle style) {
        List<String> points = line.points().stream().map(MemoEntry::word).toList();
        if (line instanceof Memo.Line.Worked worked) {
            StepView step = StepView.of(worked.step(), worked.working(), style);
            return new MemoLine(step.text(), step, points);
        }
        String text = new BoxChoices(style).said(entry.box(), ((Memo.Line.Written) line).text());
        return new MemoLine(text, null, points);
    }

    private static String word(Point point) {
        return point.name().toLowerCase(Locale.ROOT);
    }

    private static List<List<MemoLine>> routes(Memo.Entry entry, State state, HouseStyle style) {
        List<List<MemoLine>> routes = new ArrayList<>();
        for (List<Step> route : entry.routes()) {
            Map<Cell, Double> values = new LinkedHashMap<>();
            for (Cell cell : state.relations().cells())
                state.chart().value(cell).ifPresent(value -> values.put(cell, value));
            Deduction working = new Deduction(route, values, Set.of());
            routes.add(route.stream()
                    .map(step -> StepView.of(step, working, style))
                    .map(step -> new MemoLine(step.text(), step, List.of()))
                    .toList());
        }
        return routes;
    }
}
