package didaxis.core.question;

import didaxis.core.chart.Chart;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.solving.Pair;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * What stands above the tasks. Values stand in it as places that are bound to the circuit as drawn, so that it cannot
 * disagree with it: {E}, {r}, {R2}, {A1}, {V1}.
 */
public final class Stem {
    private static final Pattern BOUND = Pattern.compile("\\{\\s*(\\p{L}[\\p{L}\\p{N},]*)\\s*}");

    private static final String NAME = "\\p{L}[\\p{L}\\p{N}]*";
    /** "R1, R2 and R3 are connected in series"; whatever is said otherwise is left to the teacher. */
    private static final Pattern JOINED = Pattern.compile(
            "(?<![\\p{L}\\p{N}])(" + NAME + "(?:\\s*,\\s*" + NAME + ")*\\s*,?\\s+and\\s+" + NAME
                    + ")\\s+are\\s+(?:both\\s+|all\\s+)?(?:connected\\s+|joined\\s+|wired\\s+)?in\\s+(series|parallel)(?!\\s+with)",
            Pattern.CASE_INSENSITIVE);

    private Stem() {}

    /** The text with each place filled; one that is bound to nothing stays as it is. */
    public static String filled(Question question, Function<Cell, String> shown) {
        if (question.states().isEmpty()) return question.stem();
        Chart chart = question.state(0).chart();
        return BOUND.matcher(question.stem())
                .replaceAll(found -> Matcher.quoteReplacement(cell(found.group(1), chart)
                        .filter(cell -> chart.value(cell).isPresent())
                        .map(shown)
                        .orElse(found.group())));
    }

    /** Names that are bound to nothing, cells that it would tell although they are not given, and what it says of a joint. */
    static List<TaskFlaw> flaws(Question question) {
        if (question.states().isEmpty()) return List.of();
        Chart chart = question.state(0).chart();
        List<TaskFlaw> flaws = new ArrayList<>();
        for (Matcher found = BOUND.matcher(question.stem()); found.find(); ) {
            Optional<Cell> cell =
                    cell(found.group(1), chart).filter(one -> chart.value(one).isPresent());
            if (cell.isEmpty()) flaws.add(new TaskFlaw.StemNames(found.group()));
            else if (!question.isTold(cell.get(), 0)) flaws.add(new TaskFlaw.StemTells(cell.get()));
        }
        flaws.addAll(joins(question));
        return flaws;
    }

    /** Of parts that are said to be in series, or in parallel, the first two that are not. */
    private static List<TaskFlaw> joins(Question question) {
        List<TaskFlaw> flaws = new ArrayList<>();
        for (Matcher said = JOINED.matcher(question.stem()); said.find(); ) {
            Pair.Kind kind = said.group(2).equalsIgnoreCase("series") ? Pair.Kind.SERIES : Pair.Kind.PARALLEL;
            List<String> names = Stream.of(said.group(1).split("\\s*,\\s*(?:and\\s+)?|\\s+and\\s+"))
                    .filter(name -> question.state(0).circuit().part(name).isPresent())
                    .toList();
            for (int k = 1; k < names.size(); k++) {
                String one = names.get(k - 1);
                String other = names.get(k);
                if (one.equals(other) || new Joining("", 0, one, other, 1).joint(question) == kind) continue;
                flaws.add(new TaskFlaw.StemJoins(one, other, kind));
                break;
            }
        }
        return flaws;
    }

    /** What a name is short for: the emf, a resistance, a meter's reading. */
    private static Optional<Cell> cell(String name, Chart chart) {
        if (name.equals("E")) return Optional.of(Cell.voltage(Subject.TOTAL));
        if (name.equals("r")) return Optional.of(Cell.resistance(Subject.INTERNAL));
        return chart.subjects().named(name).flatMap(subject -> switch (subject.kind()) {
            case PART ->
                chart.circuit()
                        .part(subject.id())
                        .map(Part::kind)
                        .map(kind -> kind == PartKind.AMMETER ? Cell.current(subject) : Cell.resistance(subject));
            case VOLTMETER -> Optional.of(Cell.voltage(subject));
            case POINT -> Optional.of(Cell.of(subject, Quantity.POTENTIAL));
            default -> Optional.of(Cell.resistance(subject));
        });
    }
}
