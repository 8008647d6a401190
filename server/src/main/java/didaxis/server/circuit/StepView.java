package didaxis.server.circuit;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaCells;
import didaxis.core.formula.FormulaMathMl;
import didaxis.core.formula.FormulaText;
import didaxis.core.formula.Symbols;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.style.HouseStyle;
import didaxis.core.wording.LawReason;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * One step of a working in JSON.
 *
 * @param phase fold, total-current, unfold or power
 * @param subjects whose rows the step uses, its own first
 * @param reason the law as a teacher says it
 * @param symbol what the step gives, as MathML; formula and substitution likewise, empty where there is none
 * @param text the whole step on one line
 */
public record StepView(
        String phase,
        CellView cell,
        List<String> subjects,
        String reason,
        String symbol,
        String formula,
        String substitution,
        String result,
        String text) {
    public static List<StepView> of(Deduction deduction, HouseStyle style) {
        return deduction.steps().stream()
                .map(step -> of(step, deduction, style))
                .toList();
    }

    public static StepView of(Step step, Deduction deduction, HouseStyle style) {
        AmountFormat format = style.numbers();
        Symbols symbols = new Symbols(style.terms());
        String result = format.print(Amount.of(step.value(), step.cell().quantity()));
        // A value that no law works out has no formula: a wire's 0 V, unknowns solved together.
        boolean worked = !(step.formula() instanceof Formula.Number);
        String formula = worked ? FormulaText.print(step.formula(), symbols::text) + " = " : "";
        String numbers = FormulaText.print(
                step.formula(), cell -> format.number(deduction.values().get(cell)));
        boolean calculated = worked && !(step.formula() instanceof Formula.Of);
        List<String> subjects = new ArrayList<>(List.of(step.cell().subject().id()));
        for (Cell used : FormulaCells.in(step.formula()))
            subjects.add(used.subject().id());
        return new StepView(
                step.phase().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                CellView.of(step.cell()),
                subjects.stream().distinct().toList(),
                LawReason.of(step, deduction, style.terms()),
                symbols.mathMl(step.cell()),
                worked ? FormulaMathMl.print(step.formula(), symbols::mathMl) : "",
                calculated
                        ? FormulaMathMl.print(
                                step.formula(),
                                cell -> "<mn>"
                                        + format.number(deduction.values().get(cell)) + "</mn>")
                        : "",
                result,
                symbols.text(step.cell()) + " = " + formula + (calculated ? numbers + " = " : "") + result);
    }
}
