package didaxis.server.assignment;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subjects;
import didaxis.core.formula.Formula;
import didaxis.server.circuit.CellView;
import java.util.ArrayList;
import java.util.List;

/**
 * A formula as nested lists for JSON: {@code ["/", ["V", "R1", "voltage"], 2]}. A list begins with its sign: + − × / ² √,
 * or V for the value of a cell; a bare number is itself.
 */
final class FormulaCode {
    private FormulaCode() {}

    static final Formula.Algebra<Object> WRITER = new Formula.Algebra<>() {
        @Override
        public Object cell(Cell cell) {
            CellView view = CellView.of(cell);
            return List.of("V", view.subject(), view.quantity());
        }

        @Override
        public Object number(double value) {
            return value;
        }

        @Override
        public Object sum(List<Object> terms) {
            return coded("+", terms);
        }

        @Override
        public Object difference(Object from, List<Object> less) {
            List<Object> all = new ArrayList<>(less);
            all.add(0, from);
            return coded("−", all);
        }

        @Override
        public Object product(List<Object> factors) {
            return coded("×", factors);
        }

        @Override
        public Object quotient(Object over, Object under) {
            return List.of("/", over, under);
        }

        @Override
        public Object square(Object base) {
            return List.of("²", base);
        }

        @Override
        public Object root(Object of) {
            return List.of("√", of);
        }

        private Object coded(String sign, List<Object> pieces) {
            List<Object> all = new ArrayList<>(pieces);
            all.add(0, sign);
            return all;
        }
    };

    /**
     * The formula that was written so.
     *
     * @throws IllegalArgumentException if it was not
     */
    static Formula read(Object code, Subjects subjects) {
        if (code instanceof Number number) return new Formula.Number(number.doubleValue());
        List<?> list = (List<?>) code;
        String sign = (String) list.get(0);
        if (sign.equals("V")) return Formula.of(new CellView((String) list.get(1), (String) list.get(2)).in(subjects));
        List<Formula> pieces = new ArrayList<>();
        for (Object piece : list.subList(1, list.size())) pieces.add(read(piece, subjects));
        return switch (sign) {
            case "+" -> new Formula.Sum(pieces);
            case "−" -> new Formula.Difference(pieces.get(0), pieces.subList(1, pieces.size()));
            case "×" -> new Formula.Product(pieces);
            case "/" -> new Formula.Quotient(pieces.get(0), pieces.get(1));
            case "²" -> new Formula.Square(pieces.get(0));
            case "√" -> new Formula.Root(pieces.get(0));
            default ->
                throw new IllegalArgumentException("sign of a formula (" + sign + ") must be one of + − × / ² √ V");
        };
    }
}
