package didaxis.core.drawing;

/** A piece of the drawing between two ends on one line. */
interface Element {
    /**
     * The room an element needs.
     *
     * @param length along the current
     * @param before across, on the side of negative t
     * @param after across, on the side of positive t
     */
    record Room(double length, double before, double after) {}

    /** The least room, lying or standing. */
    Room room(boolean lying);

    /** How far across from its line it leaves the rail that the current comes from, as one of several branches. */
    default double leaves() {
        return 0;
    }

    /** How far across from its line it reaches the other rail. */
    default double reaches() {
        return 0;
    }

    /** Draws itself from s = 0 to s = length, at least its room's; what is left over is wire. */
    void draw(Pen pen, Frame frame, double length);
}
