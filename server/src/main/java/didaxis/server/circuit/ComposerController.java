package didaxis.server.circuit;

import didaxis.core.circuit.PartKind;
import didaxis.core.compose.Composer;
import didaxis.core.compose.Composer.Place;
import didaxis.core.notation.Notation;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Composes a circuit one act at a time. */
@RestController
class ComposerController {
    /** What can be done to a circuit. */
    enum Act {
        PUT,
        VOLTMETER,
        POINT,
        SET,
        REPLACE,
        TOGGLE,
        REMOVE
    }

    /**
     * One act.
     *
     * @param notation the circuit as it stands; empty to begin one
     * @param name what the act is done to: a part, voltmeter or point, or "source"
     * @param kind what is put, or put in its place
     * @param place where it is put
     * @param text what it is set to
     */
    record Edit(
            String notation,

            @Schema(allowableValues = {"put", "voltmeter", "point", "set", "replace", "toggle", "remove"})
            String act,

            @Schema(types = {"string", "null"}) String name,
            @Schema(types = {"string", "null"}) String kind,

            @Schema(
                    types = {"string", "null"},
                    allowableValues = {"before", "after", "beside", "beside-group"})
            String place,

            @Schema(types = {"string", "null"}) String text) {}

    /** The circuit now, empty if no part is left, and what is in hand. */
    record Edited(String notation, String inHand) {}

    @PostMapping("/api/circuits/edits")
    Edited edit(@RequestBody Edit edit) {
        return outcome(edit)
                .match(
                        composed -> new Edited(
                                Notation.print(Circuits.withinLimits(composed.circuit())), composed.inHand()),
                        emptied -> new Edited("", ""),
                        refused -> {
                            throw Problem.of(HttpStatus.UNPROCESSABLE_CONTENT, refused.sentence());
                        });
    }

    private static Composer.Outcome outcome(Edit edit) {
        Act act = word(Act.class, "act", edit.act());
        boolean empty = edit.notation() == null || edit.notation().isBlank();
        if (empty && act == Act.PUT) return Composer.start(word(PartKind.class, "kind", edit.kind()));
        Composer composer = Composer.of(Circuits.read(edit.notation()));
        String name = edit.name() == null || edit.name().isEmpty() ? Composer.SOURCE : edit.name();
        return switch (act) {
            case PUT ->
                composer.put(word(PartKind.class, "kind", edit.kind()), word(Place.class, "place", edit.place()), name);
            case VOLTMETER -> composer.putVoltmeter(name);
            case POINT -> composer.putPoint(word(Place.class, "place", edit.place()), name);
            case SET -> composer.set(name, edit.text() == null ? "" : edit.text());
            case REPLACE -> composer.replace(name, word(PartKind.class, "kind", edit.kind()));
            case TOGGLE -> composer.toggle(name);
            case REMOVE -> composer.remove(name);
        };
    }

    private static <E extends Enum<E>> E word(Class<E> type, String what, String text) {
        try {
            E word = Enum.valueOf(
                    type, text.toUpperCase(Locale.ROOT).replace('-', '_').replace(' ', '_'));
            if (word != PartKind.EQUIVALENT) return word;
        } catch (IllegalArgumentException | NullPointerException e) {
            // Falls through to the sentence that tells what would do.
        }
        throw Problem.badRequest("“" + text + "” is no " + what + " for a circuit.");
    }
}
