package didaxis.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Metered;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.RandomCircuits;
import didaxis.core.circuit.Terminals;
import didaxis.core.compose.Composer;
import didaxis.core.drawing.Scene.Role;
import didaxis.core.notation.Notation;
import didaxis.core.style.HouseStyle.ResistorSymbol;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** However a circuit is drawn, the wires of the drawing join what the circuit joins, and nothing else. */
class DrawnConnectionsTest {
    private static final double TOUCH = 0.12;

    @Provide
    Arbitrary<Circuit> circuits() {
        return RandomCircuits.any(12);
    }

    @Provide
    Arbitrary<Circuit> ladders() {
        return Ladders.any();
    }

    @Provide
    Arbitrary<Plan> plans() {
        return DrawingTest.plans().filter(plan -> plan.arrangement() != Plan.Arrangement.LINE);
    }

    @Provide
    Arbitrary<Plan> disguised() {
        return Arbitraries.longs()
                .map(seed -> new Plan(
                        Plan.Arrangement.DISGUISED,
                        Plan.HARDEST,
                        seed,
                        ResistorSymbol.RECTANGLE,
                        Plan.Arrows.NONE,
                        true,
                        true));
    }

    @Property(tries = 300)
    void theWiresJoinWhatTheCircuitJoins(
            @ForAll("circuits") Circuit circuit, @ForAll("plans") Plan plan, @ForAll boolean narrow) {
        sameConnections(circuit, plan, narrow);
    }

    @Property(tries = 300)
    void aRowIsTheLadderThatItDisguises(
            @ForAll("ladders") Circuit circuit, @ForAll("disguised") Plan plan, @ForAll boolean narrow) {
        sameConnections(circuit, plan, narrow);
    }

    @Property(tries = 150)
    void aStarIsTheLadderThatItDisguises(@ForAll("ladders") Circuit circuit, @ForAll("disguised") Plan plan) {
        Optional<StarDrawing> star = StarDrawing.of(circuit, DrawingTest.captions(circuit), plan, Type.USUAL);
        Assume.that(star.isPresent());
        assertEquals(meant(circuit), drawn(star.get().draw()), () -> Notation.print(circuit) + ", " + plan);
    }

    private static void sameConnections(Circuit circuit, Plan plan, boolean narrow) {
        Scene scene = Drawing.of(circuit, DrawingTest.captions(circuit), plan, narrow ? 358 : 820, narrow ? 220 : 540);
        assertEquals(meant(circuit), drawn(scene), () -> Notation.print(circuit) + ", " + plan);
    }

    /** What meets at each place, as it should be: places by the ends of parts that they join, with how often. */
    private static Map<Set<String>, Integer> meant(Circuit circuit) {
        Terminals terminals = Terminals.of(circuit);
        Map<Integer, Set<String>> places = new HashMap<>();
        boolean inner = circuit.source().internalResistance() > 0;
        Outline outline = circuit.outline();
        for (int i = 0; i < outline.size(); i++) {
            if (outline.node(i) instanceof Part part) between(part.label(), terminals.from(i), terminals.to(i), places);
            if (outline.node(i) instanceof Metered metered)
                between(metered.voltmeter(), terminals.from(i), terminals.to(i), places);
        }
        for (String meter : circuit.source().voltmeters())
            between(meter, Terminals.POSITIVE, Terminals.NEGATIVE, places);
        int inside = inner ? terminals.count() : Terminals.NEGATIVE;
        between(Composer.SOURCE, Terminals.POSITIVE, inside, places);
        if (inner) between("r", inside, Terminals.NEGATIVE, places);
        return counted(places.values());
    }

    private static void between(String part, int from, int to, Map<Integer, Set<String>> places) {
        places.computeIfAbsent(from, place -> new TreeSet<>()).add(part);
        places.computeIfAbsent(to, place -> new TreeSet<>()).add(part);
    }

    private static Map<Set<String>, Integer> counted(Iterable<Set<String>> places) {
        Map<Set<String>, Integer> counts = new HashMap<>();
        places.forEach(place -> counts.merge(place, 1, Integer::sum));
        return counts;
    }

    /** A straight piece of wire. */
    private record Piece(Spot from, Spot to) {
        boolean reaches(Spot spot) {
            double dx = to.x() - from.x();
            double dy = to.y() - from.y();
            double length = Math.hypot(dx, dy);
            double along = ((spot.x() - from.x()) * dx + (spot.y() - from.y()) * dy) / length;
            double aside = ((spot.x() - from.x()) * dy - (spot.y() - from.y()) * dx) / length;
            return Math.abs(aside) < TOUCH && along > -TOUCH && along < length + TOUCH;
        }
    }

    /** What meets at each place of the drawing: wires are joined where one ends on another, or where they cross with a dot. */
    private static Map<Set<String>, Integer> drawn(Scene scene) {
        List<Piece> pieces = new ArrayList<>();
        for (Scene.Item item : scene.items())
            if (item instanceof Scene.Line line && (line.role() == Role.WIRE || line.role() == Role.METER_WIRE))
                for (int k = 1; k < line.spots().size(); k++)
                    pieces.add(new Piece(line.spots().get(k - 1), line.spots().get(k)));
        int[] joined = new int[pieces.size()];
        for (int k = 0; k < joined.length; k++) joined[k] = k;
        for (int k = 0; k < joined.length; k++)
            for (int m = 0; m < k; m++) {
                Piece one = pieces.get(k);
                Piece other = pieces.get(m);
                boolean touch = one.reaches(other.from)
                        || one.reaches(other.to)
                        || other.reaches(one.from)
                        || other.reaches(one.to);
                if (touch) joined[root(joined, k)] = root(joined, m);
            }
        for (Scene.Item item : scene.items()) {
            if (!(item instanceof Scene.Circle dot) || dot.role() != Role.JUNCTION) continue;
            List<Integer> meeting = IntStream.range(0, joined.length)
                    .filter(k -> pieces.get(k).reaches(dot.centre()))
                    .boxed()
                    .toList();
            assertTrue(!meeting.isEmpty(), () -> dot + " is on no wire");
            meeting.forEach(k -> joined[root(joined, k)] = root(joined, meeting.get(0)));
        }
        Map<Integer, Set<String>> places = new TreeMap<>();
        for (Scene.Area area : scene.areas()) {
            if (area.part().startsWith(".")) continue;
            Set<Integer> ends = new HashSet<>();
            for (int k = 0; k < joined.length; k++)
                if (inside(area, pieces.get(k).from) || inside(area, pieces.get(k).to)) ends.add(root(joined, k));
            assertTrue(ends.size() == 2, () -> area.part() + " has " + ends.size() + " ends");
            ends.forEach(
                    end -> places.computeIfAbsent(end, place -> new TreeSet<>()).add(area.part()));
        }
        return counted(places.values());
    }

    private static int root(int[] joined, int piece) {
        int at = piece;
        while (joined[at] != at) at = joined[at];
        return at;
    }

    private static boolean inside(Scene.Area area, Spot spot) {
        return spot.x() >= area.x()
                && spot.x() <= area.x() + area.width()
                && spot.y() >= area.y()
                && spot.y() <= area.y() + area.height();
    }
}
