package didaxis.core.circuit;

import java.util.ArrayList;
import java.util.List;

/** Networks side by side between the same two junctions: the same voltage stands across each. */
public record Parallel(List<Network> members) implements Network {
    public Parallel {
        members = List.copyOf(members);
        if (members.size() < 2) {
            throw new IllegalArgumentException("branches of a parallel (" + members.size() + ") must be 2 or more");
        }
        if (members.stream().anyMatch(Parallel.class::isInstance)) {
            throw new IllegalArgumentException("a parallel directly inside a parallel: use Parallel.of");
        }
    }

    /** The members in parallel, normalised: inner parallels are opened up, a single member stays itself. */
    public static Network of(List<? extends Network> members) {
        List<Network> flat = new ArrayList<>();
        for (Network member : members) {
            if (member instanceof Parallel inner) flat.addAll(inner.members);
            else flat.add(member);
        }
        return flat.size() == 1 ? flat.get(0) : new Parallel(flat);
    }
}
