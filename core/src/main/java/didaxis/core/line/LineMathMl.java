package didaxis.core.line;

import didaxis.core.quantity.Subscripts;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Sets what was read as presentation MathML (W3C MathML Core), without the outer math element. */
public final class LineMathMl {
    private static final Pattern INDEXED = Pattern.compile("(\\p{L})[_(]*\\{?([\\p{L}0-9₀-₉,| ]+?)[})]*");

    private LineMathMl() {}

    /** A chain of equal sides. */
    public static String print(Line.Chain chain) {
        return chain.sides().stream().map(LineMathMl::print).collect(Collectors.joining("<mo>=</mo>"));
    }

    /** Its sides one by one, so that a long line can be broken; each that is said to be equal has the sign before it. */
    public static List<String> sides(Line line) {
        List<String> sides = new ArrayList<>();
        boolean equal = line.goesOn();
        for (Line.Chain chain : line.chains()) {
            for (Term side : chain.sides()) {
                sides.add((equal ? "<mo>=</mo>" : "") + print(side));
                equal = true;
            }
            equal = false;
        }
        return sides;
    }

    private static String print(Term term) {
        if (term instanceof Term.Written written) return "<mtext>" + escaped(written.text()) + "</mtext>";
        if (term instanceof Term.Name name) return name(name.text());
        if (term instanceof Term.Sum sum) return row(sum(sum.terms()));
        if (term instanceof Term.Negative negative) return row("<mo>−</mo>" + factor(negative.of()));
        if (term instanceof Term.Product product) return row(joined(product.factors(), "<mo>×</mo>"));
        if (term instanceof Term.Beside beside) return row(joined(beside.terms(), "<mo>∥</mo>"));
        if (term instanceof Term.Quotient quotient)
            return "<mfrac>" + row(print(quotient.over())) + row(print(quotient.under())) + "</mfrac>";
        if (term instanceof Term.Power power)
            return "<msup>" + row(base(power.base())) + "<mn>"
                    + String.valueOf(power.exponent()).replace('-', '−') + "</mn></msup>";
        return "<msqrt>" + print(((Term.Root) term).of()) + "</msqrt>";
    }

    private static String sum(List<Term> terms) {
        StringBuilder markup = new StringBuilder(print(terms.get(0)));
        for (Term term : terms.subList(1, terms.size())) {
            boolean less = term instanceof Term.Negative;
            markup.append(less ? "<mo>−</mo>" : "<mo>+</mo>")
                    .append(term instanceof Term.Negative negative ? factor(negative.of()) : print(term));
        }
        return markup.toString();
    }

    private static String joined(List<Term> factors, String sign) {
        return factors.stream().map(LineMathMl::factor).collect(Collectors.joining(sign));
    }

    private static String factor(Term term) {
        boolean loose = term instanceof Term.Sum || term instanceof Term.Negative;
        return loose ? bracketed(term) : print(term);
    }

    private static String base(Term term) {
        boolean tight = term instanceof Term.Name || term instanceof Term.Written || term instanceof Term.Root;
        return tight ? print(term) : bracketed(term);
    }

    private static String bracketed(Term term) {
        return row("<mo>(</mo>" + print(term) + "<mo>)</mo>");
    }

    /** A letter with its index set low; a name of several words as it is. */
    private static String name(String text) {
        Matcher indexed = INDEXED.matcher(text);
        if (!indexed.matches() || text.contains(" ") && !text.contains("("))
            return text.length() == 1 ? "<mi>" + escaped(text) + "</mi>" : "<mtext>" + escaped(text) + "</mtext>";
        return "<msub><mi>" + indexed.group(1) + "</mi><mtext>" + escaped(Subscripts.typed(indexed.group(2)))
                + "</mtext></msub>";
    }

    private static String row(String markup) {
        return "<mrow>" + markup + "</mrow>";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
