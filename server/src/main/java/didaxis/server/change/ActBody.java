package didaxis.server.change;

import didaxis.core.circuit.Circuit;
import didaxis.core.notation.Notation;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * What is done to a circuit, in JSON. Each act reads what it needs and nothing else.
 *
 * @param part what it is done to, or the label of a part that is added
 * @param value what a part, or the source, is set to, as it stands in the notation; of connected the network
 * @param at the part or group beside which one is added; the whole network where it is left out
 * @param from of wire: a point, a junction, + or -
 * @param to of wire: another
 */
public record ActBody(
        @Schema(
                allowableValues = {
                    "open",
                    "close",
                    "out",
                    "short",
                    "set",
                    "raised",
                    "lowered",
                    "in-series",
                    "in-parallel",
                    "wire",
                    "supply",
                    "connected"
                })
        String act,

        @Schema(types = {"string", "null"}) String part,
        @Schema(types = {"string", "null"}) String value,
        @Schema(types = {"string", "null"}) String at,
        @Schema(types = {"string", "null"}) String from,
        @Schema(types = {"string", "null"}) String to) {
    /** Of one part. */
    public static ActBody of(String act, String part, String value) {
        return new ActBody(act, part, value, null, null, null);
    }

    /** With its value as the notation has it, whatever style it was typed in. */
    public ActBody canonical(Circuit after) {
        String plain = value;
        if (value != null && part != null)
            plain = after.part(part).map(Notation::setting).orElse(value);
        if ("supply".equals(act)) plain = Notation.setting(after.source());
        return new ActBody(act, part, plain, at, from, to);
    }
}
