package didaxis.core.wording;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Evaluation;
import didaxis.core.formula.Formula;
import didaxis.core.formula.FormulaText;
import didaxis.core.formula.Symbols;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.Quantity;
import java.math.BigDecimal;
import java.util.Map;

/**
 * Prints a sum as letters, numbers and result. The numbers stand in units that go together, such as V, mA, kΩ and mW,
 * with the result's own prefix, so that the printed numbers give the printed result.
 */
record PrintedSum(Cell cell, Formula formula, Map<Cell, BigDecimal> inputs, AmountFormat format, Symbols symbols) {
    private static final int SMALLEST = -12;
    private static final int LARGEST = 12;
    /** A prefix is worth it if it saves a number more than half a place. */
    private static final double OTHER_UNIT = 0.5;

    /** Powers of ten of the units of voltage and current; those of resistance and power follow, as V = I·R and P = V·I. */
    private record Units(int volts, int amperes) {
        int of(Quantity quantity) {
            return switch (quantity) {
                case VOLTAGE, POTENTIAL -> volts;
                case CURRENT, CHARGE -> amperes;
                case RESISTANCE -> volts - amperes;
                case POWER, ENERGY -> volts + amperes;
                case TIME, COST -> 0;
            };
        }
    }

    /** "I₂ = V₂/R₂ = 24/21 = 1.14 A"; for a value that is only copied "V₂ = V₁ = 24.0 V". */
    String text() {
        double value = formula.with(new Evaluation(input -> inputs.get(input).doubleValue()));
        Amount result = Amount.of(value, cell.quantity());
        String equals = symbols.text(cell) + " = ";
        if (inputs.isEmpty()) return equals + format.print(result);
        String letters = FormulaText.print(formula, symbols::text) + " = ";
        if (formula instanceof Formula.Of) return equals + letters + format.print(result);
        Units units = units(format.exponent(result));
        String numbers = FormulaText.print(
                formula, input -> format.plain(inputs.get(input).movePointLeft(units.of(input.quantity()))));
        return equals + letters + numbers + " = " + format.print(result);
    }

    /** Those with the result's prefix that keep the numbers easy to read. */
    private Units units(int exponent) {
        Units best = new Units(0, 0);
        double least = Double.POSITIVE_INFINITY;
        for (int volts = SMALLEST; volts <= LARGEST; volts += 3) {
            for (int amperes = SMALLEST; amperes <= LARGEST; amperes += 3) {
                Units units = new Units(volts, amperes);
                if (units.of(cell.quantity()) != exponent) continue;
                double awkward = awkwardness(units) + OTHER_UNIT * (Math.abs(volts) + Math.abs(amperes)) / 3;
                if (awkward < least) {
                    least = awkward;
                    best = units;
                }
            }
        }
        return best;
    }

    /** How many places in all the numbers lie outside of 0.1 to 1000. */
    private double awkwardness(Units units) {
        double awkward = 0;
        for (Cell input : inputs.keySet()) {
            BigDecimal number = inputs.get(input);
            if (number.signum() == 0) continue;
            double places = Math.log10(number.abs().doubleValue()) - units.of(input.quantity());
            awkward += Math.max(0, Math.max(-1 - places, places - 3));
        }
        return awkward;
    }
}
