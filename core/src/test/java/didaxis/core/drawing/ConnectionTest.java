package didaxis.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Terminals;
import didaxis.core.drawing.Scene.Role;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What is joined in the circuit is joined in the picture, and nothing else; judged by the picture's geometry alone. */
class ConnectionTest {
    private static final double TOUCH = 0.3;

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(16);
    }

    @Provide
    Arbitrary<Plan> plans() {
        return DrawingTest.plans();
    }

    @Property(tries = 400)
    void thePictureJoinsWhatTheCircuitJoins(
            @ForAll("circuits") Circuit circuit, @ForAll("plans") Plan plan, @ForAll boolean narrow) {
        Scene scene = Drawing.of(circuit, DrawingTest.captions(circuit), plan, narrow ? 358 : 820, narrow ? 220 : 540);
        assertEquals(inCircuit(circuit), inPicture(scene), () -> circuit + " " + plan);
    }

    /** For every place of the circuit the labels that end there, as a sorted list of such groups. */
    private static List<String> inCircuit(Circuit circuit) {
        Terminals terminals = Terminals.of(circuit);
        Outline outline = circuit.outline();
        Map<Integer, TreeSet<String>> ends = new HashMap<>();
        for (int i = 0; i < outline.size(); i++) {
            String label = "";
            if (outline.node(i) instanceof Part part) label = part.label();
            if (outline.node(i) instanceof Metered metered) label = metered.voltmeter();
            if (label.isEmpty()) continue;
            ends.computeIfAbsent(terminals.from(i), place -> new TreeSet<>()).add(label);
            ends.computeIfAbsent(terminals.to(i), place -> new TreeSet<>()).add(label);
        }
        for (String meter : circuit.source().voltmeters()) {
            ends.computeIfAbsent(Terminals.POSITIVE, place -> new TreeSet<>()).add(meter);
            ends.computeIfAbsent(Terminals.NEGATIVE, place -> new TreeSet<>()).add(meter);
        }
        return sorted(ends.values());
    }

    /** The same from the picture: wires that touch, or cross under a dot, are one place; a symbol ends where its outline meets a wire. */
    private static List<String> inPicture(Scene scene) {
        List<Scene.Line> wires = new ArrayList<>();
        for (Scene.Item item : scene.items()) {
            boolean wire = item.role() == Role.WIRE || item.role() == Role.METER_WIRE;
            if (wire) wires.add((Scene.Line) item);
        }
        int[] root = new int[wires.size()];
        for (int i = 0; i < root.length; i++) root[i] = i;
        for (int i = 0; i < root.length; i++) {
            for (int k = 0; k < i; k++) if (touch(wires.get(i), wires.get(k))) root[find(root, i)] = find(root, k);
        }
        joinAtDots(scene, wires, root);
        Map<Integer, TreeSet<String>> ends = new HashMap<>();
        for (Scene.Item item : scene.items()) {
            if (item.role() != Role.SYMBOL
                    || item.part().isEmpty()
                    || item.part().equals("r")) continue;
            for (int i = 0; i < root.length; i++) {
                if (meets(item, wires.get(i)))
                    ends.computeIfAbsent(find(root, i), place -> new TreeSet<>())
                            .add(item.part());
            }
        }
        return sorted(ends.values());
    }

    /** Wires that cross are joined where a dot says so. */
    private static void joinAtDots(Scene scene, List<Scene.Line> wires, int[] root) {
        for (Scene.Item item : scene.items()) {
            if (item.role() != Role.JUNCTION) continue;
            Spot dot = ((Scene.Circle) item).centre();
            int first = -1;
            for (int i = 0; i < root.length; i++) {
                if (distance(dot, end(wires.get(i), 0), end(wires.get(i), 1)) > TOUCH) continue;
                if (first >= 0) root[find(root, i)] = find(root, first);
                first = i;
            }
        }
    }

    private static List<String> sorted(Iterable<TreeSet<String>> groups) {
        List<String> sorted = new ArrayList<>();
        groups.forEach(group -> sorted.add(String.join(" ", group)));
        sorted.sort(null);
        return sorted;
    }

    private static int find(int[] root, int i) {
        while (root[i] != i) i = root[i];
        return i;
    }

    private static Spot end(Scene.Line line, int which) {
        return line.spots().get(which == 0 ? 0 : line.spots().size() - 1);
    }

    /** An end of one lies on the other; wires that merely cross are not joined. */
    private static boolean touch(Scene.Line a, Scene.Line b) {
        for (int which = 0; which < 2; which++) {
            if (distance(end(a, which), end(b, 0), end(b, 1)) < TOUCH) return true;
            if (distance(end(b, which), end(a, 0), end(a, 1)) < TOUCH) return true;
        }
        return false;
    }

    private static boolean meets(Scene.Item symbol, Scene.Line wire) {
        for (int which = 0; which < 2; which++) {
            Spot end = end(wire, which);
            if (symbol instanceof Scene.Circle circle) {
                double away = Math.hypot(
                        end.x() - circle.centre().x(), end.y() - circle.centre().y());
                if (Math.abs(away - circle.radius()) < TOUCH) return true;
            }
            if (symbol instanceof Scene.Line stroke && !stroke.closed()) {
                for (int k = 0; k < 2; k++) {
                    Spot other = end(stroke, k);
                    if (Math.hypot(end.x() - other.x(), end.y() - other.y()) < TOUCH) return true;
                }
            }
            if (symbol instanceof Scene.Line outline && outline.closed()) {
                List<Spot> corners = outline.spots();
                for (int k = 0; k < corners.size(); k++) {
                    if (distance(end, corners.get(k), corners.get((k + 1) % corners.size())) < TOUCH) return true;
                }
            }
        }
        return false;
    }

    private static double distance(Spot spot, Spot from, Spot to) {
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        double along = ((spot.x() - from.x()) * dx + (spot.y() - from.y()) * dy) / (dx * dx + dy * dy);
        double t = Math.max(0, Math.min(1, along));
        return Math.hypot(spot.x() - from.x() - t * dx, spot.y() - from.y() - t * dy);
    }
}
