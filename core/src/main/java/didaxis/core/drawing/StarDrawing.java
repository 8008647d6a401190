package didaxis.core.drawing;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Outline;
import didaxis.core.circuit.Outline.Join;
import didaxis.core.circuit.Terminals;
import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A ladder drawn as a star: its foot is one place in the middle, from which the source and the rungs go out; what lies
 * between the rungs runs round them, from the source at the left over the top.
 */
final class StarDrawing implements Layout {
    private static final double LARGEST = 1.2;
    private static final double LEAST = 110;
    private static final double CLEAR = 10;
    /** Source and rungs to four sides. */
    private static final int MOST_RUNGS = 3;

    private final Element source;
    private final List<Element> rims;
    private final List<Element> rungs;
    private final List<String> names;
    private final Type type;

    private StarDrawing(Element source, List<Element> rims, List<Element> rungs, List<String> names, Type type) {
        this.source = source;
        this.rims = rims;
        this.rungs = rungs;
        this.names = names;
        this.type = type;
    }

    /** The star that a circuit can be drawn as; empty if it is no ladder of two or three rungs. */
    static Optional<StarDrawing> of(Circuit circuit, Captions captions, Plan plan, Type type) {
        Ladder ladder = new Ladder(circuit.outline(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        if (!ladder.climbs(0) || ladder.rungs.size() < 2 || ladder.rungs.size() > MOST_RUNGS) return Optional.empty();
        // The star is disguise enough: nothing in it lies far off or aslant.
        Elements elements = new Elements(circuit, captions, plan.with(1), type);
        List<Element> rims = new ArrayList<>();
        for (int[] rim : ladder.rims) rims.add(MeasuredElement.of(elements.line(rim, 0, rim.length)));
        List<Element> rungs =
                ladder.rungs.stream().map(node -> elements.of(node, false)).toList();
        Terminals terminals = Terminals.of(circuit);
        List<String> names = new ArrayList<>();
        for (int parallel : ladder.parallels)
            names.add(
                    plan.junctionNames()
                            ? terminals.junction(terminals.from(parallel)).orElse("")
                            : "");
        names.add(
                plan.junctionNames()
                        ? terminals
                                .junction(terminals.to(ladder.parallels.get(0)))
                                .orElse("")
                        : "");
        return Optional.of(new StarDrawing(elements.source(), rims, rungs, names, type));
    }

    /** What lies before each rung, the rungs, and the parallels that they are branches of. */
    private record Ladder(Outline outline, List<int[]> rims, List<Integer> rungs, List<Integer> parallels) {
        /** Reads on from a node behind the last rung; false if it is no ladder. */
        boolean climbs(int node) {
            int[] members = outline.join(node) == Join.SERIES ? outline.membersOf(node) : new int[] {node};
            int last = members[members.length - 1];
            int[] rim = IntStream.of(members).limit(members.length - 1L).toArray();
            if (!IntStream.of(rim).allMatch(this::isPlain)) return false;
            rims.add(rim);
            if (outline.join(last) != Join.PARALLEL) {
                rungs.add(last);
                return isPlain(last);
            }
            int[] branches = outline.membersOf(last);
            boolean swapped = branches.length == 2 && isPlain(branches[1]) && !isPlain(branches[0]);
            int rung = branches[swapped ? 1 : 0];
            if (branches.length != 2 || !isPlain(rung)) return false;
            parallels.add(last);
            rungs.add(rung);
            return climbs(branches[swapped ? 0 : 1]);
        }

        private boolean isPlain(int node) {
            return IntStream.range(node, outline.end(node)).noneMatch(i -> outline.join(i) == Join.PARALLEL);
        }
    }

    /** Half the width: whatever runs along the top, or from side to side, has room between corner and middle. */
    private double width() {
        double width = Math.max(LEAST, source.room(true).length());
        for (Element rim : rims) width = Math.max(width, rim.room(true).length() + margin());
        width = Math.max(width, rungs.get(1).room(true).length() + margin());
        width = Math.max(width, rungs.get(0).room(false).after() + CLEAR);
        return rungs.size() > 2 ? Math.max(width, rungs.get(2).room(false).after() + CLEAR) : width;
    }

    /** So much wire lies at a junction that is named above it, clear of arrows and signs. */
    private double margin() {
        return type.name() + 8;
    }

    private double under(int... along) {
        return IntStream.of(along)
                        .mapToDouble(k -> rims.get(k).room(true).after())
                        .max()
                        .orElse(0)
                + CLEAR;
    }

    private double overMiddle() {
        return Math.max(source.room(true).before(), rungs.get(1).room(true).before()) + CLEAR;
    }

    private double underMiddle() {
        return Math.max(source.room(true).after(), rungs.get(1).room(true).after()) + CLEAR;
    }

    private double height() {
        return under(0, 1) + rungs.get(0).room(false).length() + overMiddle();
    }

    private double depth() {
        if (rungs.size() < 3) return underMiddle();
        return underMiddle()
                + rungs.get(2).room(false).length()
                + rims.get(2).room(true).before()
                + CLEAR;
    }

    @Override
    public double scale(double roomWidth, double roomHeight) {
        double over =
                Math.max(rims.get(0).room(true).before(), rims.get(1).room(true).before());
        double h = height()
                + depth()
                + over
                + (rungs.size() > 2 ? rims.get(2).room(true).after() : 0)
                + 32;
        return Math.min(LARGEST, Math.min(roomWidth / (2 * width() + 64), roomHeight / h));
    }

    @Override
    public Scene draw() {
        Pen pen = new Pen();
        double a = width();
        double b = height();
        double c = depth();
        source.draw(pen, Frame.rightwards(new Spot(-a, 0)), a);
        pen.wire(new Spot(-a, 0), new Spot(-a, -b));
        double m = margin();
        rims.get(0).draw(pen, Frame.rightwards(new Spot(-a, -b)), a - m);
        pen.wire(new Spot(-m, -b), new Spot(m, -b));
        standing(pen, Frame.downwards(new Spot(0, -b)), rungs.get(0), under(0, 1), b, overMiddle());
        rims.get(1).draw(pen, Frame.rightwards(new Spot(m, -b)), a - m);
        pen.wire(new Spot(a, -b), new Spot(a, 0));
        rungs.get(1).draw(pen, Frame.leftwards(new Spot(a, 0)), a - m);
        pen.wire(new Spot(m, 0), new Spot(0, 0));
        junction(pen, new Spot(0, -b), 0, Anchor.MIDDLE, names.get(0));
        if (rungs.size() > 2) {
            pen.wire(new Spot(a, 0), new Spot(a, c));
            rims.get(2).draw(pen, Frame.leftwards(new Spot(a, c)), a);
            double inner = rims.get(2).room(true).before() + CLEAR;
            standing(pen, Frame.upwards(new Spot(0, c)), rungs.get(2), inner, c, underMiddle());
            junction(pen, new Spot(a, 0), 7, Anchor.START, names.get(1));
        }
        junction(pen, new Spot(0, 0), 7, Anchor.START, names.get(names.size() - 1));
        return pen.scene();
    }

    /** Clear of what lies at either end of its wire. */
    private static void standing(Pen pen, Frame frame, Element rung, double from, double length, double to) {
        pen.wire(frame.at(0, 0), frame.at(from, 0));
        rung.draw(pen, frame.from(from, 0), length - from - to);
        pen.wire(frame.at(length - to, 0), frame.at(length, 0));
    }

    private void junction(Pen pen, Spot at, double aside, Anchor anchor, String name) {
        pen.dot(at, Role.JUNCTION);
        double above = 4.5 + TextWidth.descent(type.name());
        pen.text(at.plus(aside, -above), anchor, type.name(), name, Role.NAME, "");
    }
}
