package didaxis.core.wording;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Quantity;
import didaxis.core.style.HouseStyle;
import java.util.List;

/**
 * Names cells in a sentence, in the words of a style: "the current through R1 and R2 and the voltage across R1".
 *
 * @param emf whether the total voltage is told from the terminals' and so called the emf
 */
record CellPhrase(HouseStyle style, boolean emf) {
    CellPhrase(HouseStyle style) {
        this(style, false);
    }

    String of(Cell cell) {
        return of(List.of(cell));
    }

    /** Quantity by quantity. */
    String of(List<Cell> cells) {
        return Listed.of(cells.stream()
                .map(Cell::quantity)
                .distinct()
                .map(quantity -> of(
                        quantity,
                        cells.stream()
                                .filter(cell -> cell.quantity() == quantity)
                                .map(Cell::subject)
                                .toList()))
                .toList());
    }

    private String of(Quantity quantity, List<Subject> subjects) {
        String word = style.terms().word(quantity);
        if (subjects.size() == 1) {
            Subject only = subjects.get(0);
            if (only.kind() == Subject.Kind.INTERNAL && quantity == Quantity.RESISTANCE)
                return "the internal resistance";
            if (only.kind() == Subject.Kind.TOTAL && quantity == Quantity.VOLTAGE && emf) return "the emf";
            if (only.kind() == Subject.Kind.TOTAL && quantity != Quantity.TIME)
                return "the " + whole(quantity) + " " + word;
            if (only.kind() == Subject.Kind.VOLTMETER) return "the reading of " + only.id();
        }
        boolean points = subjects.stream().allMatch(subject -> subject.kind() == Subject.Kind.POINT);
        String things = subjects.size() == 1
                ? alone(subjects.get(0))
                : Listed.of(subjects.stream().map(CellPhrase::name).toList());
        if (quantity == Quantity.TIME)
            return "the time for which " + things + (subjects.size() > 1 ? " are" : " is") + " on";
        String between = points
                ? " at "
                : switch (quantity) {
                    case VOLTAGE -> " across ";
                    case CURRENT, CHARGE -> " through ";
                    case ENERGY -> " taken by ";
                    default -> " of ";
                };
        return "the " + word + between + things;
    }

    private String whole(Quantity quantity) {
        return quantity == Quantity.RESISTANCE ? style.terms().whole() : "total";
    }

    /** A group of unlike names by all of them. */
    private static String alone(Subject subject) {
        boolean unlike = subject.kind() == Subject.Kind.GROUP && subject.id().contains(",");
        return unlike ? Listed.of(List.of(subject.id().split(","))) + " together" : name(subject);
    }

    private static String name(Subject subject) {
        return switch (subject.kind()) {
            case EXTERNAL -> "the network";
            case TOTAL -> "the whole circuit";
            case INTERNAL -> "r";
            case POINT -> subject.id().substring(1);
            default -> subject.id().replace(',', '/');
        };
    }
}
