package didaxis.core.drawing;

import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Parallel;
import didaxis.core.circuit.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The loop arrangement: the source stands at the left, the current runs along the top, down the right and
 * back along the bottom; a parallel at the right stands as rungs. How many members lie on which side is
 * chosen so that the drawing is largest in the room it gets. Disguised, it is turned over, and the source
 * may lie at the bottom.
 */
final class LoopDrawing {
    private static final double CORNER = 20;
    private static final double LEAST_HEIGHT = 190;
    private static final double LEAST_WIDTH = 200;
    /** Nothing is drawn larger than this many times its size to fill the room. */
    private static final double LARGEST = 1.2;
    /** Beyond so many members of the loop only some of the ways to lay them out are tried. */
    private static final int MANY = 25;

    /** What is left to chance. */
    private static final int STAR = 4;

    private static final int BELOW = 5;
    private static final int TURNS = 6;

    private final Circuit circuit;
    private final Captions captions;
    private final Plan plan;
    private final Type type;
    private final Elements elements;
    private final Element source;

    LoopDrawing(Circuit circuit, Captions captions, Plan plan, Type type) {
        this.circuit = circuit;
        this.captions = captions;
        this.plan = plan;
        this.type = type;
        this.elements = new Elements(circuit, captions, plan, type);
        this.source = elements.source();
    }

    /** The drawing that is largest in a room. */
    Layout largest(double roomWidth, double roomHeight) {
        boolean among = circuit.network() instanceof Parallel && plan.disguised(2);
        if (among) return new SourceAmongBranches(MeasuredElement.of(elements.aroundSource(source)));
        boolean asStar = plan.disguised(Plan.HARDEST) && plan.chance(STAR).nextBoolean();
        Optional<StarDrawing> star = asStar ? StarDrawing.of(circuit, captions, plan, type) : Optional.empty();
        if (star.isPresent()) return new Turned(star.get());
        List<Sides> arrangements = arrangements();
        Sides best = arrangements.get(0);
        for (Sides sides : arrangements) {
            if (sides.scale(roomWidth, roomHeight) > best.scale(roomWidth, roomHeight) + 1e-9) best = sides;
        }
        return best;
    }

    private List<Sides> arrangements() {
        int[] members = circuit.network() instanceof Series ? circuit.outline().membersOf(0) : new int[] {0};
        boolean below = plan.disguised(2) && plan.chance(BELOW).nextBoolean();
        List<Sides> arrangements = new ArrayList<>();
        int n = members.length;
        // Of hundreds not every one is tried: a few more or less on a side make no difference there.
        int step = 1 + n / MANY;
        for (int bottom = 0; bottom < n; bottom += step) {
            for (int right = 1; bottom + right <= n; right += step) {
                int top = n - bottom - right;
                arrangements.add(new Sides(
                        elements.line(members, 0, top),
                        rightSide(members, top, top + right),
                        elements.line(members, top + right, n),
                        below));
            }
        }
        return arrangements;
    }

    private Element rightSide(int[] members, int from, int to) {
        return to - from == 1 ? elements.of(members[from], true) : elements.line(members, from, to);
    }

    /** One way to lay the members out: along the top, down the right, back along the bottom. */
    private final class Sides implements Layout {
        final LineElement top;
        final Element right;
        final LineElement bottom;
        final boolean sourceBelow;
        final double start;
        final double width;
        final double height;

        Sides(LineElement top, Element right, LineElement bottom, boolean sourceBelow) {
            this.top = top;
            this.right = right;
            this.bottom = bottom;
            this.sourceBelow = sourceBelow;
            Element.Room along = top.room(true);
            Element.Room back = bottom.room(true);
            Element.Room down = right.room(false);
            start = sourceBelow ? CORNER : Math.max(CORNER, source.room(false).before());
            double below = back.length() + (sourceBelow ? source.room(true).length() + CORNER : 0);
            width = Math.max(LEAST_WIDTH, start + Math.max(along.length(), below) + down.before() + CORNER);
            double sides =
                    Math.max(down.length(), sourceBelow ? 0 : source.room(false).length());
            double inside =
                    Math.max(back.before(), sourceBelow ? source.room(true).before() : 0);
            height = Math.max(Math.max(LEAST_HEIGHT, sides), along.after() + inside + CORNER);
        }

        private double left() {
            return sourceBelow ? 0 : source.room(false).after();
        }

        @Override
        public double scale(double roomWidth, double roomHeight) {
            double w = width + left() + right.room(false).after() + 32;
            double under = Math.max(
                    bottom.room(true).after(), sourceBelow ? source.room(true).after() : 0);
            double h = height + Math.max(16, top.room(true).before()) + Math.max(16, under) + 32;
            return Math.min(LARGEST, Math.min(roomWidth / w, roomHeight / h));
        }

        @Override
        public Scene draw() {
            Pen pen = new Pen();
            double inner = width - start - right.room(false).before() - CORNER / 2;
            Spot topLeft = new Spot(0, 0);
            Spot bottomLeft = new Spot(0, height);
            double turn = start + inner;
            pen.wire(topLeft, new Spot(start, 0));
            top.draw(pen, Frame.rightwards(new Spot(start, 0)), inner);
            pen.wire(new Spot(turn, 0), new Spot(width, 0));
            right.draw(pen, Frame.downwards(new Spot(width, 0)), height);
            pen.wire(new Spot(width, height), new Spot(turn, height));
            double back = sourceBelow ? inner - source.room(true).length() - CORNER : inner;
            bottom.draw(pen, Frame.leftwards(new Spot(turn, height)), back);
            if (sourceBelow) {
                double length = source.room(true).length();
                pen.wire(bottomLeft, new Spot(start, height));
                source.draw(pen, Frame.rightwards(new Spot(start, height)), length);
                pen.wire(new Spot(start + length, height), new Spot(turn - back, height));
                pen.wire(topLeft, bottomLeft);
            } else {
                pen.wire(new Spot(start, height), bottomLeft);
                source.draw(pen, Frame.downwardsMirrored(topLeft), height);
            }
            return turned(pen.scene());
        }
    }

    /** Disguised, at least one way round, so that it is never the plain drawing. */
    private Scene turned(Scene scene) {
        if (!plan.disguised(1)) return scene;
        int turns = 1 + plan.chance(TURNS).nextInt(3);
        return Pen.turnedOver(scene, turns != 2, turns != 1);
    }

    /** Another layout turned over as this one is. */
    private final class Turned implements Layout {
        private final Layout layout;

        Turned(Layout layout) {
            this.layout = layout;
        }

        @Override
        public double scale(double roomWidth, double roomHeight) {
            return layout.scale(roomWidth, roomHeight);
        }

        @Override
        public Scene draw() {
            return turned(layout.draw());
        }
    }

    /** Branches to both sides of a source that stands in the middle. */
    private final class SourceAmongBranches implements Layout {
        private final Element branches;
        private final Element.Room room;
        private final double height;

        SourceAmongBranches(Element branches) {
            this.branches = branches;
            room = branches.room(false);
            height = Math.max(LEAST_HEIGHT, room.length());
        }

        @Override
        public double scale(double roomWidth, double roomHeight) {
            double w = room.before() + room.after() + 32;
            return Math.min(LARGEST, Math.min(roomWidth / w, roomHeight / (height + 64)));
        }

        @Override
        public Scene draw() {
            Pen pen = new Pen();
            branches.draw(pen, Frame.downwards(new Spot(0, 0)), height);
            return turned(pen.scene());
        }
    }
}
