package didaxis.server.circuit;

import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Setting;
import didaxis.core.compose.Composer;
import didaxis.core.compose.Outcome;
import didaxis.core.compose.Place;
import didaxis.core.style.HouseStyle;
import didaxis.core.template.Spread;
import didaxis.core.template.Thing;
import didaxis.server.config.Problem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Locale;
import java.util.Optional;

/**
 * One act.
 *
 * @param notation the circuit as it stands; empty to begin one
 * @param name what the act is done to: a part, voltmeter or point, or "source"
 * @param kind what is put, or put in its place
 * @param place where it is put
 * @param text what it is set to
 * @param style the style in whose decimal sign texts are read
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

        @Schema(types = {"string", "null"}) String text,
        @Schema(types = {"string", "null"}) String style) {
    private static final String INTERNAL = "r=";

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
     * The circuit now, empty if no part is left, and what is in hand.
     *
     * @param varied the values that something is to have in turn; null where it was set to one
     */
    record Edited(
            String notation,
            String inHand,

            @Schema(
                    types = {"object", "null"},
                    implementation = Varied.class)
            Varied varied) {}

    /** Something with the values that it is to have in turn, as they were typed. */
    record Varied(String thing, String values) {}

    /** The values that something is to have in turn; empty where it is set to one, or to what is no resistance and no emf. */
    Optional<Varied> varied() {
        if (word(Act.class, "act", act) != Act.SET || text == null) return Optional.empty();
        HouseStyle read = StyleView.named(style);
        boolean source = name == null || name.isEmpty() || name.equals(Composer.SOURCE);
        boolean internal = source && text.strip().startsWith(INTERNAL);
        String values = internal ? text.strip().substring(INTERNAL.length()) : text.strip();
        boolean resistive = internal
                || !source
                        && Circuits.read(notation, read)
                                .circuit()
                                .part(name)
                                .filter(part -> part.setting() instanceof Setting.Ohms)
                                .isPresent();
        if (!source && !resistive) return Optional.empty();
        Thing thing = internal ? Thing.INTERNAL : source ? Thing.EMF : Thing.part(name);
        return Spread.parse(values, thing.quantity(), read.numbers())
                .filter(spread -> spread.values().size() > 1)
                .map(spread -> new Varied(thing.name(), values));
    }

    /**
     * What comes of it.
     *
     * @throws Problem if the circuit cannot be read, or a word of the act is none
     */
    Outcome outcome() {
        Act done = word(Act.class, "act", act);
        boolean empty = notation == null || notation.isBlank();
        if (empty && done == Act.PUT) return Composer.start(word(PartKind.class, "kind", kind));
        HouseStyle read = StyleView.named(style);
        Composer composer = Composer.of(
                Circuits.read(notation, read).circuit(), read.numbers().decimalSign());
        String named = name == null || name.isEmpty() ? Composer.SOURCE : name;
        return switch (done) {
            case PUT -> composer.put(word(PartKind.class, "kind", kind), word(Place.class, "place", place), named);
            case VOLTMETER -> composer.putVoltmeter(named);
            case POINT -> composer.putPoint(word(Place.class, "place", place), named);
            case SET -> composer.set(named, text == null ? "" : text);
            case REPLACE -> composer.replace(named, word(PartKind.class, "kind", kind));
            case TOGGLE -> composer.toggle(named);
            case REMOVE -> composer.remove(named);
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
