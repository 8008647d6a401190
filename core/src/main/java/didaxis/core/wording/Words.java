package didaxis.core.wording;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.Point;
import didaxis.core.circuit.Series;
import didaxis.core.circuit.Setting;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/** A circuit said in words, as a drawing's text alternative. */
public final class Words {
    private Words() {}

    /** "R1 in series with R2 and R3 in parallel"; brackets stand where a mix is nested. */
    public static String describe(Circuit circuit) {
        StringBuilder text = new StringBuilder();
        Deque<Object> waiting = new ArrayDeque<>();
        Network whole = circuit.network();
        if (whole instanceof Series series && leadsToOneGroup(series.members())) {
            List<Network> members = series.members();
            int last = members.size() - 1;
            pushMembers(waiting, ((Parallel) members.get(last)).members(), " in parallel");
            waiting.push(" in series with ");
            pushMembers(waiting, members.subList(0, last), "");
        } else if (whole instanceof Series series) {
            pushMembers(waiting, series.members(), " in series");
        } else if (whole instanceof Parallel parallel) {
            pushMembers(waiting, parallel.members(), " in parallel");
        } else {
            waiting.push(whole);
        }
        while (!waiting.isEmpty()) {
            Object next = waiting.pop();
            if (next instanceof Series series) pushBracketed(waiting, series.members(), " in series");
            else if (next instanceof Parallel parallel) pushBracketed(waiting, parallel.members(), " in parallel");
            else if (next instanceof Metered metered) {
                waiting.push(" with voltmeter " + metered.voltmeter() + " across");
                waiting.push(metered.stretch());
            } else if (next instanceof Part part) text.append(name(part));
            else if (next instanceof Point point) text.append("point ").append(point.name());
            else text.append(next);
        }
        return text.toString();
    }

    private static boolean leadsToOneGroup(List<Network> members) {
        int last = members.size() - 1;
        return members.get(last) instanceof Parallel
                && members.subList(0, last).stream().noneMatch(Parallel.class::isInstance);
    }

    private static void pushBracketed(Deque<Object> waiting, List<Network> members, String ending) {
        waiting.push(")");
        pushMembers(waiting, members, ending);
        waiting.push("(");
    }

    private static void pushMembers(Deque<Object> waiting, List<Network> members, String ending) {
        waiting.push(ending);
        for (int i = members.size() - 1; i >= 0; i--) {
            waiting.push(members.get(i));
            if (i > 0) waiting.push(i == members.size() - 1 ? " and " : ", ");
        }
    }

    /** A part's label, and what is not to be seen in it. */
    static String name(Part part) {
        if (part.setting() == Setting.Position.OPEN) return part.label() + " (open)";
        if (part.setting() == Setting.Fault.OUT) return part.label() + " (taken out)";
        return part.setting() == Setting.Fault.SHORT ? part.label() + " (shorted)" : part.label();
    }
}
