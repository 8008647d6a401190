package didaxis.core.answer;

import didaxis.core.circuit.Subject;
import didaxis.core.quantity.Subscripts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Names that a learner gives to currents, and how these are related: "total I1; R1 I1; R2 I2; I1 = I2 + I3".
 *
 * @param names of each thing the name of its current
 * @param equations each as it is written, and the factor of each name in what is to be nothing
 */
public record CurrentNames(Map<Subject, String> names, List<Equation> equations) {
    /** @param factors +1 or −1 for each time a name stands on one side or the other */
    public record Equation(String written, Map<String, Integer> factors) {}

    private static final Pattern GIVEN = Pattern.compile("(.+?)(?:\\s*[:=]\\s*|\\s+)([\\p{L}][\\p{L}\\d]*)");
    private static final Pattern TERM = Pattern.compile("\\s*([+-]?)\\s*([\\p{L}][\\p{L}\\d]*)");
    private static final Pattern SOURCE = Pattern.compile("total|source|battery|supply|e", Pattern.CASE_INSENSITIVE);

    /** Empty where some of it cannot be read, or a thing has two names. */
    public static Optional<CurrentNames> read(String typed, List<Subject> things) {
        Map<Subject, String> names = new LinkedHashMap<>();
        List<Equation> equations = new ArrayList<>();
        for (String item : plain(typed).split("[;,\n]")) {
            if (item.isBlank()) continue;
            Matcher given = GIVEN.matcher(item.strip());
            Optional<Subject> thing = given.matches() ? thing(given.group(1), things) : Optional.<Subject>empty();
            if (thing.isPresent()) {
                String before = names.put(thing.get(), name(given.group(2)));
                if (before != null && !before.equals(name(given.group(2)))) return Optional.empty();
                continue;
            }
            Optional<List<Equation>> read = equations(item.strip());
            if (read.isEmpty()) return Optional.empty();
            equations.addAll(read.get());
        }
        return names.isEmpty() && equations.isEmpty()
                ? Optional.empty()
                : Optional.of(new CurrentNames(names, equations));
    }

    private static Optional<Subject> thing(String name, List<Subject> things) {
        if (things.contains(Subject.TOTAL) && SOURCE.matcher(name.strip()).matches()) return Optional.of(Subject.TOTAL);
        return Typed.named(name, things);
    }

    /** Digits below the line as they are typed, any sign of difference as a hyphen. */
    private static String plain(String typed) {
        StringBuilder plain = new StringBuilder();
        for (char letter : Subscripts.typed(typed).toCharArray()) {
            if (letter == '−' || letter == '–') plain.append('-');
            else if (letter != '_') plain.append(letter);
        }
        return plain.toString();
    }

    private static String name(String written) {
        return written.toUpperCase(Locale.ROOT);
    }

    /** One for each sign of equality. */
    private static Optional<List<Equation>> equations(String item) {
        String[] sides = item.split("=");
        List<Equation> equations = new ArrayList<>();
        for (int k = 0; k + 1 < sides.length; k++) {
            Map<String, Integer> factors = new LinkedHashMap<>();
            if (!add(sides[k], 1, factors) || !add(sides[k + 1], -1, factors)) return Optional.empty();
            factors.values().removeIf(factor -> factor == 0);
            String written = sides[k].strip() + " = " + sides[k + 1].strip();
            equations.add(new Equation(written.toUpperCase(Locale.ROOT), factors));
        }
        return equations.isEmpty() ? Optional.empty() : Optional.of(equations);
    }

    private static boolean add(String side, int sign, Map<String, Integer> factors) {
        Matcher term = TERM.matcher(side.strip());
        int end = 0;
        while (end < side.strip().length()) {
            if (!term.find(end)
                    || term.start() != end
                    || end > 0 && term.group(1).isEmpty()) return false;
            factors.merge(name(term.group(2)), term.group(1).equals("-") ? -sign : sign, Integer::sum);
            end = term.end();
        }
        return end > 0;
    }

    /** As one would write it. */
    public String print() {
        String given = names.entrySet().stream()
                .map(one -> Typed.name(one.getKey()) + " " + one.getValue())
                .collect(Collectors.joining("; "));
        String related = equations.stream().map(Equation::written).collect(Collectors.joining("; "));
        return given + (given.isEmpty() || related.isEmpty() ? "" : "; ") + related;
    }
}
