package didaxis.server.change;

import didaxis.core.change.Act;
import didaxis.core.change.Rewiring;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Network;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import didaxis.core.compose.Composer;
import didaxis.core.notation.Notation;
import didaxis.core.style.HouseStyle;
import didaxis.server.config.Problem;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;

/** Reads what is to be done to a circuit. */
public final class Acts {
    private Acts() {}

    /**
     * The act that a body means.
     *
     * @throws Problem if there is no such act, the circuit has no such part, or it cannot be done to it
     */
    public static Act read(ActBody body, Circuit circuit, HouseStyle style) {
        Act act = switch (body.act() == null ? "" : body.act()) {
            case "in-series" -> added(body, circuit, style, true);
            case "in-parallel" -> added(body, circuit, style, false);
            case "wire" -> new Rewiring.Wired(place(body.from()), place(body.to()));
            case "supply" -> supplied(body, style);
            case "connected" -> new Rewiring.Connected(body.value() == null ? "" : body.value());
            default -> onPart(body, circuit, style);
        };
        try {
            act.on(circuit);
        } catch (IllegalArgumentException e) {
            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be done: " + e.getMessage() + ".")
                    .with("field", "states");
        }
        return act;
    }

    private static Act onPart(ActBody body, Circuit circuit, HouseStyle style) {
        String label = body.part();
        Part part = circuit.part(label == null ? "" : label)
                .orElseThrow(() -> Problem.badRequest("This circuit has no part “" + label + "”."));
        Act act = switch (body.act() == null ? "" : body.act()) {
            case "open" -> new Act.Turned(label, Setting.Position.OPEN);
            case "close" -> new Act.Turned(label, Setting.Position.CLOSED);
            case "out" -> new Act.Failed(label, Setting.Fault.OUT);
            case "short" -> new Act.Failed(label, Setting.Fault.SHORT);
            case "raised" -> new Act.Varied(label, true);
            case "lowered" -> new Act.Varied(label, false);
            case "set" -> new Act.Set(set(circuit, part, body.value() == null ? "" : body.value(), style));
            default ->
                throw Problem.badRequest("A part is opened, closed, taken out, shorted, set, raised or lowered, or one"
                        + " more put in-series or in-parallel, places joined by a wire, parts connected otherwise, or"
                        + " another supply; not “" + body.act() + "”.");
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

    private static Act added(ActBody body, Circuit circuit, HouseStyle style, boolean series) {
        Optional<Subject> with = Optional.empty();
        if (body.at() != null) {
            with = Subjects.of(circuit).named(body.at()).filter(subject -> switch (subject.kind()) {
                case PART, GROUP, EXTERNAL, TOTAL -> true;
                default -> false;
            });
            if (with.isEmpty())
                throw Problem.badRequest("This circuit has no part or group “" + body.at() + "”.")
                        .with("field", "at");
        }
        String label = body.part() == null ? "" : body.part().strip();
        String value = body.value() == null ? "" : body.value().strip();
        String text = label + (value.isEmpty() || value.startsWith("{") ? value : "=" + value);
        Network more = parsed("1 V : " + text, style).network();
        if (!(more instanceof Part part) || !part.label().equals(label))
            throw Problem.badRequest(
                            "One part with its label and value is expected, such as R4 and 6; not “" + text + "”.")
                    .with("field", "part");
        return new Rewiring.Added(part, series, with);
    }

    private static Act supplied(ActBody body, HouseStyle style) {
        String value = body.value() == null ? "" : body.value().strip();
        Source source = parsed(value + " : R1=1", style).source();
        boolean other = value.contains("r=");
        return new Act.Supplied(
                source.emf(), other ? OptionalDouble.of(source.internalResistance()) : OptionalDouble.empty());
    }

    private static Circuit parsed(String text, HouseStyle style) {
        return Notation.parse(text, style.numbers().decimalSign()).match(Notation.Result.Parsed::circuit, refused -> {
            throw Problem.of(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Expected " + refused.expected() + "; found " + refused.found() + ".");
        });
    }

    /** A point with or without the dot that it has in the notation. */
    private static String place(String name) {
        if (name == null || name.isBlank())
            throw Problem.badRequest("A wire leads from a point, a junction, + or - to another: from, to.")
                    .with("field", "from");
        return name.strip().replaceFirst("^\\.", "");
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
