package didaxis.core.drawing;

/** A way a circuit can be laid out, before it is drawn. */
interface Layout {
    /** How many times its size it would be drawn in a room. */
    double scale(double roomWidth, double roomHeight);

    Scene draw();
}
