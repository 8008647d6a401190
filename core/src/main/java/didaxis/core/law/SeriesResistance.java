package didaxis.core.law;

import didaxis.core.style.Terms;
import java.util.List;

/** R = R1 + R2 + …: the same current passes each, and their voltages add. */
final class SeriesResistance implements Law {
    @Override
    public String id() {
        return "series-resistance";
    }

    @Override
    public String reason(Terms terms) {
        return "in series, resistances add";
    }

    @Override
    public List<Relation> in(Structure structure) {
        return structure.combinations().stream()
                .filter(combination -> combination.series() && !combination.hasOpenMember())
                .flatMap(combination -> Combinations.wholeAndMembers(combination).stream())
                .map(cells -> Law.sum(
                        this,
                        Law.resistance(cells.whole()),
                        cells.members().stream().map(Law::resistance).toList()))
                .toList();
    }
}
