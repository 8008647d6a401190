package didaxis.core.line;

import java.util.List;
import java.util.stream.Collectors;

/** Prints what was read on one line of text, every bracket that is meant in place: "I = V/R = 6/3 = 2 A". */
public final class LineText {
    private static final int SUM = 0;
    private static final int PRODUCT = 1;
    private static final int POWER = 2;
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

    private LineText() {}

    public static String print(Line line) {
        return line.chains().stream()
                .map(chain ->
                        chain.sides().stream().map(side -> print(side, SUM)).collect(Collectors.joining(" = ")))
                .collect(Collectors.joining("; "));
    }

    /** One side. */
    public static String print(Term side) {
        return print(side, SUM);
    }

    /** The term, in brackets where it binds less than what it stands in. */
    private static String print(Term term, int within) {
        if (term instanceof Term.Written written) return written.text();
        if (term instanceof Term.Name name) return name.text();
        if (term instanceof Term.Root root) return "√(" + print(root.of(), SUM) + ")";
        String text = plain(term);
        return binding(term) < within ? "(" + text + ")" : text;
    }

    private static int binding(Term term) {
        if (term instanceof Term.Sum || term instanceof Term.Negative) return SUM;
        return term instanceof Term.Power ? POWER : PRODUCT;
    }

    private static String plain(Term term) {
        if (term instanceof Term.Sum sum) return sum(sum.terms());
        if (term instanceof Term.Negative negative) return "−" + print(negative.of(), PRODUCT);
        if (term instanceof Term.Product product) return joined(product.factors(), " × ");
        if (term instanceof Term.Beside beside) return joined(beside.terms(), " ∥ ");
        if (term instanceof Term.Quotient quotient)
            return print(quotient.over(), PRODUCT) + "/" + print(quotient.under(), POWER);
        Term.Power power = (Term.Power) term;
        return print(power.base(), POWER + 1) + raised(power.exponent());
    }

    private static String sum(List<Term> terms) {
        StringBuilder text = new StringBuilder(print(terms.get(0), SUM));
        for (Term term : terms.subList(1, terms.size())) {
            boolean less = term instanceof Term.Negative;
            text.append(less ? " − " : " + ")
                    .append(print(term instanceof Term.Negative negative ? negative.of() : term, PRODUCT));
        }
        return text.toString();
    }

    private static String joined(List<Term> factors, String sign) {
        return factors.stream().map(factor -> print(factor, PRODUCT)).collect(Collectors.joining(sign));
    }

    private static String raised(int exponent) {
        String digits = String.valueOf(Math.abs(exponent))
                .chars()
                .mapToObj(c -> String.valueOf(RAISED.charAt(c - '0')))
                .collect(Collectors.joining());
        return (exponent < 0 ? "⁻" : "") + digits;
    }
}
