package didaxis.core.drawing;

/** An element whose room is measured once; layouts ask for it over and over, at every level of nesting. */
record MeasuredElement(Element element, Room lying, Room standing) implements Element {
    static MeasuredElement of(Element element) {
        return new MeasuredElement(element, element.room(true), element.room(false));
    }

    @Override
    public Room room(boolean lying) {
        return lying ? this.lying : standing;
    }

    @Override
    public double leaves() {
        return element.leaves();
    }

    @Override
    public double reaches() {
        return element.reaches();
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        element.draw(pen, frame, length);
    }
}
