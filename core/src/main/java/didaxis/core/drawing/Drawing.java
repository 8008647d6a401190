package didaxis.core.drawing;

import didaxis.core.circuit.Circuit;

/** Draws circuits: the one way in, whatever the arrangement. */
public final class Drawing {
    /** Below this scale text is set larger; what cannot be read on a phone is no drawing. */
    private static final double LEGIBLE = 0.9;

    private static final double LARGEST_TYPE = 1.6;

    private Drawing() {}

    /** Draws for a room of this width and height; the scene keeps its own size, to be scaled into the room. */
    public static Scene of(Circuit circuit, Captions captions, Plan plan, double roomWidth, double roomHeight) {
        Layout usual = layout(circuit, captions, plan, Type.USUAL, roomWidth, roomHeight);
        double scale = usual.scale(roomWidth, roomHeight);
        if (scale >= LEGIBLE) return usual.draw();
        Type larger = new Type(Math.min(LARGEST_TYPE, LEGIBLE / scale));
        return layout(circuit, captions, plan, larger, roomWidth, roomHeight).draw();
    }

    private static Layout layout(
            Circuit circuit, Captions captions, Plan plan, Type type, double roomWidth, double roomHeight) {
        if (plan.arrangement() == Plan.Arrangement.LINE)
            return new LineDrawing(circuit, captions, new Elements(circuit, captions, plan, type), type);
        return new LoopDrawing(circuit, captions, plan, type).largest(roomWidth, roomHeight);
    }
}
