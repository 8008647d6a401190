package didaxis.core.question;

import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Part;
import didaxis.core.solving.OperatingPoint;
import didaxis.core.style.MarkingStyle;
import java.util.Arrays;
import java.util.List;

/**
 * Whether two parts are in series, in parallel, or neither: in series where the same current must pass, in parallel where
 * both ends lie on the same two junctions. What has no resistance is wire, and what nothing can pass is not there.
 */
public record Joining(String id, int state, String one, String other, int marks) implements Task {
    public enum Joint {
        SERIES,
        PARALLEL,
        NEITHER
    }

    @Override
    public List<Box> boxes() {
        return List.of(new Box(id, id, new Box.Form.Joint(), marks));
    }

    @Override
    public List<TaskFlaw> flaws(Question question, Knowledge knowledge) {
        return one.equals(other) ? List.of(new TaskFlaw.TooFew(id, List.of())) : List.of();
    }

    /** How they are joined. */
    public Joint joint(Question question) {
        OperatingPoint point = question.state(state).chart().point();
        Outline outline = point.circuit().outline();
        int first = place(outline, one);
        int second = place(outline, other);
        int both = first;
        while (!(both <= second && second < outline.end(both))) both = outline.parent(both);
        boolean straight = isStraight(point, first, both) && isStraight(point, second, both);
        if (!straight) return Joint.NEITHER;
        return outline.join(both) == Join.SERIES ? Joint.SERIES : Joint.PARALLEL;
    }

    private static int place(Outline outline, String label) {
        for (int i = 0; i < outline.size(); i++)
            if (outline.node(i) instanceof Part part && part.label().equals(label)) return i;
        throw new IllegalArgumentException("part (" + label + ") must be one of the circuit's");
    }

    /** Whether everything between a part and what joins it with the other joins alike, or adds nothing. */
    private static boolean isStraight(OperatingPoint point, int part, int both) {
        Outline outline = point.circuit().outline();
        int inner = part;
        for (int i = outline.parent(part); i != both; i = outline.parent(i)) {
            boolean alike = outline.join(i) == outline.join(both) || outline.join(i) == Join.SAME;
            if (!alike && !addsNothing(point, i, inner)) return false;
            inner = i;
        }
        return true;
    }

    /** Whether the other members of a node change nothing: wire in series, or open ways in parallel. */
    private static boolean addsNothing(OperatingPoint point, int node, int inner) {
        Outline outline = point.circuit().outline();
        double nothing = outline.join(node) == Join.SERIES ? 0 : Double.POSITIVE_INFINITY;
        return Arrays.stream(outline.membersOf(node))
                .allMatch(member -> member == inner || point.resistance(member) == nothing);
    }

    @Override
    public Verdict judge(Box box, String typed, Question question, MarkingStyle style) {
        Joint right = joint(question);
        String model = switch (right) {
            case SERIES -> "in series";
            case PARALLEL -> "in parallel";
            case NEITHER -> "neither";
        };
        return Typed.judged(typed, Typed.joint(typed), right, box.marks(), model);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.joining().apply(this);
    }
}
