package didaxis.core.drawing;

import didaxis.core.drawing.Scene.Anchor;
import didaxis.core.drawing.Scene.Role;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Branches side by side between two rails.
 *
 * @param ends how the current comes to the rails
 * @param entry name of the junction where the branches part
 * @param exit name of the junction where they meet; each empty where it is said elsewhere
 */
record BranchesElement(List<Element> branches, Ends ends, String entry, String exit, Type type) implements Element {
    /** How the current comes to the rails. */
    enum Ends {
        /** On a lead of wire amid each rail. */
        LEADS,
        /** The rails are the loop's own wires, the first branch where the current arrives. */
        RUNGS,
        /** From one of the branches, which is the source: nothing else leads to the rails. */
        CLOSED
    }

    private static final double LEAD = 11;
    private static final double GAP_LYING = 14;
    private static final double GAP_STANDING = 22;
    private static final double RUNG_GAP = 26;
    /** Two dots that are nearer than this would look like a slip of the pen. */
    private static final double NEAR = 14;

    private double lead() {
        return ends == Ends.LEADS ? LEAD + type.name() : 0;
    }

    private double gap(boolean lying) {
        return ends != Ends.LEADS ? RUNG_GAP : lying ? GAP_LYING : GAP_STANDING;
    }

    /** Where each branch lies across, the first at 0. */
    private List<Double> offsets(boolean lying) {
        List<Double> offsets = new ArrayList<>();
        double t = 0;
        for (int k = 0; k < branches.size(); k++) {
            if (k > 0)
                t += branches.get(k - 1).room(lying).after()
                        + gap(lying)
                        + branches.get(k).room(lying).before();
            offsets.add(t);
        }
        return offsets;
    }

    /** How far the first branch lies before the line on which the current arrives: amid them, or on one that is near it. */
    private double shift(List<Double> offsets) {
        if (ends != Ends.LEADS) return 0;
        double middle = offsets.get(offsets.size() - 1) / 2;
        return offsets.stream()
                .filter(t -> Math.abs(t - middle) < NEAR)
                .findFirst()
                .orElse(middle);
    }

    @Override
    public Room room(boolean lying) {
        List<Double> offsets = offsets(lying);
        double shift = shift(offsets);
        double longest = branches.stream()
                .mapToDouble(branch -> branch.room(lying).length())
                .max()
                .orElse(0);
        int last = branches.size() - 1;
        return new Room(
                longest + 2 * lead(),
                shift + branches.get(0).room(lying).before(),
                offsets.get(last) - shift + branches.get(last).room(lying).after());
    }

    @Override
    public void draw(Pen pen, Frame frame, double length) {
        List<Double> offsets = offsets(frame.lying());
        double shift = shift(offsets);
        double end = length - lead();
        pen.wire(frame.at(0, 0), frame.at(lead(), 0));
        pen.wire(frame.at(end, 0), frame.at(length, 0));
        List<Double> leaving = new ArrayList<>();
        List<Double> reaching = new ArrayList<>();
        for (int k = 0; k < branches.size(); k++) {
            double t = offsets.get(k) - shift;
            branches.get(k).draw(pen, frame.from(lead(), t), end - lead());
            leaving.add(t + branches.get(k).leaves());
            reaching.add(t + branches.get(k).reaches());
        }
        name(pen, frame.from(lead(), rail(pen, frame, lead(), leaving)), entry, -1);
        name(pen, frame.from(end, rail(pen, frame, end, reaching)), exit, 1);
    }

    /**
     * A rail with a dot wherever three wires meet.
     *
     * @return where across its junction is named
     */
    private double rail(Pen pen, Frame frame, double s, List<Double> places) {
        boolean arrives = ends != Ends.CLOSED;
        List<Double> meeting = new ArrayList<>(places);
        if (ends == Ends.LEADS) meeting.add(0.0);
        double first = Collections.min(meeting);
        double last = Collections.max(meeting);
        pen.wire(frame.at(s, first), frame.at(s, last));
        // Where rungs hang, the wire of the loop goes on beyond the first.
        if (ends == Ends.RUNGS) pen.dot(frame.at(s, 0), Role.JUNCTION);
        for (double t : meeting) if (t > first + 0.01 && t < last - 0.01) pen.dot(frame.at(s, t), Role.JUNCTION);
        return arrives ? 0 : places.get(1);
    }

    /** How far above a dot's middle the baseline of its name lies. */
    private double above() {
        return 4.5 + TextWidth.descent(type.name());
    }

    /** The junction's name, outside the rails: {@code out} is −1 at the entry, 1 at the exit. */
    private void name(Pen pen, Frame frame, String name, int out) {
        Spot dot = frame.at(0, 0);
        if (ends != Ends.LEADS)
            pen.text(
                    dot.plus(0, out < 0 ? -above() - 2 : 6 + type.name()),
                    Anchor.MIDDLE,
                    type.name(),
                    name,
                    Role.NAME,
                    "");
        else if (frame.lying()) {
            boolean toTheLeft = out * frame.alongX() < 0;
            pen.text(
                    dot.plus(toTheLeft ? -7 : 7, -above()),
                    toTheLeft ? Anchor.END : Anchor.START,
                    type.name(),
                    name,
                    Role.NAME,
                    "");
        } else
            pen.text(dot.plus(7, out < 0 ? -above() : 4 + type.name()), Anchor.START, type.name(), name, Role.NAME, "");
    }
}
