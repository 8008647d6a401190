package didaxis.core.question;

import didaxis.core.change.Act;
import didaxis.core.change.Rewiring;
import didaxis.core.chart.Running;
import didaxis.core.circuit.Cell;
import didaxis.core.circuit.Circuit;
import didaxis.core.circuit.Part;
import didaxis.core.circuit.PartKind;
import didaxis.core.circuit.Subject;
import didaxis.core.circuit.Subjects;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What parts are called for the learner, by their labels in the notation: R3 is "X", H1 is "heater". A question is asked
 * of the renamed circuit, so that the names stand wherever a part is named, and are read wherever one is typed.
 */
public record OwnNames(Map<String, String> byLabel) {
    private static final Pattern NAME = Pattern.compile("\\p{L}[\\p{L}\\p{N}]{0,11}");
    private static final String VOLTMETER = "V";
    /** What means something else in an answer or a stem. */
    private static final Set<String> RESERVED = Set.of(
            "e",
            "r",
            "total",
            "internal",
            "external",
            "none",
            "all",
            "and",
            "are",
            "in",
            "with",
            "within",
            "series",
            "parallel");

    private static final Pattern WORD = Pattern.compile("(?<![.\\p{L}\\p{N}])\\p{L}[\\p{L}\\p{N}]*");

    /**
     * Names for parts of a circuit, as it is drawn or after any of its acts.
     *
     * @param circuits one a state
     * @throws IllegalArgumentException if none has such a part, or a name is none, or taken; the message is a clause
     */
    public static OwnNames of(Map<String, String> byLabel, List<Circuit> circuits) {
        Set<String> labels = new LinkedHashSet<>();
        Set<String> taken = new LinkedHashSet<>();
        for (Circuit circuit : circuits) {
            circuit.parts().forEach(part -> labels.add(part.label()));
            Subjects.of(circuit)
                    .readings()
                    .forEach(reading -> taken.add(folded(reading.id().replace(".", ""))));
        }
        for (String label : byLabel.keySet())
            if (!labels.contains(label))
                throw new IllegalArgumentException("part (" + label + ") must be one of the circuit's");
        for (String label : labels) {
            String name = byLabel.getOrDefault(label, label);
            if (!name.equals(label)) check(name);
            if (!taken.add(folded(name))) throw new IllegalArgumentException("name (" + name + ") is used twice");
        }
        return new OwnNames(Map.copyOf(byLabel));
    }

    /** Typed names are read in capitals as in small letters. */
    private static String folded(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static void check(String name) {
        String letters = name.replaceAll("[0-9]+$", "");
        if (RESERVED.contains(folded(name)))
            throw new IllegalArgumentException("name (" + name + ") must be none that means something else");
        boolean label = name.matches(".*[0-9]") && PartKind.ofLetters(letters).isPresent() || letters.equals(VOLTMETER);
        if (!NAME.matcher(name).matches() || label)
            throw new IllegalArgumentException(
                    "name (" + name + ") must be a word of at most 12 letters and digits that is no label such as R7");
    }

    /** The circuit with its parts renamed; those that have no name of their own keep theirs. */
    public Circuit in(Circuit circuit) {
        Circuit renamed = circuit;
        for (Part part : circuit.parts())
            if (byLabel.containsKey(part.label())) renamed = renamed.renamed(part.label(), byLabel.get(part.label()));
        return renamed;
    }

    /** What a subject of the circuit in the notation is in the renamed one. */
    public Subject in(Subject subject, Subjects plain, Subjects renamed) {
        return switch (subject.kind()) {
            case PART -> Subject.part(byLabel.getOrDefault(subject.id(), subject.id()));
            case GROUP ->
                renamed.named(plain.membersOf(subject).stream()
                                .map(label -> byLabel.getOrDefault(label, label))
                                .collect(Collectors.joining(",")))
                        .orElseThrow();
            default -> subject;
        };
    }

    public Set<Cell> in(Set<Cell> cells, Subjects plain, Subjects renamed) {
        return cells.stream()
                .map(cell -> Cell.of(in(cell.subject(), plain, renamed), cell.quantity()))
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    public Running in(Running running, Subjects plain, Subjects renamed) {
        Map<Subject, Double> seconds = new HashMap<>();
        running.seconds().forEach((subject, time) -> seconds.put(in(subject, plain, renamed), time));
        return new Running(seconds, running.tariff());
    }

    /** The same act on the renamed circuit. */
    public Act in(Act act, Subjects plain, Subjects renamed) {
        return act.match(new Act.Cases<>(
                turned -> new Act.Turned(own(turned.part()), turned.to()),
                failed -> new Act.Failed(own(failed.part()), failed.how()),
                set -> new Act.Set(set.to().called(own(set.to().label()))),
                varied -> new Act.Varied(own(varied.part()), varied.raised()),
                supplied -> supplied,
                rewiring -> in(rewiring, plain, renamed)));
    }

    private Act in(Rewiring rewiring, Subjects plain, Subjects renamed) {
        if (rewiring instanceof Rewiring.Added added)
            return new Rewiring.Added(
                    added.part().called(own(added.part().label())),
                    added.series(),
                    added.with().map(subject -> in(subject, plain, renamed)));
        return rewiring instanceof Rewiring.Connected connected
                ? new Rewiring.Connected(words(connected.network()))
                : rewiring;
    }

    /** A stem: in running text only a label with a number is one for sure, since "A battery" is no ammeter. */
    public String stem(String text) {
        return WORD.matcher(text).replaceAll(word -> {
            boolean bound = text.lastIndexOf('{', word.start()) > text.lastIndexOf('}', word.start());
            boolean label = bound || word.group().matches(".*[0-9]");
            return Matcher.quoteReplacement(label ? own(word.group()) : word.group());
        });
    }

    /** A network in which parts are named by their labels. */
    private String words(String text) {
        return WORD.matcher(text).replaceAll(word -> Matcher.quoteReplacement(own(word.group())));
    }

    private String own(String label) {
        return byLabel.getOrDefault(label, label);
    }
}
