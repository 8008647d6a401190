package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subjects;
import didaxis.core.law.Law;
import didaxis.core.marking.Derivation;
import didaxis.core.marking.Finding;
import didaxis.core.quantity.Reading;
import didaxis.core.question.ChartQuestion;
import didaxis.core.style.MarkingStyle;
import didaxis.server.circuit.CellView;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * A finding as it is kept: core's own codes, from which with the question and the answer all else is made when read.
 *
 * @param code one of {@link Code}
 * @param derivation how the answer follows; null where it does not follow from others
 */
record StoredFinding(CellView cell, Code code, StoredDerivation derivation) {
    /** What marking can say of an answer. */
    enum Code {
        RIGHT,
        ROUNDED_EARLY,
        FOLLOW_THROUGH,
        CUT_OFF,
        WRONG,
        BLANK,
        UNREADABLE;

        static Code of(Finding finding) {
            return finding.match(new Finding.Cases<>(
                    right -> RIGHT,
                    early -> ROUNDED_EARLY,
                    follows -> FOLLOW_THROUGH,
                    cutOff -> CUT_OFF,
                    wrong -> WRONG,
                    blank -> BLANK,
                    unreadable -> UNREADABLE));
        }

        /** As {@link Finding#earns()} said it when it was stored. */
        boolean earns() {
            return this == RIGHT || this == ROUNDED_EARLY || this == FOLLOW_THROUGH;
        }
    }

    /** A number that was used, in SI. */
    record Used(CellView cell, BigDecimal value) {}

    /** The learner's own answers it rests on, the law and its formula, and the numbers put into it. */
    record StoredDerivation(List<Used> from, Law law, Object formula, List<Used> inputs) {
        static StoredDerivation of(Derivation derivation) {
            return new StoredDerivation(
                    used(derivation.from(), BigDecimal::valueOf),
                    derivation.law(),
                    derivation.formula().with(FormulaCode.WRITER),
                    used(derivation.inputs(), Function.identity()));
        }

        private static <T> List<Used> used(Map<Cell, T> numbers, Function<T, BigDecimal> exactly) {
            return numbers.entrySet().stream()
                    .map(number -> new Used(CellView.of(number.getKey()), exactly.apply(number.getValue())))
                    .toList();
        }

        Derivation in(Subjects subjects) {
            Map<Cell, Double> own = new LinkedHashMap<>();
            from.forEach(
                    number -> own.put(number.cell().in(subjects), number.value().doubleValue()));
            Map<Cell, BigDecimal> put = new LinkedHashMap<>();
            inputs.forEach(number -> put.put(number.cell().in(subjects), number.value()));
            return new Derivation(own, law, FormulaCode.read(formula, subjects), put);
        }
    }

    static StoredFinding of(Finding finding) {
        Derivation derivation = finding.match(new Finding.Cases<>(
                right -> null,
                Finding.RoundedEarly::derivation,
                Finding.FollowThrough::derivation,
                cutOff -> null,
                wrong -> null,
                blank -> null,
                unreadable -> null));
        return new StoredFinding(
                CellView.of(finding.cell()),
                Code.of(finding),
                derivation == null ? null : StoredDerivation.of(derivation));
    }

    /** The finding itself, of what was typed into its box of a question. */
    Finding in(ChartQuestion question, String typed) {
        Subjects subjects = question.relations().chart().subjects();
        Cell own = cell.in(subjects);
        double expected = question.relations().chart().value(own).orElse(0);
        Reading reading = MarkingStyle.STANDARD.format().read(typed, own.quantity());
        if (code == Code.BLANK) return new Finding.Blank(own, expected);
        if (!(reading instanceof Reading.Read read))
            return new Finding.Unreadable(own, expected, (Reading.Unreadable) reading);
        return switch (code) {
            case ROUNDED_EARLY -> new Finding.RoundedEarly(own, expected, read, derivation.in(subjects));
            case FOLLOW_THROUGH -> new Finding.FollowThrough(own, expected, read, derivation.in(subjects));
            case CUT_OFF -> new Finding.CutOff(own, expected, read);
            case WRONG -> new Finding.Wrong(own, expected, read);
            default -> new Finding.Right(own, expected, read);
        };
    }
}
