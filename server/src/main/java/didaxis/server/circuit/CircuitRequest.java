package didaxis.server.circuit;

import didaxis.core.drawing.Plan;
import didaxis.core.working.StyledChart;
import io.swagger.v3.oas.annotations.media.Schema;

/** A circuit's text; what it is to be drawn for and how; and the style, by name. */
public record CircuitRequest(
        String notation,

        @Schema(
                types = {"object", "null"},
                implementation = SceneView.Room.class)
        SceneView.Room room,

        @Schema(types = {"string", "null"}) String style,

        @Schema(
                types = {"object", "null"},
                implementation = PlanView.class)
        PlanView plan) {
    public SceneView.Room roomOrDesk() {
        return room == null ? SceneView.Room.DESK : room;
    }

    public StyledChart charted() {
        return Circuits.styled(notation, style);
    }

    /** How it is to be drawn, in its style. */
    public Plan planned(StyledChart charted) {
        return (plan == null ? PlanView.USUAL : plan).in(charted.style());
    }
}
