package didaxis.core.circuit;

import java.util.ArrayList;
import java.util.List;

/** Networks one after the other, first member nearest the positive terminal: the same current must pass. */
public record Series(List<Network> members) implements Network {
    public Series {
        members = List.copyOf(members);
        if (members.size() < 2) {
            throw new IllegalArgumentException("members of a series (" + members.size() + ") must be 2 or more");
        }
        if (members.stream().anyMatch(Series.class::isInstance)) {
            throw new IllegalArgumentException("a series directly inside a series: use Series.of");
        }
    }

    /** The members in series, normalised: inner series are opened up, a single member stays itself. */
    public static Network of(List<? extends Network> members) {
        List<Network> flat = new ArrayList<>();
        for (Network member : members) {
            if (member instanceof Series inner) flat.addAll(inner.members);
            else flat.add(member);
        }
        return flat.size() == 1 ? flat.get(0) : new Series(flat);
    }
}
