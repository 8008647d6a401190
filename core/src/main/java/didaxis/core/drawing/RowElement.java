package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.ArrayList;
import java.util.List;

/**
 * Branches of a parallel one behind the other in a row, every other one turned round, so that each junction is at two
 * places or more; a long wire along either side joins the places that are one.
 *
 * @param branches with no junction in any of them
 * @param entry name of the junction where the current comes
 * @param exit name of the junction where it leaves; each empty where it is said elsewhere
 */
record RowElement(List<Element> branches, String entry, String exit, Type type) implements Element {
    private static final double LEAD = 20;
    private static final double CLEAR = 10;
    private static final double TAIL = 18;

    private Room sides(boolean lying) {
        double before = 0;
        double after = 0;
        for (Element branch : branches) {
            before = Math.max(before, branch.room(lying).before());
            after = Math.max(after, branch.room(lying).after());
        }
        return new Room(0, before + CLEAR, after + CLEAR);
    }

    private double needed(boolean lying) {
        return branches.stream()
                .mapToDouble(branch -> branch.room(lying).length() + gap())
                .sum();
    }

    /** Room for the name of a junction between two branches. */
    private double gap() {
        return type.name();
    }

    private boolean endsAtTheEntry() {
        return branches.size() % 2 == 0;
    }

    private double tail() {
        return endsAtTheEntry() ? TAIL + LEAD : LEAD;
    }

    @Override
    public Room room(boolean lying) {
        Room sides = sides(lying);
        return new Room(LEAD + needed(lying) + tail(), sides.before() + 4, sides.after() + 4);
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        boolean lying = frame.lying();
        double spare = (length - LEAD - needed(lying) - tail()) / branches.size();
        List<Double> entries = new ArrayList<>();
        List<Double> exits = new ArrayList<>();
        double s = LEAD;
        entries.add(s);
        pen.wire(frame.at(0, 0), frame.at(s, 0));
        for (int k = 0; k < branches.size(); k++) {
            double own = branches.get(k).room(lying).length() + gap() + spare;
            boolean back = k % 2 == 1;
            branches.get(k).draw(pen, back ? frame.turnedRound(s + own) : frame.from(s, 0), own);
            s += own;
            (back ? entries : exits).add(s);
        }
        Room sides = sides(lying);
        join(pen, frame, entries, -sides.before(), entries.get(entries.size() - 1));
        double out = endsAtTheEntry() ? length - LEAD : s;
        join(pen, frame, exits, sides.after(), out);
        if (endsAtTheEntry()) pen.wire(frame.at(out, sides.after()), frame.at(out, 0));
        pen.wire(frame.at(out, 0), frame.at(length, 0));
        for (int k = 0; k < branches.size(); k++)
            pen.dot(frame.at(k == 0 ? LEAD : place(entries, exits, k), 0), Role.JUNCTION);
        if (!endsAtTheEntry()) pen.dot(frame.at(s, 0), Role.JUNCTION);
        nameEntry(pen, frame, entries.get(0));
        nameExit(pen, frame, exits.get(exits.size() - 1));
    }

    private static double place(List<Double> entries, List<Double> exits, int k) {
        return k % 2 == 0 ? entries.get(k / 2) : exits.get(k / 2);
    }

    /** A wire beside the row, from the first of some places to an end, with a wire to each of them. */
    private static void join(Pen pen, Frame frame, List<Double> places, double aside, double end) {
        if (places.size() == 1 && places.get(0) == end) return;
        pen.wire(frame.at(places.get(0), aside), frame.at(end, aside));
        for (int k = 0; k < places.size(); k++) {
            double s = places.get(k);
            pen.wire(frame.at(s, 0), frame.at(s, aside));
            if (k > 0 && s < end) pen.dot(frame.at(s, aside), Role.JUNCTION);
        }
    }

    private double above() {
        return 4.5 + TextWidth.descent(type.name());
    }

    /** Over the lead, or where it stands on the side to which no wire goes. */
    private void nameEntry(Pen pen, Frame frame, double s) {
        if (frame.lying()) name(pen, frame.at(s - 7, 0).plus(0, -above()), overLead(frame, true), entry);
        else name(pen, frame.at(s, 7).plus(0, 0.35 * type.name()), Anchor.START, entry);
    }

    private void nameExit(Pen pen, Frame frame, double s) {
        if (!frame.lying()) name(pen, frame.at(s, -7).plus(0, 0.35 * type.name()), Anchor.END, exit);
        else if (endsAtTheEntry()) name(pen, frame.at(s, 0).plus(0, -above()), Anchor.MIDDLE, exit);
        else name(pen, frame.at(s + 7, 0).plus(0, -above()), overLead(frame, false), exit);
    }

    /** The end of a text that is nearest the dot, on the lead before it or behind it. */
    private static Anchor overLead(Frame frame, boolean before) {
        return before == frame.alongX() > 0 ? Anchor.END : Anchor.START;
    }

    private void name(Pen pen, Spot at, Anchor anchor, String name) {
        pen.text(at, anchor, type.name(), name, Role.NAME, "");
    }
}
