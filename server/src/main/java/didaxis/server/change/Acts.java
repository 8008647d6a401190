package didaxis.server.change;

import didaxis.core.change.Act;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.compose.Composer;
import didaxis.core.style.HouseStyle;
import didaxis.server.config.Problem;
import org.springframework.http.HttpStatus;

/** Reads what is to be done to a part of a circuit. */
public final class Acts {
    private Acts() {}

    /**
     * The act of this name.
     *
     * @param text to what a part is set; nothing for any other act
     * @throws Problem if the circuit has no such part, there is no such act, or it cannot be done to this part
     */
    public static Act read(String name, String label, String text, Circuit circuit, HouseStyle style) {
        Part part = circuit.part(label == null ? "" : label)
                .orElseThrow(() -> Problem.badRequest("This circuit has no part “" + label + "”."));
        Act act = switch (name == null ? "" : name) {
            case "open" -> new Act.Turned(label, Setting.Position.OPEN);
            case "close" -> new Act.Turned(label, Setting.Position.CLOSED);
            case "out" -> new Act.Failed(label, Setting.Fault.OUT);
            case "short" -> new Act.Failed(label, Setting.Fault.SHORT);
            case "raised" -> new Act.Varied(label, true);
            case "lowered" -> new Act.Varied(label, false);
            case "set" -> new Act.Set(set(circuit, part, text == null ? "" : text, style));
            default ->
                throw Problem.badRequest(
                        "A part is opened, closed, taken out, shorted, set, raised or lowered; not “" + name + "”.");
        };
        boolean isSwitch = part.kind() == PartKind.SWITCH;
        if (act instanceof Act.Turned && !isSwitch)
            throw Problem.badRequest(label + " is no switch; only a switch opens and closes.");
        if ((act instanceof Act.Failed || act instanceof Act.Varied) && isSwitch)
            throw Problem.badRequest(label + " is a switch; open or close it.");
        if (act instanceof Act.Varied && !(part.setting() instanceof Setting.Ohms ohms && ohms.ohms() > 0))
            throw Problem.badRequest(label + " has no resistance that could be raised or lowered.");
        return act;
    }

    private static Part set(Circuit before, Part part, String text, HouseStyle style) {
        return Composer.of(before, style.numbers().decimalSign())
                .set(part.label(), text)
                .match(
                        composed -> {
                            if (!composed.inHand().equals(part.label()))
                                throw Problem.badRequest("A value is expected, without another label.");
                            return composed.circuit().part(part.label()).orElseThrow();
                        },
                        emptied -> part,
                        refused -> {
                            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, refused.sentence());
                        });
    }
}
