package didaxis.core.drawing;

import java.util.List;

/** Elements one behind the other, spare length spread evenly between them. */
record LineElement(List<Element> members) implements Element {
    private static final double GAP = 8;

    @Override
    public Room room(boolean lying) {
        double length = GAP * Math.max(0, members.size() - 1);
        double before = 0;
        double after = 0;
        for (Element member : members) {
            Room room = member.room(lying);
            length += room.length();
            before = Math.max(before, room.before());
            after = Math.max(after, room.after());
        }
        return new Room(length, before, after);
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        double needed = members.stream()
                .mapToDouble(member -> member.room(frame.lying()).length())
                .sum();
        double gap = (length - needed) / (members.size() + 1);
        if (members.isEmpty()) {
            pen.wire(frame.at(0, 0), frame.at(length, 0));
            return;
        }
        double s = 0;
        for (Element member : members) {
            pen.wire(frame.at(s, 0), frame.at(s + gap, 0));
            s += gap;
            double own = member.room(frame.lying()).length();
            member.draw(pen, frame.from(s, 0), own);
            s += own;
        }
        pen.wire(frame.at(s, 0), frame.at(length, 0));
    }
}
