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

    /** The side a text beside a standing element is on. */
    Scene.Anchor beside() {
        return acrossX >= 0 ? Scene.Anchor.START : Scene.Anchor.END;
    }
}
