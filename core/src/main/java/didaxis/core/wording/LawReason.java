package didaxis.core.wording;

import didaxis.core.formula.Symbols;
import didaxis.core.law.Law;
import didaxis.core.style.Terms;
import didaxis.core.working.Deduction;
import didaxis.core.working.Step;
import java.util.List;

/** A law's name, or its reason as a teacher says it, in a style's words. */
public final class LawReason {
    private LawReason() {}

    /** Why a step of a deduction may be taken. */
    public static String of(Step step, Deduction deduction, Terms terms) {
        return step.law() == Law.TOGETHER ? together(deduction, new Symbols(terms)) : of(step.law(), terms);
    }

    private static String together(Deduction deduction, Symbols symbols) {
        List<String> unknowns = deduction.steps().stream()
                .filter(step -> step.law() == Law.TOGETHER)
                .map(step -> symbols.text(step.cell()))
                .toList();
        String named = String.join(", ", unknowns);
        return unknowns.size() == 1
                ? "no single law gives " + named + ": it is the one value with which all of them hold"
                : "no single law gives " + named + ": they are the only values with which all laws hold together";
    }

    private static String of(Law law, Terms terms) {
        return switch (law) {
            case SERIES_RESISTANCE -> "in series, resistances add";
            case PARALLEL_RESISTANCE -> "in parallel, the reciprocals of resistances add";
            case NO_CURRENT -> "the way is open, or bypassed: no current";
            case NO_VOLTAGE -> "both ends are at the same potential: no " + terms.voltage();
            case SAME_CURRENT -> "in series, the same current must pass";
            case SAME_VOLTAGE -> "in parallel, the same " + terms.voltage() + " stands across each";
            case OHM -> "Ohm's law";
            case EMF -> "the emf is the terminal " + terms.voltage() + " and what is lost inside the source";
            case VOLTAGE_SUM -> "along a series, " + terms.voltage() + "s add";
            case CURRENT_SUM -> "at a junction, the branch currents add up to the whole";
            case POTENTIAL_AT_POINT ->
                "the potential is what the " + terms.voltage() + "s from there to the negative terminal add up to";
            case CURRENT_AT_POINT -> "along one wire, the current is the same everywhere";
            case POWER -> "power";
            case POWER_SUM -> "powers add, however the parts are connected";
            case VOLTAGE_DIVIDER -> "in series, " + terms.voltage() + " divides as the resistances";
            case CURRENT_DIVIDER -> "in parallel, current divides inversely as the resistances";
            case WHOLE_LOOP ->
                "round the whole loop, " + terms.voltage() + "s and what is lost inside the source add up to the emf";
            case CHARGE_AND_ENERGY -> "charge is current times time, and energy power times time";
            case TOGETHER -> "no single law goes on";
        };
    }
}
