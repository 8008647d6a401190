package didaxis.core.wording;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.circuit.Terminals;
import java.util.ArrayList;
import java.util.List;

/**
 * A circuit said as a nested list, since brackets are not spoken: the source, then each combination with its members
 * below it, "R45: R4 and R5, in parallel, between b and c". It has names and connections, and no value.
 */
public final class WordList {
    /**
     * One line.
     *
     * @param depth 0 for the source and the network, one more for each combination a line stands in
     */
    public record Line(int depth, String text) {}

    private WordList() {}

    /** The lines from the positive terminal on. */
    public static List<Line> of(Circuit circuit) {
        List<Line> lines = new ArrayList<>();
        boolean r = circuit.source().internalResistance() > 0;
        lines.add(new Line(0, "source with emf E" + (r ? " and internal resistance r" : "") + meters(circuit)));
        Outline outline = circuit.outline();
        Subjects subjects = Subjects.of(circuit);
        Terminals terminals = Terminals.of(circuit);
        int[] depth = new int[outline.size()];
        for (int i = 0; i < outline.size(); i++) {
            if (i > 0) depth[i] = depth[outline.parent(i)] + 1;
            lines.add(new Line(depth[i], text(i, outline, subjects, terminals)));
        }
        return lines;
    }

    private static String meters(Circuit circuit) {
        List<String> labels = circuit.source().voltmeters();
        if (labels.isEmpty()) return "";
        return ", voltmeter" + (labels.size() > 1 ? "s " : " ") + Listed.of(labels) + " across its terminals";
    }

    private static String text(int i, Outline outline, Subjects subjects, Terminals terminals) {
        Network node = outline.node(i);
        if (node instanceof Part part) return Words.name(part);
        if (node instanceof Point point) return "point " + point.name();
        if (node instanceof Metered metered) return "voltmeter " + metered.voltmeter() + " across";
        List<String> members = new ArrayList<>();
        for (int m : outline.membersOf(i)) members.add(name(m, outline, subjects));
        String name = i == 0 ? "the network" : name(i, outline, subjects);
        String joined = (name.isEmpty() ? "" : name + ": ") + Listed.of(members);
        if (!(node instanceof Parallel)) return joined + ", in series";
        return joined + ", in parallel, between " + place(terminals.from(i), terminals) + " and "
                + place(terminals.to(i), terminals);
    }

    private static String place(int place, Terminals terminals) {
        return terminals.junction(place).orElseThrow();
    }

    /** What a member is called: its label, its group's, or how many things it is. */
    private static String name(int i, Outline outline, Subjects subjects) {
        Network node = outline.node(i);
        if (node instanceof Part part) return part.label();
        if (node instanceof Point point) return "point " + point.name();
        if (node instanceof Metered) return name(i + 1, outline, subjects);
        return subjects.at(i)
                .filter(subject -> subject.kind() == Subject.Kind.GROUP)
                .map(Subject::id)
                .orElseGet(() -> outline.partsOf(i).size() + " parts");
    }
}
