package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subjects;
import didaxis.core.formula.Formula;
import didaxis.core.marking.NamedSlip;
import didaxis.core.slip.Slip;
import didaxis.server.circuit.CellView;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * A slip; of one that is about the cell's own value the rest is null.
 *
 * @param at where it was made
 */
record StoredSlip(Slip slip, CellView at, Object formula, List<StoredDerivation.Used> inputs) {
    static StoredSlip of(NamedSlip named) {
        return new StoredSlip(
                named.slip(),
                CellView.of(named.at()),
                named.formula().with(FormulaCode.WRITER),
                StoredDerivation.used(named.inputs(), Function.identity()));
    }

    NamedSlip in(Cell own, double expected, Subjects subjects) {
        if (at == null) return new NamedSlip(slip, own, Formula.of(own), Map.of(own, BigDecimal.valueOf(expected)));
        Map<Cell, BigDecimal> put = new LinkedHashMap<>();
        inputs.forEach(number -> put.put(number.cell().in(subjects), number.value()));
        return new NamedSlip(slip, at.in(subjects), FormulaCode.read(formula, subjects), put);
    }
}
