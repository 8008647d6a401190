package didaxis.server.circuit;

import didaxis.core.drawing.Plan;
import didaxis.core.drawing.Plan.Arrangement;
import didaxis.core.drawing.Plan.Arrows;
import didaxis.core.style.HouseStyle;
import didaxis.core.style.HouseStyle.CurrentArrow;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;

/** How a drawing is wanted, in JSON; what is left out is a plain loop with its junctions named. */
public record PlanView(
        @Schema(
                types = {"string", "null"},
                allowableValues = {"loop", "line", "disguised"})
        String arrangement,

        @Schema(types = {"integer", "null"}) Integer degree,
        @Schema(types = {"integer", "null"}) Long seed,
        @Schema(types = {"boolean", "null"}) Boolean arrows,
        @Schema(types = {"boolean", "null"}) Boolean polarity,
        @Schema(types = {"boolean", "null"}) Boolean junctionNames) {
    /** A plain loop with its junctions named. */
    public static final PlanView USUAL = new PlanView(null, null, null, null, null, null);

    /**
     * The plan, in a style's symbols and its direction of current.
     *
     * @throws Problem if there is no such arrangement or degree
     */
    public Plan in(HouseStyle style) {
        Arrows direction = style.arrow() == CurrentArrow.ELECTRON_FLOW ? Arrows.ELECTRON_FLOW : Arrows.CONVENTIONAL;
        try {
            return new Plan(
                    arrangement == null ? Arrangement.LOOP : Arrangement.valueOf(arrangement.toUpperCase(Locale.ROOT)),
                    degree == null ? 1 : degree,
                    seed == null ? 0 : seed,
                    style.resistor(),
                    Boolean.TRUE.equals(arrows) ? direction : Arrows.NONE,
                    Boolean.TRUE.equals(polarity),
                    !Boolean.FALSE.equals(junctionNames));
        } catch (IllegalArgumentException e) {
            throw Problem.badRequest("A drawing is a loop, a line or disguised, to a degree from 1 to " + Plan.HARDEST
                    + "; “" + arrangement + "” to degree " + degree + " is none of these.");
        }
    }
}
