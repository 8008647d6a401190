package didaxis.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Pieces of wire joined into runs, so that a line of many pieces is painted in one stroke. */
final class WireRuns {
    private static final double TENTH = 10;

    /** From and to along a line, in tenths. */
    private record Piece(long from, long to) {}

    /** Pieces by the line they lie on: y in tenths for lying, x for standing. */
    private final Map<Long, List<Piece>> lying = new TreeMap<>();

    private final Map<Long, List<Piece>> standing = new TreeMap<>();

    void add(Spot one, Spot other) {
        boolean lies = tenths(one.y()) == tenths(other.y());
        long from = lies ? tenths(one.x()) : tenths(one.y());
        long to = lies ? tenths(other.x()) : tenths(other.y());
        if (from == to) return;
        Map<Long, List<Piece>> lines = lies ? lying : standing;
        long line = lies ? tenths(one.y()) : tenths(one.x());
        lines.computeIfAbsent(line, l -> new ArrayList<>()).add(new Piece(Math.min(from, to), Math.max(from, to)));
    }

    private static long tenths(double value) {
        return Math.round(value * TENTH);
    }

    List<Scene.Item> joined() {
        List<Scene.Item> wires = new ArrayList<>();
        lying.forEach((y, pieces) -> runs(pieces).forEach(run -> wires.add(wire(run.from, y, run.to, y))));
        standing.forEach((x, pieces) -> runs(pieces).forEach(run -> wires.add(wire(x, run.from, x, run.to))));
        return wires;
    }

    private static Scene.Item wire(long x1, long y1, long x2, long y2) {
        List<Spot> spots = List.of(new Spot(x1 / TENTH, y1 / TENTH), new Spot(x2 / TENTH, y2 / TENTH));
        return new Scene.Line(spots, false, Scene.Role.WIRE, "");
    }

    private static List<Piece> runs(List<Piece> pieces) {
        List<Piece> sorted =
                pieces.stream().sorted((a, b) -> Long.compare(a.from, b.from)).toList();
        List<Piece> runs = new ArrayList<>();
        Piece run = sorted.get(0);
        for (Piece piece : sorted) {
            if (piece.from <= run.to) run = new Piece(run.from, Math.max(run.to, piece.to));
            else {
                runs.add(run);
                run = piece;
            }
        }
        runs.add(run);
        return runs;
    }
}
