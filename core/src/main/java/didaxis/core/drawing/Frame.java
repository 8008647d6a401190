package didaxis.core.drawing;

/**
 * Where and how an element lies: s runs along the current from the origin, t across it. Elements are laid
 * out in s and t alone, so that lying, standing and running back are one code.
 */
record Frame(Spot origin, double alongX, double alongY, double acrossX, double acrossY) {
    /** From left to right, across downwards. */
    static Frame rightwards(Spot origin) {
        return new Frame(origin, 1, 0, 0, 1);
    }

    /** From right to left, across downwards. */
    static Frame leftwards(Spot origin) {
        return new Frame(origin, -1, 0, 0, 1);
    }

    /** From top to bottom, across to the right. */
    static Frame downwards(Spot origin) {
        return new Frame(origin, 0, 1, 1, 0);
    }

    /** From top to bottom, across to the left. */
    static Frame downwardsMirrored(Spot origin) {
        return new Frame(origin, 0, 1, -1, 0);
    }

    /** From bottom to top, across to the right. */
    static Frame upwards(Spot origin) {
        return new Frame(origin, 0, -1, 1, 0);
    }

    /** The frame that runs back from a place of this one, with the same sides. */
    Frame turnedRound(double s) {
        return new Frame(at(s, 0), -alongX, -alongY, acrossX, acrossY);
    }

    boolean lying() {
        return alongY == 0;
    }

    Spot at(double s, double t) {
        return origin.plus(s * alongX + t * acrossX, s * alongY + t * acrossY);
    }

    /** The same frame begun elsewhere. */
    Frame from(double s, double t) {
        return new Frame(at(s, t), alongX, alongY, acrossX, acrossY);
    }

    /** A frame along the straight line from one place of this frame to another. */
    Frame slanted(double s1, double t1, double s2, double t2) {
        Spot from = at(s1, t1);
        Spot to = at(s2, t2);
        double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
        double x = (to.x() - from.x()) / length;
        double y = (to.y() - from.y()) / length;
        return new Frame(from, x, y, -y, x);
    }

    /** The side a text beside a standing element is on. */
    Scene.Anchor beside() {
        return acrossX >= 0 ? Scene.Anchor.START : Scene.Anchor.END;
    }
}
