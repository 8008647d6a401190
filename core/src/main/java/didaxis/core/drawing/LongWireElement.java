package didaxis.core.drawing;

/** An element that lies far inside the loop, on a long wire that goes there and back; standing at its side it stays there. */
record LongWireElement(Element inner, double aside) implements Element {
    private static final double STEP = 14;

    @Override
    public Room room(boolean lying) {
        Room room = inner.room(lying);
        if (!lying) return room;
        return new Room(room.length() + 2 * STEP, Math.max(room.before() - aside, 4), room.after() + aside);
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        if (!frame.lying()) {
            inner.draw(pen, frame, length);
            return;
        }
        double end = length - STEP;
        pen.wire(frame.at(0, 0), frame.at(STEP, 0));
        pen.wire(frame.at(STEP, 0), frame.at(STEP, aside));
        inner.draw(pen, frame.from(STEP, aside), end - STEP);
        pen.wire(frame.at(end, aside), frame.at(end, 0));
        pen.wire(frame.at(end, 0), frame.at(length, 0));
    }
}
