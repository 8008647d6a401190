package didaxis.core.question;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Series;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** A reduction as a learner writes it, worked by itself. */
public final class LearnersReduction {
    private LearnersReduction() {}

    /**
     * Some pair that may be combined, again and again, each under a name of its own, with the value it comes to.
     *
     * @param factor by which the first value is wrong; what follows is worked from it
     */
    public static List<String> lines(Circuit circuit, Random random, double factor) {
        List<String> lines = new ArrayList<>();
        reduce(circuit.network(), random, lines, factor);
        return lines;
    }

    private record Left(String name, double ohms) {}

    private static Left reduce(Network node, Random random, List<String> lines, double factor) {
        if (node instanceof Part part) return new Left(part.label(), part.resistance());
        boolean series = node instanceof Series;
        List<Network> members = new ArrayList<>(series ? ((Series) node).members() : ((Parallel) node).members());
        Collections.shuffle(members, random);
        List<Left> left = new ArrayList<>();
        for (Network member : members) left.add(reduce(member, random, lines, factor));
        while (left.size() > 1) {
            Left one = left.remove(0);
            Left other = left.remove(0);
            double ohms = series ? one.ohms + other.ohms : one.ohms * other.ohms / (one.ohms + other.ohms);
            if (lines.isEmpty()) ohms *= factor;
            String name = "X" + lines.size();
            lines.add(name + " = " + one.name + (series ? " + " : " || ") + other.name + " = " + ohms);
            left.add(random.nextInt(left.size() + 1), new Left(name, ohms));
        }
        return left.get(0);
    }
}
