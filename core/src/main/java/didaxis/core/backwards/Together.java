package didaxis.core.backwards;

import didaxis.core.circuit.Cell;
import didaxis.core.formula.Symbols;
import didaxis.core.law.Law;
import didaxis.core.law.Relation;
import didaxis.core.law.Structure;
import didaxis.core.style.Terms;
import java.util.List;
import java.util.stream.Collectors;

/** Several unknowns that no law gives one by one, solved together so that every relation holds. */
record Together(List<Cell> unknowns) implements Law {
    @Override
    public String id() {
        return "together";
    }

    @Override
    public String reason(Terms terms) {
        Symbols symbols = new Symbols(terms);
        String named = unknowns.stream().map(symbols::text).collect(Collectors.joining(", "));
        return unknowns.size() == 1
                ? "no single law gives " + named + ": it is the one value with which all of them hold"
                : "no single law gives " + named + ": they are the only values with which all laws hold together";
    }

    /** It is no relation of its own: it is found where the others stall. */
    @Override
    public List<Relation> in(Structure structure) {
        return List.of();
    }
}
