package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.question.ChartQuestion;
import didaxis.core.style.MarkingStyle;
import didaxis.server.circuit.CellView;
import didaxis.server.classroom.Classrooms.Learner;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What became of one box over a whole class, in JSON: how many have it right, right from an own earlier value, wrong,
 * empty or unreadable, and the wrong values, equal ones together.
 */
record BoxResults(
        CellView cell,
        String symbol,
        String expected,
        int marks,
        int right,
        int follows,
        int wrong,
        int blank,
        int unreadable,
        List<WrongValue> wrongValues) {
    /** A value that is wrong, as it was read or else as it was typed, and who wrote it. */
    record WrongValue(String shown, boolean readable, List<Learner> learners) {}

    /** What makes two wrong answers one: the same value, however it is written; where none can be read, the same text. */
    private record WrongKey(Optional<Double> value, String text) {
        static WrongKey of(CellView cell, String text) {
            return MarkingStyle.STANDARD
                    .format()
                    .read(text, cell.measured())
                    .match(
                            read -> new WrongKey(Optional.of(read.amount().si()), ""),
                            blank -> new WrongKey(Optional.empty(), ""),
                            unreadable -> new WrongKey(Optional.empty(), text.strip()));
        }

        String shown(CellView cell, String typed) {
            return value.isPresent() ? SheetView.read(cell, typed).shown() : text;
        }
    }

    private record Wrong(String shown, List<Learner> learners) {}

    /** Of every box in the sheet's order; only what was sent or collected counts. */
    static List<BoxResults> of(
            Assignments.Assignment assignment, List<Sheets.Submission> sent, List<Learner> learners) {
        ChartQuestion question = assignment.content().question();
        Map<Long, Learner> byId = learners.stream().collect(Collectors.toMap(Learner::id, Function.identity()));
        List<Sheets.Submission> own =
                sent.stream().filter(one -> byId.containsKey(one.learnerId())).toList();
        return question.marks().entrySet().stream()
                .sorted(Map.Entry.comparingByKey(SheetView.sheetOrder(question)))
                .map(box -> of(question, box.getKey(), box.getValue(), own, byId))
                .toList();
    }

    private static BoxResults of(
            ChartQuestion question, Cell box, int marks, List<Sheets.Submission> sent, Map<Long, Learner> learners) {
        CellView cell = CellView.of(box);
        Map<StoredFinding.Code, Integer> counts = new EnumMap<>(StoredFinding.Code.class);
        Map<WrongKey, Wrong> wrong = new LinkedHashMap<>();
        for (Sheets.Submission sheet : sent) {
            StoredFinding.Code code = sheet.findings().stream()
                    .filter(finding -> finding.cell().equals(cell))
                    .map(StoredFinding::code)
                    .findFirst()
                    .orElse(StoredFinding.Code.BLANK);
            counts.merge(code, 1, Integer::sum);
            if (code.earns() || code == StoredFinding.Code.BLANK) continue;
            String text = text(sheet, cell);
            WrongKey key = WrongKey.of(cell, text);
            wrong.computeIfAbsent(key, first -> new Wrong(key.shown(cell, text), new ArrayList<>()))
                    .learners()
                    .add(learners.get(sheet.learnerId()));
        }
        List<WrongValue> values = wrong.entrySet().stream()
                .map(one -> new WrongValue(
                        one.getValue().shown(),
                        one.getKey().value().isPresent(),
                        one.getValue().learners()))
                .sorted(Comparator.comparing((WrongValue one) -> -one.learners().size()))
                .toList();
        return new BoxResults(
                cell,
                Symbols.USUAL.mathMl(box),
                SheetView.shown(question.relations().chart().value(box).orElseThrow(), box),
                marks,
                count(counts, StoredFinding.Code.RIGHT, StoredFinding.Code.ROUNDED_EARLY),
                count(counts, StoredFinding.Code.FOLLOW_THROUGH),
                count(counts, StoredFinding.Code.WRONG, StoredFinding.Code.CUT_OFF),
                count(counts, StoredFinding.Code.BLANK),
                count(counts, StoredFinding.Code.UNREADABLE),
                values);
    }

    private static int count(Map<StoredFinding.Code, Integer> counts, StoredFinding.Code... codes) {
        return List.of(codes).stream()
                .mapToInt(code -> counts.getOrDefault(code, 0))
                .sum();
    }

    private static String text(Sheets.Submission sheet, CellView cell) {
        return sheet.answers().stream()
                .filter(answer -> answer.cell().equals(cell))
                .map(Sheets.Answer::text)
                .findFirst()
                .orElse("");
    }
}
