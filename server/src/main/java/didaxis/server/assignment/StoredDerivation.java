package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subjects;
import didaxis.core.law.Law;
import didaxis.core.marking.Derivation;
import didaxis.server.circuit.CellView;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** How an answer follows, as it is kept: the own answers it rests on, the law and its formula, and the numbers put into it. */
record StoredDerivation(List<Used> from, Law law, Object formula, List<Used> inputs) {
    /** A number that was used, in SI. */
    record Used(CellView cell, BigDecimal value) {}

    static StoredDerivation of(Derivation derivation) {
        return new StoredDerivation(
                used(derivation.from(), BigDecimal::valueOf),
                derivation.law(),
                derivation.formula().with(FormulaCode.WRITER),
                used(derivation.inputs(), Function.identity()));
    }

    static <T> List<Used> used(Map<Cell, T> numbers, Function<T, BigDecimal> exactly) {
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
