package didaxis.core.wording;

import didaxis.core.answer.CurrentNames;
import didaxis.core.answer.FoldedLine;
import didaxis.core.answer.Typed;
import didaxis.core.answer.TypedNumbers;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Source;
import didaxis.core.circuit.Subject;
import didaxis.core.notation.Wiring;
import didaxis.core.quantity.Amount;
import didaxis.core.quantity.AmountFormat;
import didaxis.core.quantity.ColourCode;
import didaxis.core.quantity.Quantity;
import didaxis.core.quantity.Reading;
import didaxis.core.question.Box;
import didaxis.core.question.ColourBands;
import didaxis.core.style.MarkingStyle;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a text in a box was read as, shown back before anything is judged.
 *
 * @param shown empty where nothing was written, or it could not be read
 * @param expected what would have been read; empty where nothing stands in the way
 */
public record BoxReading(String shown, String expected) {
    /**
     * @param things what may be named in it
     */
    public static BoxReading of(Box.Form form, List<Subject> things, String typed, MarkingStyle style) {
        if (typed.isBlank()) return new BoxReading("", "");
        AmountFormat format = style.format();
        return form.match(new Box.Form.Cases<>(
                amount -> amount(amount.inUnit(typed), amount.cell().quantity(), format),
                way -> words(Typed.direction(typed).map(Typed::word), "increases, decreases or stays the same"),
                order -> words(
                        Typed.order(typed, order.things()).map(Typed::print),
                        "each of them once, such as " + such(things)),
                named -> words(Typed.things(typed, things).map(Typed::print), "names with commas, none, or all"),
                joint -> words(Typed.joint(typed).map(Typed::word), "in series, in parallel or neither"),
                relation -> words(Typed.relation(typed).map(Typed::word), "less, equal or greater"),
                factor -> words(
                        TypedNumbers.factor(typed).map(number -> "× " + AmountFormat.exactly(number)),
                        "a number or a fraction"),
                value -> amount(typed, value.quantity(), format),
                values -> words(
                        TypedNumbers.amounts(typed, values.quantity(), style)
                                .map(all -> all.stream()
                                        .map(one -> format.exactly(Amount.of(one, values.quantity())))
                                        .collect(Collectors.joining("; "))),
                        "values with their unit and a semicolon between"),
                folds -> words(
                        FoldedLine.read(typed, style),
                        "what is combined, such as " + pair(things, " + ") + ", and a semicolon behind each stage"),
                nested -> words(
                        Typed.nesting(typed).map(Typed::printNesting), "series and parallel, with within between them"),
                wired -> words(wired(typed, things), "names joined by + and ||, such as " + pair(things, " || ")),
                bands -> words(ColourCode.read(typed).map(ColourBands::print), "colours with commas between"),
                percent -> words(
                        ColourCode.percent(typed).stream()
                                .mapToObj(number -> "± " + AmountFormat.exactly(number) + " %")
                                .findFirst(),
                        "a number of per cent"),
                chain -> words(
                        Typed.chain(typed, chain.links().size()).map(Typed::chain),
                        "letters in their order, such as b > a"),
                why -> words(
                        Typed.reason(typed, why.reasons()).map(reason -> Typed.letter(reason, why.reasons())),
                        "one of the letters a to " + (char) ('a' + why.reasons().size() - 1)),
                count -> words(TypedNumbers.count(typed).map(String::valueOf), "a whole number"),
                words -> new BoxReading("", ""),
                gap -> new BoxReading("", ""),
                currents -> words(
                        CurrentNames.read(typed, things).map(CurrentNames::print),
                        "a name for each current, such as total I1; " + Typed.name(things.get(things.size() - 1))
                                + " I1, and I1 = I2 + I3")));
    }

    private static BoxReading words(Optional<String> shown, String expected) {
        return shown.map(read -> new BoxReading(read, "")).orElseGet(() -> new BoxReading("", expected));
    }

    private static BoxReading amount(String typed, Quantity quantity, AmountFormat format) {
        return format.read(typed, quantity)
                .match(
                        read -> new BoxReading(read.shown(), ""),
                        blank -> new BoxReading("", ""),
                        unreadable -> new BoxReading("", expected(unreadable)));
    }

    private static String expected(Reading.Unreadable unreadable) {
        return unreadable.expected()
                + unreadable
                        .unitOf()
                        .map(other -> "; this is " + other.phrase())
                        .orElse("");
    }

    private static Optional<String> wired(String typed, List<Subject> things) {
        List<Part> parts = things.stream()
                .filter(thing -> thing.kind() == Subject.Kind.PART)
                .map(thing -> Part.usual(kind(thing.id()), thing.id()))
                .toList();
        return Wiring.read(typed, new Source(1, 0, List.of()), parts).map(Wiring::print);
    }

    /** How a part is connected does not hang on what it is. */
    private static PartKind kind(String label) {
        return PartKind.ofLetters(label.replaceAll("[0-9]", "")).orElse(PartKind.RESISTOR);
    }

    private static String pair(List<Subject> things, String sign) {
        return things.stream().map(Typed::name).sorted().limit(2).collect(Collectors.joining(sign));
    }

    /** Some order of these things, by their names and not by what is true of them. */
    private static String such(List<Subject> things) {
        List<String> names = things.stream().map(Typed::name).sorted().toList();
        return names.stream().limit(2).collect(Collectors.joining(" > "))
                + names.stream().skip(2).map(name -> " = " + name).collect(Collectors.joining());
    }
}
