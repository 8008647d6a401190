package didaxis.core.law;

import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Subject;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** One voltage stands across all that is in parallel, and across a voltmeter and its stretch. */
final class SameVoltage {
    private SameVoltage() {}

    /** Every place where it holds. */
    static List<Relation> in(Structure structure) {
        List<Relation> relations = new ArrayList<>();
        for (Structure.Combination combination : structure.combinations()) {
            if (combination.series()) continue;
            Set<Subject> subjects = new LinkedHashSet<>();
            combination.voltage().ifPresent(subjects::add);
            combination.members().forEach(member -> member.voltage().ifPresent(subjects::add));
            addEquality(structure, new ArrayList<>(subjects), relations);
        }
        for (Subject reading : structure.chart().subjects().readings()) {
            int stretch = structure.chart().subjects().nodeOf(reading);
            boolean meter = reading.kind() == Subject.Kind.VOLTMETER
                    && structure.chart().point().resistance(stretch) > 0;
            if (!meter) continue;
            structure
                    .voltageOf(stretch)
                    .ifPresent(across -> addEquality(structure, List.of(across, reading), relations));
        }
        return relations;
    }

    private static void addEquality(Structure structure, List<Subject> subjects, List<Relation> relations) {
        List<Cell> voltages = subjects.stream()
                .map(Cell::voltage)
                .filter(cell -> structure.chart().value(cell).isPresent())
                .toList();
        Relation.equal(Law.SAME_VOLTAGE, voltages).ifPresent(relations::add);
    }
}
